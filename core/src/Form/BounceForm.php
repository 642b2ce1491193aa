<?php

declare(strict_types=1);

namespace Kaddle\Core\Form;

use Kaddle\Core\Flash\Beam;
use Kaddle\Core\Gear\OutfitForm;
use Kaddle\Core\Gear\UnitForm;
use Kaddle\Core\Intake\Field;
use Kaddle\Core\Intake\NumberKind;
use Kaddle\Core\Intake\OneOrManyKind;
use Kaddle\Core\Intake\PartKind;
use Kaddle\Core\Intake\Record;
use Kaddle\Core\Intake\Shape;
use Kaddle\Core\Intake\TextKind;
use Kaddle\Core\Intake\TripleKind;
use Kaddle\Core\Quantity\Range;
use Kaddle\Core\Quantity\Sentence;
use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Room\Reflectance;
use Kaddle\Core\Room\Vector;

/** A bare room with lights: coordinates and reflectances instead of people and finishes. x runs from x0 to x1, y from y0 to y1, z up. */
final class BounceForm
{
    private const MOST_FLASHES = 8;
    private const NAMES = [
        'ceiling' => 'ceiling',
        'floor' => 'floor',
        'back' => 'x0',
        'far' => 'x1',
        'right' => 'y0',
        'left' => 'y1',
    ];

    private function __construct() {}

    public static function shape(): Shape
    {
        $room = Shape::of(
            Field::needed(
                'size',
                'room size',
                TripleKind::within(BoxRoom::sideRange()),
                'm along x, y and z; z at most 40, to the eaves of a pitched roof.',
            ),
            Field::optional(
                'roof',
                'pitched roof',
                PartKind::one(RoomForm::roof()),
                'Two equal slopes over the middle; leave it out for a flat ceiling.',
            ),
            Field::needed(
                'reflectance',
                'reflectances',
                PartKind::one(Shape::of(...array_map(self::reflectance(...), Face::cases()))->open()),
            ),
        )->checked(self::mustStand(...))->open();
        $probes = Shape::of(
            Field::needed('face', 'face', PartKind::one(self::probe()), 'Its normal lies level, towards the camera.'),
            Field::needed('background', 'background', PartKind::one(self::probe())),
        )->open();

        return Shape::of(
            Field::optional('id', 'name', TextKind::line(200), 'Comes back with the answer.'),
            Field::needed('room', 'room', PartKind::one($room)),
            Field::needed('flash', 'flashes', OneOrManyKind::of(self::flash(), 'flash', self::MOST_FLASHES)),
            Field::needed('probes', 'probes', PartKind::one($probes)),
        )->open();
    }

    /** @param Record $room sound */
    public static function boxRoom(Record $room): BoxRoom
    {
        [$length, $width, $height] = $room->triple('size');
        $shares = $room->record('reflectance');
        $reflectances = [];
        foreach (Face::cases() as $face) {
            $reflectances[$face->value] = Reflectance::of(...$shares->triple(self::NAMES[$face->value]));
        }

        return BoxRoom::fromMetres(
            $length,
            $width,
            $height,
            static fn(Face $face): Reflectance => $reflectances[$face->value],
            $room->has('roof') ? RoomForm::pitchedRoof($room->record('roof'), $height) : null,
        );
    }

    private static function reflectance(Face $face): Field
    {
        return Field::needed(
            self::NAMES[$face->value],
            "reflectance of the {$face->inWords()}",
            TripleKind::within(Reflectance::range()),
            'Linear red, green, blue.',
        );
    }

    private static function flash(): Shape
    {
        return Shape::of(
            Field::needed('position', 'position of the head', TripleKind::within(self::coordinates()), 'm.'),
            self::direction('direction'),
            UnitForm::guideNumber(),
            UnitForm::coverage('coverageDeg')->orNone(),
            Field::optional(
                'halfAngleDeg',
                'half-angle',
                NumberKind::within(Beam::halfAngleRange()),
                'Of a round lobe without an edge, cosⁿ: where half is left.',
            ),
            ...OutfitForm::fields(),
        )->inOneWay(
            [['coverageDeg'], ['halfAngleDeg']],
            'Give the beam either by its coverage or as a round lobe by its half-angle.',
        )->checked(self::mustPoint('direction'))->open();
    }

    private static function probe(): Shape
    {
        return Shape::of(
            Field::needed('point', 'point', TripleKind::within(self::coordinates()), 'm.'),
            self::direction('normal'),
        )->checked(self::mustPoint('normal'))->open();
    }

    private static function direction(string $name): Field
    {
        return Field::needed(
            $name,
            $name,
            TripleKind::within(Range::between(-1e6, 1e6, '', 1.0)),
            'Of any length but 0.',
        );
    }

    /** @return \Closure(Record): void */
    private static function mustPoint(string $name): \Closure
    {
        return static function (Record $record) use ($name): void {
            if ($record->isSound($name) && Vector::of(...$record->triple($name))->length() < 1e-6) {
                $record->fault($name, "The $name must have a length; 0, 0, 0 points nowhere.");
            }
        };
    }

    private static function mustStand(Record $room): void
    {
        if (!$room->isSound('size')) {
            return;
        }
        $height = $room->triple('size')[2];
        if (!BoxRoom::heightRange()->contains($height)) {
            $room->fault('size', Sentence::of('The ceiling height must be %s.', BoxRoom::heightRange()));
        } elseif ($room->has('roof') && $room->isSound('roof')) {
            RoomForm::mustRise($room->record('roof')->number('ridge'), $height, $room);
        }
    }

    private static function coordinates(): Range
    {
        return Range::between(0.0, 200.0, 'm', 0.1);
    }
}
