<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Motion\Beats;
use Kaddle\Core\Words\DragWords;

/** The music against the flash. */
final readonly class BeatsDocument
{
    /** @param list<int> $lost */
    private function __construct(
        /** s from beat to beat. */
        public float $period,
        /** Every so many beats the unit is ready. */
        public int $every,
        /** Of the first eight beats, those that stay dark, counted from 1. @var list<int> */
        public array $lost,
        public string $sentence,
    ) {}

    /** @param float $share of full power of a pop, above 0 */
    public static function of(Beats $beats, float $share): self
    {
        return new self(round($beats->period, 4), $beats->every, $beats->lost(), DragWords::beats($beats, $share));
    }
}
