<?php

declare(strict_types=1);

namespace Kaddle\Core\Plan\Document;

use Kaddle\Core\Flash\Exposure;
use Kaddle\Core\Room\Face;

/**
 * How the flash reaches the face: shares of its light there, together 1 unless there is none.
 *
 * @phpstan-all-methods-pure
 */
final readonly class SplitDocument
{
    private function __construct(
        /** Straight from the head, 0 to 1. */
        public float $direct,
        /** By one reflection on the ceiling, 0 to 1. */
        public float $ceiling,
        /** By one reflection on a wall, 0 to 1. */
        public float $walls,
        /** By one reflection on the floor, 0 to 1. */
        public float $floor,
        /** By two reflections and more, 0 to 1. */
        public float $rest,
    ) {}

    public static function of(Exposure $face): self
    {
        $share = static fn(Face ...$faces): float => round(array_sum(array_map(
            static fn(Face $f): float => $face->firstFrom($f)->luminance(),
            $faces,
        )) / max(1e-12, $face->total()->luminance()), 4);

        return new self(
            round($face->direct->luminance() / max(1e-12, $face->total()->luminance()), 4),
            $share(Face::Ceiling),
            $share(Face::Back, Face::Far, Face::Left, Face::Right),
            $share(Face::Floor),
            round($face->later->luminance() / max(1e-12, $face->total()->luminance()), 4),
        );
    }
}
