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
 * direct irradiance. The sum of the part before E belongs to room and probe alone, so it is
 * worked out once and serves every head: the importance of each patch.
 *
 * @see docs/physics.md, “Later reflections”
 */
final readonly class Interreflection
{
    /** Steps of the solution at the most: rooms as bright as they come are then within a few hundredths of a stop. */
    private const MOST_STEPS = 10;

    /** Steps of the solution forwards. */
    private const FORWARD_STEPS = 10;

    /** What may be missing in a step for it to be the last, against all. */
    private const CLOSE = 0.005;

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
        $sums = array_map(ConjugateResiduals::for(...), $this->reflected([$seen, $seen, $seen]));
        $enough = array_map(static fn(ConjugateResiduals $s): float => self::CLOSE ** 2 * $s->missing, $sums);
        for ($step = 0; $step < self::MOST_STEPS; ++$step) {
            $open = array_filter(array_keys($sums), static fn(int $band): bool => $sums[$band]->missing > $enough[$band]);
            if ($open === []) {
                break;
            }
            $once = $this->reflected([$sums[0]->residual, $sums[1]->residual, $sums[2]->residual]);
            foreach ($open as $band) {
                $sums[$band] = $sums[$band]->improved($once[$band]);
            }
        }

        return [
            self::times($sums[0]->sum, $this->leaving[0]),
            self::times($sums[1]->sum, $this->leaving[1]),
            self::times($sums[2]->sum, $this->leaving[2]),
        ];
    }

    /**
     * The same forwards: what leaves each patch by two and more reflections, for light that patches receive directly.
     *
     * A step is ρF; what is missing after the last goes on by the ratio of the last two.
     *
     * @param array{list<float>, list<float>, list<float>} $received lm·s by band and patch
     *
     * @return array{list<float>, list<float>, list<float>} lm·s/m² by band and patch
     */
    public function leavingAfter(array $received): array
    {
        $wave = array_map(static fn(array $r, array $l): array => self::times($r, $l), $received, $this->leaving);
        $none = array_fill(0, count($this->patches->all), 0.0);
        $sum = [$none, $none, $none];
        for ($step = 1; $step <= self::FORWARD_STEPS; ++$step) {
            foreach ($this->transfer->forth([$wave[0], $wave[1], $wave[2]]) as $band => $light) {
                $before = array_sum($wave[$band]);
                $wave[$band] = self::times($light, $this->reflectances[$band]);
                $ratio = $before > 0.0 ? min(0.98, array_sum($wave[$band]) / $before) : 0.0;
                $weight = $step === self::FORWARD_STEPS ? 1.0 / (1.0 - $ratio) : 1.0;
                foreach ($wave[$band] as $patch => $more) {
                    $sum[$band][$patch] += $weight * $more;
                }
            }
        }

        // About a pool that is smaller than a patch the curve through its means takes from the next ones what they never had.
        return array_map(static fn(array $band): array => array_map(static fn(float $light): float => max(0.0, $light), array_values($band)), $sum);
    }

    /**
     * One reflection more: what light is worth before it, from what it is worth after.
     *
     * @param array{list<float>, list<float>, list<float>} $worth by band and patch
     *
     * @return array{list<float>, list<float>, list<float>}
     */
    private function reflected(array $worth): array
    {
        return $this->transfer->back([
            self::times($worth[0], $this->reflectances[0]),
            self::times($worth[1], $this->reflectances[1]),
            self::times($worth[2], $this->reflectances[2]),
        ]);
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
}
