<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Advice\ChangeCost;
use Kaddle\Core\Words\CostWords;
use Kaddle\Core\Words\Voice;

/** One point of a curve of costs. */
final readonly class CostDocument
{
    private function __construct(
        /** The new value in words, with its unit. */
        public string $label,
        /** The same as a number: m, mm, or a reflectance. */
        public float $value,
        /** Light on the face against before, stops; below 0 is darker. */
        public float $gain,
        /** Clicks of output that make up for it; above 0 turns up. */
        public int $clicks,
    ) {}

    public static function of(ChangeCost $cost, Voice $voice): self
    {
        return new self(CostWords::of($cost, $voice), $cost->value(), round($cost->gain->value, 3), $cost->clicks);
    }
}
