<?php

declare(strict_types=1);

namespace Kaddle\Core\Room;

use Kaddle\Core\Quantity\Rgb;

/**
 * What a room does with light after the first reflection: radiosity over patches,
 * solved backwards from the places that matter.
 *
 * Light by n + 1 reflections at a probe is g·(ρF)ⁿ·ρ·E, with g the probe's form
 * factors to the patches, F those between patches, ρ the reflectances and E the
 * direct irradiance. The part before E belongs to room and probe alone, so it is
 * worked out once and serves every head: the importance of each patch.
 */
final readonly class Interreflection
{
    /** Reflections worked out one by one; the rest go on as a geometric series, which by then they are. */
    private const ROUNDS = 3;

    /**
     * @param list<float> $areas m²
     * @param array{list<float>, list<float>, list<float>} $reflectances by band
     */
    private function __construct(
        public Patches $patches,
        private Transfer $transfer,
        private array $areas,
        private array $reflectances,
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
        $shares = array_map(static fn(Patch $p): Rgb => $room->reflectance($p->face)->share, $patches->all);

        return new self(
            $patches,
            $transfer,
            array_map(static fn(Patch $p): float => $p->area, $patches->all),
            [
                array_map(static fn(Rgb $share): float => $share->r, $shares),
                array_map(static fn(Rgb $share): float => $share->g, $shares),
                array_map(static fn(Rgb $share): float => $share->b, $shares),
            ],
        );
    }

    /**
     * What a probe gets by two and more reflections for each lm·s that a patch receives directly.
     *
     * @return array{list<float>, list<float>, list<float>} lx per lm, by band and patch
     */
    public function importance(Probe $probe): array
    {
        $seen = array_map($probe->formFactorTo(...), $this->patches->all);

        return [
            $this->band($seen, $this->reflectances[0]),
            $this->band($seen, $this->reflectances[1]),
            $this->band($seen, $this->reflectances[2]),
        ];
    }

    /**
     * @param list<float> $seen
     * @param list<float> $reflectances
     *
     * @return list<float>
     */
    private function band(array $seen, array $reflectances): array
    {
        $now = $seen;
        $total = array_fill(0, count($seen), 0.0);
        $weight = array_sum($now);
        $ratio = 0.0;
        for ($round = 0; $round < self::ROUNDS && $weight > 0.0; ++$round) {
            foreach ($reflectances as $i => $rho) {
                $now[$i] *= $rho;
            }
            $now = $this->transfer->back(array_values($now));
            foreach ($now as $i => $worth) {
                $total[$i] += $worth;
            }
            $before = $weight;
            $weight = array_sum($now);
            $ratio = $weight / $before;
        }
        $tail = $ratio / (1.0 - $ratio);
        foreach ($reflectances as $i => $rho) {
            $total[$i] = ($total[$i] + $tail * $now[$i]) * $rho / $this->areas[$i];
        }

        return array_values($total);
    }
}
