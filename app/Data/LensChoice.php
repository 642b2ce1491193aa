<?php

declare(strict_types=1);

namespace App\Data;

/** A lens to choose from, with what can be set on it. */
final readonly class LensChoice
{
    /**
     * @param list<string> $thirds
     * @param list<string> $halves
     */
    public function __construct(
        public GearChoice $gear,
        /** mm */
        public float $shortest,
        /** mm */
        public float $longest,
        /** Openings on a third-stop body, wide to narrow. @var list<string> */
        public array $thirds,
        /** Openings on a half-stop body, wide to narrow. @var list<string> */
        public array $halves,
    ) {}
}
