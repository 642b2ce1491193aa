<?php

declare(strict_types=1);

namespace Kaddle\Core\Flash;

use Kaddle\Core\Quantity\Rgb;
use Kaddle\Core\Radiosity\Interreflection;
use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Room\Probe;

/**
 * The light of heads all over a room: later reflections are solved once for all patches, and any place then sees them.
 *
 * What it says of a place is what a ProbedRoom says of it, worked out the other way round.
 *
 * @see docs/physics.md, “The picture to expect”
 */
final readonly class LitSurfaces
{
    /** Rays of a head with a single lobe: places all over a room lie close to some of their ends. */
    public const RAYS = 600;

    /**
     * @param list<Head> $heads
     * @param list<TracedLobe> $lobes
     * @param array{list<float>, list<float>, list<float>} $leaving lm·s/m² by band and patch, after the first reflection
     */
    private function __construct(
        /** What the room is lit by. @var list<Head> */
        public array $heads,
        private BoxRoom $room,
        private Interreflection $interreflection,
        private array $lobes,
        private array $leaving,
    ) {}

    /**
     * @internal use FlashInRoom::lit()
     *
     * @param int $rays of a head with a single lobe, 1 or more
     */
    public static function by(BoxRoom $room, Interreflection $interreflection, int $rays, Head ...$heads): self
    {
        $lobes = TracedLobe::all($room, $rays, ...$heads);
        $none = array_fill(0, count($interreflection->patches->all), 0.0);
        $received = [$none, $none, $none];
        foreach ($lobes as $traced) {
            $tint = $traced->lobe->tint;
            foreach ($traced->energyByPatch($interreflection->patches) as $patch => $energy) {
                $received[0][$patch] += $energy * $tint->r;
                $received[1][$patch] += $energy * $tint->g;
                $received[2][$patch] += $energy * $tint->b;
            }
        }

        return new self(array_values($heads), $room, $interreflection, $lobes, $interreflection->leavingAfter(array_map(array_values(...), $received)));
    }

    /** Luminous exposure of one pop at full power, lx·s. */
    public function at(Probe $probe): Rgb
    {
        return $this->straight($probe)->plus($this->reflected($probe));
    }

    /** Of that, straight from the heads. */
    public function straight(Probe $probe): Rgb
    {
        $light = Rgb::grey(0.0);
        foreach ($this->lobes as $traced) {
            $light = $light->plus($traced->lobe->tint->times($traced->lobe->straightTo($probe)));
        }

        return $light;
    }

    /** Of that, by way of the room: even where the beam has an edge. */
    public function reflected(Probe $probe): Rgb
    {
        [$r, $g, $b] = [0.0, 0.0, 0.0];
        foreach ($this->interreflection->patches->seenBy($probe) as $patch => $share) {
            $r += $share * $this->leaving[0][$patch];
            $g += $share * $this->leaving[1][$patch];
            $b += $share * $this->leaving[2][$patch];
        }
        $light = Rgb::of($r, $g, $b);
        foreach ($this->lobes as $traced) {
            foreach ($traced->ends as $footprint) {
                $sent = $footprint->seenBy($probe) * $traced->each;
                $light = $light->plus($this->room->reflectance($footprint->face)->share->through($traced->lobe->tint)->times($sent));
            }
        }

        return $light;
    }
}
