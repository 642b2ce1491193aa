<?php

declare(strict_types=1);

namespace Kaddle\Core\Advice;

use Kaddle\Core\Exposure\DepthOfField;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Quantity\ExactStops;
use Kaddle\Core\Quantity\Length;

/**
 * One way to win a stop of light.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Gain
{
    private function __construct(
        public GainKind $kind,
        /** What it costs, judged: noise, depth, shake, batteries, flat light, a walk. */
        public float $cost,
        /** Where the control then stands; null where no control is turned. */
        public ?ExactStops $setting = null,
        /** What is then sharp; of an aperture only. */
        public ?DepthOfField $sharp = null,
        /** Where the head then points; of another aim only. */
        public ?HeadAim $aim = null,
        /** From where; of a walk only. */
        public ?Length $distance = null,
    ) {}

    /**
     * @param float $cost as it is judged, without a unit
     *
     * @internal made by OneMoreStop only
     */
    public static function bySetting(
        GainKind $kind,
        float $cost,
        ExactStops $setting,
        ?DepthOfField $sharp = null,
    ): self {
        return new self($kind, $cost, $setting, $sharp);
    }

    /** @internal made by OneMoreStop only */
    public static function byAim(float $cost, HeadAim $aim): self
    {
        return new self(GainKind::Aim, $cost, aim: $aim);
    }

    /** @internal made by OneMoreStop only */
    public static function byStandingAt(float $cost, Length $distance): self
    {
        return new self(GainKind::Nearer, $cost, distance: $distance);
    }
}
