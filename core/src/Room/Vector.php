<?php

declare(strict_types=1);

namespace Kaddle\Core\Room;

use Kaddle\Core\Quantity\NotANumber;

/**
 * A point or a displacement in room coordinates, metres: x along the room, y across, z up.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Vector
{
    private function __construct(
        public float $x,
        public float $y,
        public float $z,
    ) {}

    /** In m; finite, or not at all. */
    public static function of(float $x, float $y, float $z): self
    {
        return is_finite($x + $y + $z) ? new self($x, $y, $z) : throw NotANumber::in('place');
    }

    public function plus(self $other): self
    {
        return new self($this->x + $other->x, $this->y + $other->y, $this->z + $other->z);
    }

    public function minus(self $other): self
    {
        return new self($this->x - $other->x, $this->y - $other->y, $this->z - $other->z);
    }

    /** @param float $factor any finite number */
    public function times(float $factor): self
    {
        return new self($this->x * $factor, $this->y * $factor, $this->z * $factor);
    }

    /** In m², or the cosine between two directions. */
    public function dot(self $other): float
    {
        return $this->x * $other->x + $this->y * $other->y + $this->z * $other->z;
    }

    public function cross(self $other): self
    {
        return new self(
            $this->y * $other->z - $this->z * $other->y,
            $this->z * $other->x - $this->x * $other->z,
            $this->x * $other->y - $this->y * $other->x,
        );
    }

    /** @return array{float, float, float} */
    public function byAxis(): array
    {
        return [$this->x, $this->y, $this->z];
    }

    /** In m. */
    public function length(): float
    {
        return sqrt($this->dot($this));
    }
}
