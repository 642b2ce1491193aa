<?php

declare(strict_types=1);

namespace Kaddle\Core\Flash;

use Kaddle\Core\Quantity\Rgb;
use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Room\Interreflection;
use Kaddle\Core\Room\Probe;

/**
 * Start here: how much light of a flash reaches places in a room, directly,
 * after one reflection, and after all later ones.
 *
 * The beam is traced as rays of equal energy to the faces that it hits; each
 * hit re-radiates (Lambert) straight to the probes, and feeds the radiosity of
 * the room for everything after. Bodies do not block light in this model.
 *
 * @phpstan-all-methods-pure
 */
final readonly class FlashInRoom
{
    private function __construct(
        private BoxRoom $room,
        private Interreflection $interreflection,
    ) {}

    /** Prepares a room once for any number of heads. */
    public static function of(BoxRoom $room): self
    {
        return new self($room, Interreflection::in($room));
    }

    /**
     * @param array<string, Probe> $probes
     *
     * @return array<string, Exposure> under the keys of the probes
     */
    public function exposures(Head $head, array $probes): array
    {
        $hits = BeamRays::of($head)->hitsIn($this->room);
        $later = $this->interreflection->laterReflections($this->energyByPatch($hits));

        return array_map(
            fn(Probe $probe): Exposure => Exposure::of(
                Rgb::grey(self::direct($head, $probe)),
                $this->firstReflection($hits, $probe),
                $this->gathered($later, $probe),
            ),
            $probes,
        );
    }

    /** Luminous exposure straight from the head, lx·s: I(θ)·cos/d²; none where probe and head are one point. */
    public static function direct(Head $head, Probe $probe): float
    {
        $way = $probe->point->minus($head->position);
        $arriving = -$way->dot($probe->normal->unit);
        if ($arriving <= 0.0) {
            return 0.0;
        }
        $distance = $way->length();

        return $head->beam->towards($way->dot($head->direction->unit) / $distance) * $arriving / $distance ** 3;
    }

    /**
     * @param list<BeamHit> $hits
     *
     * @return array<int, float> lm·s by patch
     */
    private function energyByPatch(array $hits): array
    {
        $energy = array_fill_keys(array_keys($this->interreflection->patches->all), 0.0);
        foreach ($hits as $hit) {
            $energy[$this->interreflection->patches->indexAt($hit->place)] += $hit->energy;
        }

        return $energy;
    }

    /** @param list<BeamHit> $hits */
    private function firstReflection(array $hits, Probe $probe): Rgb
    {
        $byFace = [];
        foreach ($hits as $hit) {
            $byFace[$hit->place->face->value] = ($byFace[$hit->place->face->value] ?? 0.0) + $hit->seenBy($probe);
        }
        $sum = Rgb::grey(0.0);
        foreach (Face::cases() as $face) {
            $sum = $sum->plus($this->room->reflectance($face)->share->times($byFace[$face->value] ?? 0.0));
        }

        return $sum;
    }

    /** @param array{list<float>, list<float>, list<float>} $exitance by band and patch, lx·s */
    private function gathered(array $exitance, Probe $probe): Rgb
    {
        $bands = [0.0, 0.0, 0.0];
        foreach ($this->interreflection->patches->all as $i => $patch) {
            $factor = $probe->formFactorTo($patch);
            $bands[0] += $factor * $exitance[0][$i];
            $bands[1] += $factor * $exitance[1][$i];
            $bands[2] += $factor * $exitance[2][$i];
        }

        return Rgb::of(...$bands);
    }
}
