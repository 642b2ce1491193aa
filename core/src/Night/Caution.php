<?php

declare(strict_types=1);

namespace Kaddle\Core\Night;

use Kaddle\Core\People\Movement;
use Kaddle\Core\People\Presence;
use Kaddle\Core\Power\EnergyStep;

/**
 * The usual caution, where it applies. Local codes, house rules and licensed practice decide.
 *
 * @phpstan-all-methods-pure
 */
enum Caution: string
{
    case Eyes = 'eyes';
    case Epilepsy = 'epilepsy';
    case Flames = 'flames';
    case Animals = 'animals';
    case Floor = 'floor';
    case Walking = 'walking';
    case Hot = 'hot';
    case Near = 'near';

    /** Pops a minute from which a room full of people counts as a row of flashes. */
    private const ROW = 20.0;

    /** m under which a pop at a face is unpleasant at any output. */
    private const CLOSE = 1.0;

    /**
     * @param list<Presence> $presence
     * @param float $distance m
     * @param EnergyStep|null $energy null where no flash is planned
     *
     * @return list<self>
     */
    public static function allFor(array $presence, Movement $movement, float $distance, float $framesPerMinute, ?EnergyStep $energy): array
    {
        return array_values(array_filter([
            in_array(Presence::Baby, $presence, true) ? self::Eyes : null,
            $distance < self::CLOSE ? self::Near : null,
            $framesPerMinute >= self::ROW ? self::Epilepsy : null,
            in_array(Presence::Flames, $presence, true) ? self::Flames : null,
            in_array(Presence::Animals, $presence, true) ? self::Animals : null,
            in_array(Presence::Floor, $presence, true) || $movement === Movement::Dance ? self::Floor : null,
            $movement === Movement::Walk ? self::Walking : null,
            $energy !== null && $energy->overheats() ? self::Hot : null,
        ], static fn(?self $c): bool => $c !== null));
    }

    public function sentence(): string
    {
        return match ($this) {
            self::Eyes => 'A baby is there: never fire near its eyes; bounce, or leave the flash off.',
            self::Near => 'Under a metre: turn the head away from the eyes.',
            self::Epilepsy => 'Many pops in a row: ask the host whether anybody is photosensitive.',
            self::Flames => 'Open flames: keep head, gel and cloth away from them, and heed the house.',
            self::Animals => 'Animals: ask before you fire at all.',
            self::Floor => 'A moving floor: no stand and no cable where people dance, exits stay free, no step back without a look.',
            self::Walking => 'You may walk backwards: have somebody look out for you.',
            self::Hot => 'The head gets hot at this rate: rest it, or give it a stop of ISO.',
        };
    }
}
