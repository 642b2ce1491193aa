<?php

declare(strict_types=1);

namespace App\Data;

/** A spot of a room where somebody has read the light on people. */
final readonly class SpotData
{
    public function __construct(
        public string $spot,
        /** Stops over what is behind them there. */
        public float $over,
        public string $sentence,
    ) {}
}
