<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Solve\Solution;

/** What decided where each control stands, in words. */
final readonly class BoundsDocument
{
    private function __construct(
        public string $shutter,
        public string $aperture,
        public string $iso,
        public string $output,
    ) {}

    public static function of(Solution $solution): self
    {
        $choice = $solution->best->choice;

        return new self(
            $choice->shutterBound->inWords(),
            $choice->apertureBound->inWords(),
            $choice->isoBound->inWords(),
            $solution->outputBound()->inWords(),
        );
    }
}
