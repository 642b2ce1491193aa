<?php

declare(strict_types=1);

namespace Kaddle\Core\Quantity;

/**
 * Linear light in three bands. Unit and range are those of the quantity it holds.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Rgb
{
    private function __construct(
        public float $r,
        public float $g,
        public float $b,
    ) {}

    /** @param float $r linear, 0 or more; so for green and blue */
    public static function of(float $r, float $g, float $b): self
    {
        return is_finite($r + $g + $b) ? new self($r, $g, $b) : throw NotANumber::in('light');
    }

    /** @param float $level linear, 0 or more */
    public static function grey(float $level): self
    {
        return new self($level, $level, $level);
    }

    public function plus(self $other): self
    {
        return new self($this->r + $other->r, $this->g + $other->g, $this->b + $other->b);
    }

    /** @param float $factor 0 or more */
    public function times(float $factor): self
    {
        return new self($this->r * $factor, $this->g * $factor, $this->b * $factor);
    }

    /** Band by band. */
    public function through(self $shares): self
    {
        return new self($this->r * $shares->r, $this->g * $shares->g, $this->b * $shares->b);
    }

    /** What it was before it went through. @param self $shares above 0 */
    public function over(self $shares): self
    {
        return new self($this->r / $shares->r, $this->g / $shares->g, $this->b / $shares->b);
    }

    /** One number for the eye: luminance weights of ITU-R BT.709 for linear light. */
    public function luminance(): float
    {
        return 0.2126 * $this->r + 0.7152 * $this->g + 0.0722 * $this->b;
    }
}
