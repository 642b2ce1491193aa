<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Room\Face;
use Kaddle\Core\Solve\FaceLight;

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

    public static function of(FaceLight $light): self
    {
        return new self(
            round($light->directShare(), 4),
            round($light->shareBy(Face::Ceiling), 4),
            round($light->shareBy(Face::Back, Face::Far, Face::Left, Face::Right), 4),
            round($light->shareBy(Face::Floor), 4),
            round($light->laterShare(), 4),
        );
    }
}
