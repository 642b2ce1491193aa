<?php

declare(strict_types=1);

namespace Kaddle\Core\Glow;

use Kaddle\Core\Quantity\Stops;

/**
 * How a room lights people at a spot against what is behind them there, from readings of both.
 *
 * Each reading is held against the curve of the room at its own hour, so that two that were not taken at the same time
 * can be compared; what was read behind people at the spot takes the place of the curve.
 *
 * @see docs/physics.md, “Face and background”
 */
final readonly class SpotGlow
{
    /** Doubt of the curve where nobody read what is behind, stops: rooms change from spot to spot. */
    private const ELSEWHERE = 0.5;

    private function __construct(
        public string $spot,
        /** Above 0 people are lit better than what is behind them. */
        public Stops $over,
        /** Stops either way. */
        public float $doubt,
        /** How many readings it is made of, 1 or more. */
        public int $readings,
    ) {}

    /**
     * @param list<LightReading> $readings of the room, all of them
     *
     * @return list<self> one for each spot where light on people was read, in the order in which they were first named
     */
    public static function all(RoomGlow $curve, array $readings): array
    {
        $found = [];
        foreach (array_unique(array_column($readings, 'spot')) as $spot) {
            $there = array_filter($readings, static fn(LightReading $r): bool => $r->spot === $spot);
            [$onPeople, $doubt, $count] = self::over($curve, $there, ReadingOf::People);
            if ($count > 0) {
                [$behind, $doubtBehind, $countBehind] = self::over($curve, $there, ReadingOf::Behind);
                $found[] = new self(
                    $spot,
                    Stops::of($onPeople - $behind),
                    hypot($doubt, $countBehind > 0 ? $doubtBehind : self::ELSEWHERE),
                    $count + $countBehind,
                );
            }
        }

        return $found;
    }

    /**
     * @param array<int, LightReading> $readings
     *
     * @return array{float, float, int} weighted mean of stops over the curve, its doubt, and of how many; 0 without any
     */
    private static function over(RoomGlow $curve, array $readings, ReadingOf $of): array
    {
        [$sum, $weights, $count] = [0.0, 0.0, 0];
        foreach ($readings as $reading) {
            if ($reading->of === $of) {
                $weight = $reading->kind->doubt() ** -2;
                $sum += $weight * ($reading->glow->ev - $curve->at($reading->at)->glow->ev);
                $weights += $weight;
                ++$count;
            }
        }

        return $count === 0 ? [0.0, 0.0, 0] : [$sum / $weights, $weights ** -0.5, $count];
    }
}
