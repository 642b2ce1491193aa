<?php

declare(strict_types=1);

namespace Kaddle\Core\Exchange;

use Kaddle\Core\Glow\SunPosition;
use Kaddle\Core\Reading\Faults;
use Kaddle\Core\Reading\FaultyDocument;
use Kaddle\Core\Reading\Fields;
use Kaddle\Core\Reading\Json;
use Kaddle\Core\Reading\JsonSize;

/** Reads places and times for the sun: {lat, lon, time} with time in ISO 8601 and its offset. */
final class SunReader
{
    public const MOST_BYTES = 8_388_608;

    private const MOST_VALUES = 400_000;

    private const TIME = '/^\d{4}-\d\d-\d\d[T ]\d\d:\d\d(:\d\d(\.\d{1,6})?)?(Z|[+-]\d\d:?\d\d)$/D';

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
        $positions = [];
        foreach ($isList ? $data : [$data] as $i => $item) {
            $fields = Fields::of(is_array($item) ? $item : [], $isList ? (string) $i : '', $faults);
            $latitude = $fields->number('lat', 'latitude', SunPosition::latitudeLimits());
            $longitude = $fields->number('lon', 'longitude', SunPosition::longitudeLimits());
            $time = self::time($fields);
            if ($latitude !== null && $longitude !== null && $time !== null) {
                $positions[] = SunPosition::at($latitude, $longitude, $time);
            }
        }
        $faults->mustBeNone();

        return $positions;
    }

    private static function time(Fields $fields): ?\DateTimeImmutable
    {
        $text = $fields->raw('time');
        try {
            if (is_string($text) && preg_match(self::TIME, $text) === 1) {
                return new \DateTimeImmutable($text);
            }
        } catch (\Exception) {
            // told below
        }
        $fields->fault('time', 'The time must be in ISO 8601 with its offset, like 2027-09-18T17:20:00Z.');

        return null;
    }
}
