<?php

declare(strict_types=1);

namespace Kaddle\Core\Gear;

use Kaddle\Core\Colour\Gel;
use Kaddle\Core\Colour\GelKind;
use Kaddle\Core\Flash\Beam;
use Kaddle\Core\Flash\Modifier;
use Kaddle\Core\Flash\ModifierKind;
use Kaddle\Core\Flash\Outfit;
use Kaddle\Core\Intake\ChoiceKind;
use Kaddle\Core\Intake\Field;
use Kaddle\Core\Intake\NumberKind;
use Kaddle\Core\Intake\PartKind;
use Kaddle\Core\Intake\Record;
use Kaddle\Core\Intake\Shape;
use Kaddle\Core\Quantity\Mired;
use Kaddle\Core\Quantity\Stops;

/** What is on a flash: how many side by side, modifier, gel. */
final class OutfitForm
{
    private function __construct() {}

    public static function modifier(): Shape
    {
        return Shape::of(
            Field::needed('kind', 'kind of modifier', ChoiceKind::among(ModifierKind::cases())),
            Field::optional(
                'dimming',
                'dimming on the axis',
                NumberKind::within(Modifier::dimmingRange()),
                'Stops that a flash meter reads less with it, the head at its bounce zoom. Leave it out to take the usual figure.',
            ),
        );
    }

    public static function gel(): Shape
    {
        return Shape::of(
            Field::needed(
                'shift',
                'shift of the gel',
                NumberKind::within(Gel::shiftRange()),
                'Above 0 warms: full orange is about 159.',
            ),
            Field::needed('loss', 'loss of the gel', NumberKind::within(Gel::lossRange())),
        );
    }

    public static function units(): Field
    {
        return Field::optional(
            'units',
            'number of units',
            NumberKind::whole(Outfit::unitRange()),
            'Alike, side by side, fired together.',
            1,
        );
    }

    /** Left out where all of them carry it. */
    public static function gelled(): Field
    {
        return Field::optional(
            'gelled',
            'units with the gel',
            NumberKind::whole(Outfit::gelledRange((int) Outfit::unitRange()->max)),
            'The others carry the other gel, or none. Leave it out where all carry the same.',
        );
    }

    /** @return list<Field> of a flash in a document */
    public static function fields(): array
    {
        $gel = Shape::of(
            Field::optional('kind', 'kind of gel', ChoiceKind::among(GelKind::cases())),
            ...array_map(static fn(Field $figure): Field => $figure->orNone(), self::gel()->fields),
        )->inOneWay([['shift', 'loss'], ['kind']], 'Tell a gel either by its kind or by its shift and loss.');

        return [
            self::units(),
            Field::optional('modifier', 'modifier', PartKind::one(self::modifier())),
            Field::optional('gel', 'gel', PartKind::one($gel), 'By its kind, or by its shift and loss.'),
            self::gelled(),
            Field::optional('otherGel', 'gel of the other units', PartKind::one($gel), 'Of those that do not carry the first.'),
        ];
    }

    /**
     * @param Beam|null $bare the head at its bounce zoom; null when that is faulty already
     *
     * @return Outfit|null null after what forbids it was noted
     */
    public static function outfit(Record $flash, ?Beam $bare): ?Outfit
    {
        if (!$flash->isSound('units', 'modifier', 'gel', 'gelled', 'otherGel')) {
            return null;
        }
        $modifier = $flash->has('modifier') ? self::fitted($flash, $flash->record('modifier'), $bare) : null;
        if ($modifier === null && $flash->has('modifier')) {
            return null;
        }

        $gelled = $flash->has('gelled') ? $flash->whole('gelled') : $flash->whole('units');
        if ($gelled > $flash->whole('units')) {
            $flash->fault('gelled', 'No more units can carry the gel than there are.');

            return null;
        }
        if ($flash->has('otherGel') && $gelled === $flash->whole('units')) {
            $flash->fault('otherGel', 'All units carry the gel already: tell on how many it is.');

            return null;
        }

        return Outfit::of(
            $flash->whole('units'),
            $modifier,
            $flash->has('gel') ? self::before($flash->record('gel')) : null,
            $gelled,
            $flash->has('otherGel') ? self::before($flash->record('otherGel')) : null,
        );
    }

    private static function fitted(Record $flash, Record $modifier, ?Beam $bare): ?Modifier
    {
        $kind = $modifier->choice('kind', ModifierKind::class);
        if (!$modifier->has('dimming')) {
            return Modifier::fromCatalogue($kind);
        }

        return $bare === null
            ? null
            : $flash->attempt(
                'modifier.dimming',
                static fn(): Modifier => Modifier::measured($kind, $modifier->number('dimming'), $bare),
            );
    }

    private static function before(Record $gel): Gel
    {
        return $gel->has('kind')
            ? $gel->choice('kind', GelKind::class)->gel()
            : Gel::of(Mired::of($gel->number('shift')), Stops::of($gel->number('loss')));
    }
}
