<?php

declare(strict_types=1);

namespace Kaddle\Core\Exchange;

use Kaddle\Core\Glow\SunPosition;
use Kaddle\Core\Intake\Faults;
use Kaddle\Core\Intake\FaultyDocument;
use Kaddle\Core\Intake\Field;
use Kaddle\Core\Intake\Fields;
use Kaddle\Core\Intake\Json;
use Kaddle\Core\Intake\JsonSize;
use Kaddle\Core\Intake\NumberKind;
use Kaddle\Core\Intake\PatternKind;
use Kaddle\Core\Intake\Shape;

/** Reads places and times for the sun: {lat, lon, time} with time in ISO 8601 and its offset. */
final class SunReader
{
    public const MOST_BYTES = 8_388_608;

    private const MOST_VALUES = 400_000;


    private function __construct() {}

    /**
     * @return list<SunPosition> one for an object, any number for an array of them
     *
     * @throws FaultyDocument
     */
    public static function fromJson(string $json): array
    {
        $data = Json::read($json, JsonSize::of(self::MOST_BYTES, self::MOST_VALUES));
        $isList = is_array($data) && array_is_list($data);
        $faults = new Faults();
        $shape = self::shape();
        $positions = [];
        foreach ($isList ? $data : [$data] as $i => $item) {
            $place = $shape->read(Fields::of(is_array($item) ? $item : [], $isList ? (string) $i : '', $faults));
            if ($place->isSound()) {
                $positions[] = SunPosition::at(
                    $place->number('lat'),
                    $place->number('lon'),
                    new \DateTimeImmutable($place->text('time')),
                );
            }
        }
        $faults->mustBeNone();

        return $positions;
    }

    private static function shape(): Shape
    {
        return Shape::of(
            Field::needed('lat', 'latitude', NumberKind::within(SunPosition::latitudeRange())),
            Field::needed('lon', 'longitude', NumberKind::within(SunPosition::longitudeRange())),
            Field::needed('time', 'time', PatternKind::instant()),
        )->open();
    }
}
