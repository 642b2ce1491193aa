<?php

declare(strict_types=1);

namespace Kaddle\Core\Picture;

use Kaddle\Core\Flash\Head;
use Kaddle\Core\Flash\LitSurfaces;
use Kaddle\Core\Flash\Lobe;
use Kaddle\Core\Room\Vector;
use Kaddle\Core\Situation\Scene;

/**
 * The shadow that people throw on the wall behind them: of the light that comes straight from the head, and as hard as that is small.
 *
 * @see docs/physics.md, “Noise, bar and shadow of a picture”
 */
final readonly class CastShadow
{
    /** Share of the light on the wall that comes straight, under which nobody sees a shadow. */
    private const SEEN = 0.03;

    private function __construct(
        /** Where the light comes from, m. */
        public Vector $from,
        /** m across: twice as large, and edges are twice as soft. */
        public float $size,
        /** Of the flash on the wall that the shadow lacks, 0 to 1. */
        public float $share,
    ) {}

    /** @return self|null null where all that reaches the wall has been round the room */
    public static function of(Scene $scene, Head $head, LitSurfaces $lit): ?self
    {
        $wall = $scene->backdropProbe();
        $all = $lit->at($wall)->luminance();
        $share = $all > 0.0 ? $lit->straight($wall)->luminance() / $all : 0.0;
        if ($share < self::SEEN) {
            return null;
        }
        $strength = static fn(Lobe $lobe): float => $lobe->straightTo($wall) * $lobe->tint->luminance();
        $lobes = $head->lobes;
        usort($lobes, static fn(Lobe $a, Lobe $b): int => $strength($b) <=> $strength($a));

        return new self($head->position, $lobes[0]->size, $share);
    }
}
