<?php

declare(strict_types=1);

namespace Kaddle\Core\Radiosity;

use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Room\Probe;

/**
 * What a room does with light after the first reflection: radiosity over patches.
 *
 * Light E that patches get directly leaves them after n + 1 reflections as (ρF)ⁿ·ρ·E; that sum is worked out forwards
 * where light is asked for all over a room. At one place it is g·(ρF)ⁿ·ρ·E, with g what that place sees of the patches;
 * as F is the same both ways, the sum before E is the same sum for g, belongs to room and place alone, and serves
 * every head: the importance of each patch.
 *
 * @see docs/physics.md, “Later reflections”
 */
final readonly class Interreflection
{
    /** Steps of the solution at the most: rooms as bright as they come are then within a few hundredths of a stop. */
    private const MOST_STEPS = 10;

    /** What may be missing in a step for it to be the last, against all. */
    private const CLOSE = 0.005;

    /**
     * @param list<float> $perRoot one over the root of a patch's area, 1/m
     * @param array{Reflection, Reflection, Reflection} $reflections by band
     */
    private function __construct(
        public Patches $patches,
        private Transfer $transfer,
        private array $perRoot,
        private array $reflections,
    ) {}

    public static function in(BoxRoom $room): self
    {
        $patches = Patches::of($room);

        return new self(
            $patches,
            Transfer::between($patches),
            array_map(static fn(Patch $patch): float => 1.0 / sqrt($patch->area), $patches->all),
            self::reflections($room, $patches),
        );
    }

    /** @param BoxRoom $room of the same size */
    public function refinished(BoxRoom $room): self
    {
        return new self($this->patches, $this->transfer, $this->perRoot, self::reflections($room, $this->patches));
    }

    /**
     * What a probe gets by two and more reflections for each lm·s that a patch receives directly.
     *
     * @return array{list<float>, list<float>, list<float>} lx per lm, by band and patch
     */
    public function importance(Probe $probe): array
    {
        $seen = $this->combined($this->patches->seenBy($probe));

        return $this->summed([$seen, $seen, $seen]);
    }

    /**
     * What leaves each patch by two and more reflections, for light that patches receive directly.
     *
     * @param array{list<float>, list<float>, list<float>} $received lm·s by band and patch
     *
     * @return array{list<float>, list<float>, list<float>} lm·s/m² by band and patch
     */
    public function leavingAfter(array $received): array
    {
        return $this->summed([$this->combined($received[0]), $this->combined($received[1]), $this->combined($received[2])]);
    }

    /**
     * @param array{list<float>, list<float>, list<float>} $light combined, by band
     *
     * @return array{list<float>, list<float>, list<float>} what of it leaves by two and more reflections, by band and patch
     */
    private function summed(array $light): array
    {
        [$r, $g, $b] = $this->reflections;
        $sums = [];
        foreach ($this->transfer->led($r->of($light[0]), $g->of($light[1]), $b->of($light[2])) as $band => $first) {
            $sums[] = ConjugateGradients::for($first, $this->reflections[$band], self::CLOSE);
        }
        for ($step = 0; $step < self::MOST_STEPS && !($sums[0]->isDone() && $sums[1]->isDone() && $sums[2]->isDone()); ++$step) {
            foreach ($this->transfer->led($sums[0]->sent, $sums[1]->sent, $sums[2]->sent) as $band => $led) {
                $sums[$band] = $sums[$band]->isDone() ? $sums[$band] : $sums[$band]->improved($led);
            }
        }

        return [
            $this->apart($r->of($sums[0]->sum)),
            $this->apart($g->of($sums[1]->sum)),
            $this->apart($b->of($sums[2]->sum)),
        ];
    }

    /**
     * @param list<float> $light by patch
     *
     * @return list<float> over the roots of areas, combined
     */
    private function combined(array $light): array
    {
        $over = [];
        foreach ($this->perRoot as $patch => $perRoot) {
            $over[] = $light[$patch] * $perRoot;
        }

        return MirrorImages::combined($over);
    }

    /**
     * @param list<float> $sent combined, times the roots of areas
     *
     * @return list<float> by patch
     */
    private function apart(array $sent): array
    {
        $leaving = [];
        foreach (MirrorImages::apart($sent) as $patch => $light) {
            // About a pool that is smaller than a patch the curve through its means takes from the next ones what they never had.
            $leaving[] = $light > 0.0 ? $light * $this->perRoot[$patch] : 0.0;
        }

        return $leaving;
    }

    /** @return array{Reflection, Reflection, Reflection} */
    private static function reflections(BoxRoom $room, Patches $patches): array
    {
        return [Reflection::in($room, $patches, 'r'), Reflection::in($room, $patches, 'g'), Reflection::in($room, $patches, 'b')];
    }
}
