<?php

declare(strict_types=1);

namespace Kaddle\Core\Kit;

use Kaddle\Core\Solve\Tolerance;

/**
 * One thing that would buy stops, over several moments.
 *
 * @phpstan-all-methods-pure
 */
final readonly class ShoppingItem
{
    private function __construct(
        /** As it is for the moment that gains most. */
        public Purchase $purchase,
        /** The moment that gains most. */
        public string $moment,
        /** What that one gains. */
        public float $most,
        /** Gains of all moments together, stops. */
        public float $stops,
        /** Moments that gain. */
        public int $helped,
        /** Moments that fall short now and would not any more. */
        public int $rescued,
    ) {}

    /** @param float $margin of the moment as things are, stops */
    public static function with(?self $before, string $moment, Purchase $purchase, float $margin): self
    {
        $gain = $purchase->gain->value;
        $leads = $before === null || $gain > $before->most;

        return new self(
            $leads ? $purchase : $before->purchase,
            $leads ? $moment : $before->moment,
            max($gain, $before->most ?? 0.0),
            $gain + ($before->stops ?? 0.0),
            1 + ($before->helped ?? 0),
            ($margin < -Tolerance::ROUNDING && $margin + $gain >= -Tolerance::ROUNDING ? 1 : 0) + ($before->rescued ?? 0),
        );
    }
}
