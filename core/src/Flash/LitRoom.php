<?php

declare(strict_types=1);

namespace Kaddle\Core\Flash;

use Kaddle\Core\Quantity\Rgb;
use Kaddle\Core\Radiosity\Patches;
use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Room\Footprint;
use Kaddle\Core\Room\Probe;
use Kaddle\Core\Room\Vector;

/**
 * A probed room with the light of heads in it: where the rays of every lobe end.
 *
 * @see docs/physics.md, “Apparent size”
 *
 * @phpstan-all-methods-pure
 */
final readonly class LitRoom
{
    /** Mean of the directions from which an even sky lights a flat thing: ∫cos²/∫cos over a hemisphere. */
    private const FROM_ALL_OVER = 2.0 / 3.0;

    /**
     * @internal made by ProbedRoom::lit() only
     *
     * @param array<string, Probe> $probes
     * @param array<string, array{list<float>, list<float>, list<float>}> $importance lx per lm, by probe, band and patch
     * @param list<TracedLobe> $lobes
     */
    public function __construct(
        private BoxRoom $room,
        private Patches $patches,
        private array $probes,
        private array $importance,
        private array $lobes,
    ) {}

    /** @return array<string, Exposure> at full power, under the names of the probes */
    public function exposures(): array
    {
        $exposures = [];
        foreach ($this->lobes as $traced) {
            $energy = $traced->energyByPatch($this->patches);
            foreach ($this->probes as $name => $probe) {
                $exposure = Exposure::of(
                    Rgb::grey($traced->lobe->straightTo($probe)),
                    $traced->firstReflection($this->room, $probe),
                    self::laterReflections($energy, $this->importance[$name]),
                )->through($traced->lobe->tint);
                $exposures[$name] = isset($exposures[$name]) ? $exposures[$name]->plus($exposure) : $exposure;
            }
        }

        return $exposures;
    }

    /**
     * How large the light looks from a probe: the cone of even light whose directions
     * average out as strongly as these do, R = (1 + cos α)/2. A bare head is a degree
     * or two, a good bounce is wider than a hand at arm's length.
     *
     * @param Exposure $exposure what this very room gives there
     *
     * @return float degrees across, 0 to 180; 0 where no light comes
     */
    public function apparentSize(string $name, Exposure $exposure): float
    {
        $probe = $this->probes[$name];
        $sum = $probe->normal->unit->times(self::FROM_ALL_OVER * $exposure->later->luminance());
        foreach ($this->lobes as $traced) {
            $shine = $traced->lobe->tint->luminance();
            $sum = $sum
                ->plus(self::straight($traced->lobe, $probe)->times($shine))
                ->plus($this->reflected($traced->ends, $probe)->times($traced->each * $shine));
        }
        $total = $exposure->total()->luminance();

        return $total > 0.0 ? 2.0 * rad2deg(acos(max(-1.0, min(1.0, 2.0 * $sum->length() / $total - 1.0)))) : 0.0;
    }

    private static function straight(Lobe $lobe, Probe $probe): Vector
    {
        $way = $lobe->position->minus($probe->point);
        $distance = max(1e-9, $way->length());
        $narrow = (1.0 + cos(atan($lobe->size / 2.0 / $distance))) / 2.0;

        return $way->times($narrow * $lobe->straightTo($probe) / $distance);
    }

    /**
     * Directions to the ends of rays, each as long as its light is strong.
     *
     * @param list<Footprint> $ends
     */
    private function reflected(array $ends, Probe $probe): Vector
    {
        $sum = Vector::of(0.0, 0.0, 0.0);
        foreach ($ends as $footprint) {
            $share = $this->room->reflectance($footprint->face)->share->luminance();
            $sum = $sum->plus($footprint->directionsFrom($probe)->times($share));
        }

        return $sum;
    }

    /**
     * Where what light is worth is steep, the curve through its means may run below all of them: the light of a lobe is not
     * taken for less than if all of it fell on the least worth of the patches that get any.
     *
     * @param array<int, float> $energy
     * @param array{list<float>, list<float>, list<float>} $importance
     */
    private static function laterReflections(array $energy, array $importance): Rgb
    {
        if ($energy === []) {
            return Rgb::grey(0.0);
        }
        [$reds, $greens, $blues] = $importance;
        $r = $g = $b = $all = 0.0;
        $red = $green = $blue = INF;
        foreach ($energy as $patch => $received) {
            $all += $received;
            $r += $received * $reds[$patch];
            $g += $received * $greens[$patch];
            $b += $received * $blues[$patch];
            if ($reds[$patch] < $red) {
                $red = $reds[$patch];
            }
            if ($greens[$patch] < $green) {
                $green = $greens[$patch];
            }
            if ($blues[$patch] < $blue) {
                $blue = $blues[$patch];
            }
        }

        return Rgb::of(max($r, $all * $red), max($g, $all * $green), max($b, $all * $blue));
    }
}
