<?php

declare(strict_types=1);

namespace Kaddle\Core\Form;

use Kaddle\Core\Colour\Gel;
use Kaddle\Core\Flash\Beam;
use Kaddle\Core\Flash\Head;
use Kaddle\Core\Gear\OutfitForm;
use Kaddle\Core\Intake\Faults;
use Kaddle\Core\Intake\FaultyDocument;
use Kaddle\Core\Intake\Fields;
use Kaddle\Core\Intake\Json;
use Kaddle\Core\Intake\JsonSize;
use Kaddle\Core\Intake\Record;
use Kaddle\Core\Quantity\Kelvin;
use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Room\Direction;
use Kaddle\Core\Room\Probe;
use Kaddle\Core\Room\Vector;

/** Reads bare rooms with lights (schema/bounce.schema.json), for checking the engine. */
final class BounceReader
{
    /** A room takes two kilobytes; a file of some thousand is still a file for checking. */
    public const MOST_BYTES = 8_388_608;
    private const MOST_VALUES = 400_000;

    private function __construct() {}

    /**
     * @return list<BounceCase> one for an object, any number for an array of them
     *
     * @throws FaultyDocument
     */
    public static function fromJson(string $json): array
    {
        $data = Json::read($json, JsonSize::of(self::MOST_BYTES, self::MOST_VALUES));
        $faults = new Faults();
        $isList = is_array($data) && array_is_list($data);
        $shape = BounceForm::shape();
        $cases = [];
        foreach ($isList ? $data : [$data] as $i => $item) {
            $case = $shape->read(Fields::of(is_array($item) ? $item : [], $isList ? (string) $i : '', $faults));
            $cases[] = $case->isSound() ? self::case($case, (string) $i) : null;
        }
        $faults->mustBeNone();

        return array_values(array_filter($cases));
    }

    /** @return BounceCase|null null after what forbids it was noted */
    private static function case(Record $case, string $number): ?BounceCase
    {
        $room = BounceForm::boxRoom($case->record('room'));
        $face = self::probe($case, $room, 'face');
        $background = self::probe($case, $room, 'background');
        $heads = [];
        foreach ($case->isList('flash') ? $case->records('flash') : [$case->record('flash')] as $i => $flash) {
            $heads[] = self::head($flash, $face);
            self::mustLieIn(
                $room,
                $case,
                $case->isList('flash') ? "flash.$i.position" : 'flash.position',
                $flash->triple('position'),
            );
        }
        $complete = array_values(array_filter($heads));

        return $complete === [] || count($complete) < count($heads)
            ? null
            : BounceCase::of($case->has('id') ? $case->text('id') : $number, $room, $complete, $face, $background);
    }

    private static function probe(Record $case, BoxRoom $room, string $name): Probe
    {
        $probe = $case->record('probes')->record($name);
        self::mustLieIn($room, $case, "probes.$name.point", $probe->triple('point'));

        return Probe::at(
            Vector::of(...$probe->triple('point')),
            Direction::along(Vector::of(...$probe->triple('normal'))),
        );
    }

    /** @param array{float, float, float} $point m */
    private static function mustLieIn(BoxRoom $room, Record $case, string $field, array $point): void
    {
        if (!$room->contains(Vector::of(...$point))) {
            $case->fault($field, 'The point lies outside the room.');
        }
    }

    /** @param Probe $face where a card sends its light: level towards it */
    private static function head(Record $flash, Probe $face): ?Head
    {
        $position = Vector::of(...$flash->triple('position'));
        $beam = $flash->has('coverageDeg')
            ? Beam::printed($flash->number('guideNumber'), $flash->number('coverageDeg'))
            : Beam::fromGuideNumber($flash->number('guideNumber'), $flash->number('halfAngleDeg'));
        $outfit = OutfitForm::outfit($flash, $beam);

        return $outfit === null
            ? null
            : Head::dressed(
                $position,
                Direction::along(Vector::of(...$flash->triple('direction'))),
                $beam,
                $outfit,
                self::forward($position, $face),
                Kelvin::of(Gel::USUAL_HEAD),
            );
    }

    /** Level from a head to the face; against the face's normal where it hangs right over it. */
    private static function forward(Vector $position, Probe $face): Direction
    {
        $way = $face->point->minus($position);
        $level = Vector::of($way->x, $way->y, 0.0);

        return $level->length() < 1e-3 ? $face->normal->opposite() : Direction::along($level);
    }
}
