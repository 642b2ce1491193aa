<?php

declare(strict_types=1);

namespace Kaddle\Core\Flash;

use Kaddle\Core\Colour\Gel;
use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Range;

/**
 * What stands between a unit and the room: how many units side by side, what is on them, which gel.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Outfit
{
    private function __construct(
        /** Units of the same kind, fired together at the same output; 1 to 4. */
        public int $units,
        public ?Modifier $modifier,
        public ?Gel $gel,
    ) {}

    public static function bare(): self
    {
        return new self(1, null, null);
    }

    /**
     * @param int $units how many, 1 to 4
     *
     * @throws OutOfRange
     */
    public static function of(int $units, ?Modifier $modifier, ?Gel $gel): self
    {
        return new self((int) self::unitRange()->checked('number of units', $units), $modifier, $gel);
    }

    public static function unitRange(): Range
    {
        return Range::between(1.0, 4.0, 'units', 1.0);
    }

    public function with(?Modifier $modifier): self
    {
        return new self($this->units, $modifier, $this->gel);
    }

    /** Whether the light leaves through something other than the head's own window. */
    public function coversHead(): bool
    {
        return $this->modifier?->kind->coversHead() ?? false;
    }
}
