<?php

declare(strict_types=1);

namespace Kaddle\Core\Room;

use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Range;

/**
 * A direction in room coordinates; its vector always has length 1.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Direction
{
    private function __construct(
        public Vector $unit,
    ) {}

    /** @throws OutOfRange for a displacement of no length */
    public static function along(Vector $displacement): self
    {
        $length = Range::between(1e-6, 1e6, 'm', 1.0)->checked('length of a direction', $displacement->length());

        return new self($displacement->times(1.0 / $length));
    }

    public static function up(): self
    {
        return new self(Vector::of(0.0, 0.0, 1.0));
    }

    public function opposite(): self
    {
        return new self($this->unit->times(-1.0));
    }

    /**
     * Two directions at right angles to this one and to each other.
     *
     * @return array{Vector, Vector}
     */
    public function across(): array
    {
        $helper = abs($this->unit->x) > 0.9 ? Vector::of(0.0, 0.0, 1.0) : Vector::of(1.0, 0.0, 0.0);
        $first = self::along($helper->cross($this->unit))->unit;

        return [$first, $this->unit->cross($first)];
    }
}
