<?php

declare(strict_types=1);

namespace App\Data;

/** The settings of a moment in a line, as a list shows them. */
final readonly class AnswerData
{
    public function __construct(
        /** Whether room and face come out as wished. */
        public bool $feasible,
        /** "1/40 s" */
        public string $shutter,
        public string $aperture,
        public string $iso,
        /** Way that the head points, in words. */
        public string $head,
        /** "1/16 +⅓", or "off" */
        public string $output,
        /** Share of full power of a pop, at most 1; 0 for a flash that is off. */
        public float $share,
        /** What cannot be had and by how many stops; empty when all can. */
        public string $shortfall,
    ) {}
}
