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
    public const CLOSE = 1.0;

    /**
     * @param list<Presence> $presence
     * @param float $distance m
     * @param EnergyStep|null $energy null where no flash is planned
     *
     * @return list<self>
     */
    public static function allFor(
        array $presence,
        Movement $movement,
        float $distance,
        float $framesPerMinute,
        ?EnergyStep $energy,
    ): array {
        return array_values(array_filter([
            in_array(Presence::Baby, $presence, true) ? self::Eyes : null,
            $distance < self::CLOSE ? self::Near : null,
            $framesPerMinute >= self::ROW ? self::Epilepsy : null,
            in_array(Presence::Flames, $presence, true) ? self::Flames : null,
            in_array(Presence::Animals, $presence, true) ? self::Animals : null,
            in_array(Presence::Floor, $presence, true) || $movement->isDance() ? self::Floor : null,
            $movement->isWalk() ? self::Walking : null,
            $energy !== null && $energy->overheats() ? self::Hot : null,
        ], static fn(?self $c): bool => $c !== null));
    }
}
