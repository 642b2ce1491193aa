<?php

declare(strict_types=1);

namespace Kaddle\Core\Gear;

/**
 * Which compensations a body counts together when the flash meters for itself.
 *
 * @see docs/physics.md, “Sums”
 *
 * @phpstan-all-methods-pure
 */
enum CompensationSum: string
{
    /** What is set on the unit and flash compensation on the body add up; exposure compensation moves the room only. */
    case FlashAddsUp = 'flash-adds-up';
    /** All three add up on the flash. */
    case AllAddUp = 'all-add-up';
    /** Whatever is set on the unit counts alone; the body's own only when the unit stands at 0. */
    case UnitWins = 'unit-wins';

    public function inWords(): string
    {
        return match ($this) {
            self::FlashAddsUp => 'unit and body add up',
            self::AllAddUp => 'unit, body and exposure compensation add up',
            self::UnitWins => 'the unit counts alone, the body when it stands at 0',
        };
    }

    /**
     * What the flash gets.
     *
     * @param float $unit stops set on the unit
     * @param float $body stops of flash compensation set on the body
     * @param float $exposure stops of exposure compensation set on the body
     */
    public function sum(float $unit, float $body, float $exposure): float
    {
        return match ($this) {
            self::FlashAddsUp => $unit + $body,
            self::AllAddUp => $unit + $body + $exposure,
            self::UnitWins => abs($unit) < 1e-6 ? $body : $unit,
        };
    }

    /** Stops: what to set on the unit so that the flash gets so much. */
    public function unitFor(float $wanted, float $body, float $exposure): float
    {
        return match ($this) {
            self::FlashAddsUp => $wanted - $body,
            self::AllAddUp => $wanted - $body - $exposure,
            self::UnitWins => $wanted,
        };
    }
}
