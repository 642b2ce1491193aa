<?php

declare(strict_types=1);

namespace Kaddle\Core\Kit;

use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Quantity\Stops;

/**
 * Something that would buy stops for a moment.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Purchase
{
    private function __construct(
        public PurchaseKind $kind,
        /** What the moment's margin gains, 0 or more. */
        public Stops $gain,
        /** Guide number that would do, or how much nearer to stand, m; 0 for another kind. */
        public float $metres,
        /** Where the head would point; null for another kind. */
        public ?HeadAim $aim,
    ) {}

    /**
     * @param Stops $gain less than 0 counts as 0
     * @param float $metres of the guide number, or of the way
     */
    public static function of(PurchaseKind $kind, Stops $gain, float $metres = 0.0, ?HeadAim $aim = null): self
    {
        return new self($kind, $gain->value > 0.0 ? $gain : Stops::of(0.0), $metres, $aim);
    }
}
