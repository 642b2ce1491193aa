<?php

declare(strict_types=1);

namespace Kaddle\Core\Flash;

use Kaddle\Core\Quantity\Rgb;

/**
 * Luminous exposure at a probe by one pop at full power, lx·s, split by the way it came.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Exposure
{
    private function __construct(
        /** Straight from the head. */
        public Rgb $direct,
        /** After one reflection. */
        public Rgb $first,
        /** After two and more. */
        public Rgb $later,
    ) {}

    public static function of(Rgb $direct, Rgb $first, Rgb $later): self
    {
        return new self($direct, $first, $later);
    }

    public function total(): Rgb
    {
        return $this->direct->plus($this->first)->plus($this->later);
    }
}
