<?php

declare(strict_types=1);

namespace Kaddle\Core\Radiosity;

use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Room\Probe;

/**
 * What a room does with light after the first reflection: radiosity over patches,
 * solved backwards from the places that matter.
 *
 * Light by n + 1 reflections at a probe is g·(ρF)ⁿ·ρ·E, with g the probe's form
 * factors to the patches, F those between patches, ρ the reflectances and E the
 * direct irradiance. The part before E belongs to room and probe alone, so it is
 * worked out once and serves every head: the importance of each patch.
 *
 * @see docs/physics.md, “Later reflections”
 */
final readonly class Interreflection
{
    /** Reflections worked out one by one; the rest go on as a geometric series, which by then they are. */
    private const ROUNDS = 3;

    /**
     * @param array{list<float>, list<float>, list<float>} $reflectances by band and patch
     * @param array{list<float>, list<float>, list<float>} $leaving the same over the patch's area, 1/m²
     */
    private function __construct(
        public Patches $patches,
        private Transfer $transfer,
        private array $reflectances,
        private array $leaving,
    ) {}

    public static function in(BoxRoom $room): self
    {
        $patches = Patches::of($room);

        return self::finished($room, $patches, Transfer::between($patches));
    }

    /** @param BoxRoom $room of the same size */
    public function refinished(BoxRoom $room): self
    {
        return self::finished($room, $this->patches, $this->transfer);
    }

    private static function finished(BoxRoom $room, Patches $patches, Transfer $transfer): self
    {
        $reflectances = $leaving = [[], [], []];
        foreach ($patches->all as $patch) {
            $share = $room->reflectance($patch->face)->share;
            foreach ([$share->r, $share->g, $share->b] as $band => $reflectance) {
                $reflectances[$band][] = $reflectance;
                $leaving[$band][] = $reflectance / $patch->area;
            }
        }

        return new self($patches, $transfer, $reflectances, $leaving);
    }

    /**
     * What a probe gets by two and more reflections for each lm·s that a patch receives directly.
     *
     * @return array{list<float>, list<float>, list<float>} lx per lm, by band and patch
     */
    public function importance(Probe $probe): array
    {
        $seen = $this->patches->seenBy($probe);
        $now = $totals = [$seen, $seen, $seen];
        $ratios = [0.0, 0.0, 0.0];
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $before = array_map(array_sum(...), $now);
            $now = $this->transfer->back([
                self::times($now[0], $this->reflectances[0]),
                self::times($now[1], $this->reflectances[1]),
                self::times($now[2], $this->reflectances[2]),
            ]);
            foreach ($now as $band => $worth) {
                $totals[$band] = $round === 0 ? $worth : self::plus($totals[$band], $worth, 1.0);
                $ratios[$band] = $before[$band] > 0.0 ? array_sum($worth) / $before[$band] : 0.0;
            }
        }
        foreach ($totals as $band => $total) {
            $tail = $ratios[$band] / (1.0 - $ratios[$band]);
            $totals[$band] = self::times(self::plus($total, $now[$band], $tail), $this->leaving[$band]);
        }

        return $totals;
    }

    /**
     * @param list<float> $values
     * @param list<float> $factors as many
     *
     * @return list<float>
     */
    private static function times(array $values, array $factors): array
    {
        $products = [];
        foreach ($values as $i => $value) {
            $products[] = $value * $factors[$i];
        }

        return $products;
    }

    /**
     * @param list<float> $values
     * @param list<float> $more as many
     *
     * @return list<float>
     */
    private static function plus(array $values, array $more, float $weight): array
    {
        $sums = [];
        foreach ($values as $i => $value) {
            $sums[] = $value + $weight * $more[$i];
        }

        return $sums;
    }
}
