<?php

declare(strict_types=1);

namespace Kaddle\Core\Form;

use Kaddle\Core\Intake\ChoiceKind;
use Kaddle\Core\Intake\Field;
use Kaddle\Core\Intake\NumberKind;
use Kaddle\Core\Intake\PartKind;
use Kaddle\Core\Intake\Record;
use Kaddle\Core\Intake\Shape;
use Kaddle\Core\Intake\TextKind;
use Kaddle\Core\Quantity\Sentence;
use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Room\Finish;
use Kaddle\Core\Room\PitchedRoof;
use Kaddle\Core\Room\Reflectance;
use Kaddle\Core\Room\RidgeWay;

/** A room: its box in a moment document, with what lights it in the place book. */
final class RoomForm
{
    private function __construct() {}

    /** Size, roof and finishes. */
    public static function box(): Shape
    {
        $finishes = array_map(
            static fn(Face $face): Field => Field::needed(
                $face->value,
                "finish of the {$face->inWords()}",
                ChoiceKind::among(Finish::cases()),
            ),
            Face::cases(),
        );

        return Shape::of(
            Field::needed('length', 'room length', NumberKind::within(BoxRoom::sideRange()), 'Along your usual view.'),
            Field::needed('width', 'room width', NumberKind::within(BoxRoom::sideRange())),
            Field::needed('height', 'ceiling height', NumberKind::within(BoxRoom::heightRange())),
            Field::optional('roof', 'pitched roof', PartKind::one(self::roof())),
            Field::needed('finishes', 'finishes', PartKind::one(Shape::of(...$finishes)->called('FinishesDraft'))),
        )->checked(static function (Record $room): void {
            if ($room->has('roof') && $room->isSound('height', 'roof')) {
                self::mustRise($room->record('roof')->number('ridge'), $room->number('height'), $room);
            }
        })->called('RoomDraft');
    }

    public static function roof(): Shape
    {
        return Shape::of(
            Field::needed(
                'ridge',
                'height of the ridge',
                NumberKind::within(PitchedRoof::ridgeRange(BoxRoom::heightRange()->min)),
                'The ceiling height is that of the eaves.',
            ),
            Field::needed('runs', 'way the ridge runs', ChoiceKind::among(RidgeWay::cases())),
        )->called('RoofDraft');
    }

    /** A room of the place book. */
    public static function whole(): Shape
    {
        return self::box()
            ->led(Field::needed('name', 'name', TextKind::line(80)))
            ->with(...GlowForm::fields());
    }

    /** @param Record $room sound */
    public static function boxRoom(Record $room): BoxRoom
    {
        $reflectances = array_map(
            static fn(Finish $finish): Reflectance => $finish->reflectance(),
            self::finishes($room),
        );

        return BoxRoom::fromMetres(
            $room->number('length'),
            $room->number('width'),
            $room->number('height'),
            static fn(Face $face): Reflectance => $reflectances[$face->value],
            $room->has('roof') ? self::pitchedRoof($room->record('roof'), $room->number('height')) : null,
        );
    }

    /**
     * @param Record $roof sound
     * @param float $eaves m
     */
    public static function pitchedRoof(Record $roof, float $eaves): PitchedRoof
    {
        return PitchedRoof::over($eaves, $roof->number('ridge'), $roof->choice('runs', RidgeWay::class));
    }

    /**
     * @param Record $room sound
     *
     * @return array<string, Finish> by face
     */
    public static function finishes(Record $room): array
    {
        $finishes = [];
        foreach (Face::cases() as $face) {
            $finishes[$face->value] = $room->record('finishes')->choice($face->value, Finish::class);
        }

        return $finishes;
    }

    /** Whether there is nothing overhead. */
    public static function isOpenAbove(Record $room): bool
    {
        return $room->record('finishes')->choice(Face::Ceiling->value, Finish::class) === Finish::Open;
    }

    /**
     * Under a pitched roof the ridge lies over the eaves.
     *
     * @internal
     *
     * @param float $ridge m
     * @param float $eaves m
     */
    public static function mustRise(float $ridge, float $eaves, Record $room): void
    {
        $range = PitchedRoof::ridgeRange($eaves);
        if (!$range->contains($ridge)) {
            $room->fault('roof.ridge', Sentence::of('The ridge must be higher than the eaves: %s.', $range));
        }
    }
}
