<?php

declare(strict_types=1);

namespace Kaddle\Core\Motion;

use Kaddle\Core\Quantity\Range;

/**
 * A pop on the beat of the music, as often as the unit is ready.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Beats
{
    private function __construct(
        /** s from beat to beat. */
        public float $period,
        /** Every so many beats there is light; 1 for all. */
        public int $every,
    ) {}

    /**
     * @param float $perMinute beats, 30 to 240
     * @param float $recycle s until the unit is ready again
     */
    public static function perMinute(float $perMinute, float $recycle): self
    {
        $period = 60.0 / self::range()->checked('beats a minute', $perMinute);

        return new self($period, max(1, (int) ceil($recycle / $period - 1e-9)));
    }

    public static function range(): Range
    {
        return Range::between(30.0, 240.0, 'beats a minute', 1.0);
    }

    /**
     * Beats of the first few that stay dark, counted from 1.
     *
     * @return list<int>
     */
    public function lost(int $of = 8): array
    {
        return array_values(array_filter(range(1, $of), fn(int $beat): bool => ($beat - 1) % $this->every !== 0));
    }
}
