<?php

declare(strict_types=1);

namespace Kaddle\Core\Motion;

/**
 * What a lamp's light does in time: usual figures of a class of lamps.
 *
 * @phpstan-all-methods-pure
 */
enum LampBeat: string
{
    /** Driven by direct current, or a flame. */
    case Even = 'even';
    /** A filament on the mains: it cools a little between beats. */
    case Filament = 'filament';
    /** On the mains with little behind it: simple LED, discharge. */
    case Mains = 'mains';
    /** Dimmed by pulses, as show lights are. */
    case Pulsed = 'pulsed';

    /** Hz at which show lights are dimmed, and the share of time that they then shine. */
    public const PULSES = 1000.0;
    public const DUTY = 0.5;

    public function inWords(): string
    {
        return match ($this) {
            self::Even => 'even light',
            self::Filament => 'filament on the mains',
            self::Mains => 'beats with the mains',
            self::Pulsed => 'dimmed by pulses',
        };
    }

    /** Half of the way from dark to bright, against the mean. */
    public function depth(): float
    {
        return match ($this) {
            self::Even => 0.0,
            self::Filament => 0.1,
            self::Mains => 0.5,
            self::Pulsed => 2.0 * sin(M_PI * self::DUTY) / (M_PI * self::DUTY),
        };
    }

    /**
     * In Hz.
     *
     * @param int $mains Hz
     */
    public function frequency(int $mains): float
    {
        return $this === self::Pulsed ? self::PULSES : 2.0 * $mains;
    }
}
