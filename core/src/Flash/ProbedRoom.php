<?php

declare(strict_types=1);

namespace Kaddle\Core\Flash;

use Kaddle\Core\Quantity\Rgb;
use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Room\Interreflection;
use Kaddle\Core\Room\Patches;
use Kaddle\Core\Room\Probe;
use Kaddle\Core\Room\SurfacePoint;

/**
 * A room and the places in it where light matters, ready for any head.
 *
 * The beam is traced as rays of equal energy to the faces that it hits; each
 * hit re-radiates (Lambert) straight to the probes, and counts for everything
 * after by the importance of the patch that it falls on.
 */
final readonly class ProbedRoom
{
    /**
     * @param array<string, Probe> $probes
     * @param array<string, array{list<float>, list<float>, list<float>}> $importance lx per lm, by probe, band and patch
     */
    private function __construct(
        private BoxRoom $room,
        private Patches $patches,
        private array $probes,
        private array $importance,
    ) {}

    /**
     * @internal use FlashInRoom::at()
     *
     * @param array<string, Probe> $probes
     */
    public static function of(BoxRoom $room, Interreflection $interreflection, array $probes): self
    {
        return new self($room, $interreflection->patches, $probes, array_map($interreflection->importance(...), $probes));
    }

    /** @return array<string, Exposure> at full power, under the names of the probes */
    public function exposures(Head $head): array
    {
        $rays = BeamRays::of($head);
        $ends = $rays->endsIn($this->room);
        $energy = $this->energyByPatch($ends, $rays->energy());
        $exposures = [];
        foreach ($this->probes as $name => $probe) {
            $exposures[$name] = Exposure::of(
                Rgb::grey(FlashInRoom::direct($head, $probe)),
                $this->firstReflection($ends, $probe, $rays->energy()),
                self::laterReflections($energy, $this->importance[$name]),
            );
        }

        return $exposures;
    }

    /**
     * @param array<string, list<SurfacePoint>> $ends by face
     *
     * @return array<int, float> lm·s by patch, those that get any
     */
    private function energyByPatch(array $ends, float $each): array
    {
        $energy = [];
        foreach ($ends as $points) {
            foreach ($points as $point) {
                $patch = $this->patches->indexAt($point);
                $energy[$patch] = ($energy[$patch] ?? 0.0) + $each;
            }
        }

        return $energy;
    }

    /**
     * @param array<string, list<SurfacePoint>> $ends by face
     *
     * @return array<string, Rgb> lx·s by face
     */
    private function firstReflection(array $ends, Probe $probe, float $each): array
    {
        $byFace = [];
        foreach ($ends as $face => $points) {
            $sum = 0.0;
            foreach ($points as $point) {
                $sum += $point->seenBy($probe);
            }
            $byFace[$face] = $sum;
        }
        $light = [];
        foreach ($byFace as $face => $share) {
            $light[$face] = $this->room->reflectance(Face::from($face))->share->times($share * $each);
        }

        return $light;
    }

    /**
     * @param array<int, float> $energy
     * @param array{list<float>, list<float>, list<float>} $importance
     */
    private static function laterReflections(array $energy, array $importance): Rgb
    {
        $r = $g = $b = 0.0;
        foreach ($energy as $patch => $received) {
            $r += $received * $importance[0][$patch];
            $g += $received * $importance[1][$patch];
            $b += $received * $importance[2][$patch];
        }

        return Rgb::of($r, $g, $b);
    }
}
