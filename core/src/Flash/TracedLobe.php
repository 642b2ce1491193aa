<?php

declare(strict_types=1);

namespace Kaddle\Core\Flash;

use Kaddle\Core\Quantity\Rgb;
use Kaddle\Core\Radiosity\Patches;
use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Room\Footprint;
use Kaddle\Core\Room\Probe;

/**
 * A lobe of light in a room, as the ends of its rays.
 *
 * @see docs/physics.md, “First reflection”
 *
 * @phpstan-all-methods-pure
 */
final readonly class TracedLobe
{
    /** Rays of a head with a single lobe that do for places in the middle of a room. */
    public const RAYS = 220;

    /** @param list<Footprint> $ends */
    private function __construct(
        public Lobe $lobe,
        /** Light of each ray at full power, lm·s. */
        public float $each,
        /** By surface. */
        public array $ends,
    ) {}

    /**
     * @param int $rays of a head with a single lobe, 1 or more
     *
     * @return list<self> of all heads together
     */
    public static function all(BoxRoom $room, int $rays, Head ...$heads): array
    {
        $traced = [];
        foreach ($heads as $head) {
            $all = array_sum(array_map(static fn(Lobe $lobe): float => $lobe->beam->energy(), $head->lobes));
            foreach ($head->lobes as $lobe) {
                // Weak lobes need fewer rays: what they get wrong weighs less.
                $beam = BeamRays::of($lobe, max(1, (int) ceil($rays * sqrt($lobe->beam->energy() / $all))));
                $traced[] = new self($lobe, $beam->energy(), $beam->endsIn($room));
            }
        }

        return $traced;
    }

    /** @return array<int, float> white lm·s by patch, those that get any */
    public function energyByPatch(Patches $patches): array
    {
        $energy = [];
        foreach ($this->ends as $footprint) {
            foreach ($patches->hits($footprint) as $patch => $hits) {
                $energy[$patch] = ($energy[$patch] ?? 0.0) + $hits * $this->each;
            }
        }

        return $energy;
    }

    /** @return array<string, Rgb> white lx·s at a probe after one reflection, by the face that sent it */
    public function firstReflection(BoxRoom $room, Probe $probe): array
    {
        $light = [];
        foreach ($this->ends as $footprint) {
            $face = $footprint->face->value;
            $sent = $room->reflectance($footprint->face)->share->times($footprint->seenBy($probe) * $this->each);
            $light[$face] = isset($light[$face]) ? $light[$face]->plus($sent) : $sent;
        }

        return $light;
    }
}
