<?php

declare(strict_types=1);

namespace Kaddle\Core\Gear;

use Kaddle\Core\Colour\Gel;
use Kaddle\Core\Colour\GelKind;
use Kaddle\Core\Flash\Beam;
use Kaddle\Core\Flash\ImpossibleUnit;
use Kaddle\Core\Flash\Modifier;
use Kaddle\Core\Flash\ModifierKind;
use Kaddle\Core\Flash\Outfit;
use Kaddle\Core\Reading\Fields;

/** @internal what is on a flash in a document: how many side by side, modifier, gel */
final readonly class OutfitReader
{
    /** The fields of a flash that it reads. */
    public const FIELDS = ['units', 'modifier', 'gel'];

    private function __construct(
        private Fields $flash,
    ) {}

    /** @param Beam|null $bare the head at its bounce zoom; null when that is faulty already */
    public static function outfit(Fields $flash, ?Beam $bare): ?Outfit
    {
        $self = new self($flash);
        $units = $flash->has('units') ? $flash->number('units', 'number of units', Outfit::unitLimits()) : 1.0;
        $modifier = $flash->has('modifier') ? $self->modifier($flash->object('modifier'), $bare) : null;
        $gel = $flash->has('gel') ? $self->gel($flash->object('gel')) : null;

        return $units === null || ($modifier === null && $flash->has('modifier')) || ($gel === null && $flash->has('gel'))
            ? null
            : Outfit::of((int) round($units), $modifier, $gel);
    }

    private function modifier(Fields $fields, ?Beam $bare): ?Modifier
    {
        $fields->allowOnly('kind', 'dimming');
        $kind = $fields->oneOf('kind', 'modifier', ModifierKind::class);
        if ($kind === null || !$fields->has('dimming')) {
            return $kind === null ? null : Modifier::fromCatalogue($kind);
        }
        $dimming = $fields->number('dimming', "dimming by the {$kind->inWords()}", Modifier::dimmingLimits());
        if ($dimming === null || $bare === null) {
            return null;
        }
        try {
            return Modifier::measured($kind, $dimming, $bare);
        } catch (ImpossibleUnit $e) {
            $this->flash->fault('modifier.dimming', $e->getMessage());

            return null;
        }
    }

    private function gel(Fields $fields): ?Gel
    {
        $fields->allowOnly('kind', 'shift', 'loss');
        if ($fields->has('kind')) {
            return $fields->oneOf('kind', 'gel', GelKind::class)?->gel();
        }
        $shift = $fields->number('shift', 'shift of the gel', Gel::shiftLimits());
        $loss = $fields->number('loss', 'loss of the gel', Gel::lossLimits());

        return $shift === null || $loss === null ? null : Gel::of($shift, $loss);
    }
}
