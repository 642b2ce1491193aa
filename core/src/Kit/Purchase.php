<?php

declare(strict_types=1);

namespace Kaddle\Core\Kit;

use Kaddle\Core\Quantity\Stops;

/**
 * Something that would buy stops for a moment.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Purchase
{
    private function __construct(
        /** What kind of thing it is, the same for all moments. */
        public string $kind,
        public string $label,
        /** What the moment's margin gains, 0 or more. */
        public Stops $gain,
    ) {}

    public static function of(string $kind, string $label, float $gain): self
    {
        return new self($kind, $label, Stops::of(max(0.0, $gain)));
    }
}
