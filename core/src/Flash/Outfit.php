<?php

declare(strict_types=1);

namespace Kaddle\Core\Flash;

use Kaddle\Core\Colour\Gel;
use Kaddle\Core\Colour\LightColour;
use Kaddle\Core\Quantity\Kelvin;
use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Range;
use Kaddle\Core\Quantity\Rgb;
use Kaddle\Core\Quantity\Stops;

/**
 * What stands between a unit and the room: how many units side by side, what is on them, which gels.
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
        /** Units that carry the gel; 1 to all of them. */
        public int $gelled,
        /** Of the other units; null where there are none, or where they are bare. */
        public ?Gel $otherGel,
    ) {}

    public static function bare(): self
    {
        return new self(1, null, null, 1, null);
    }

    /**
     * @param int $units how many, 1 to 4
     * @param int|null $gelled units that carry the gel, 1 to all of them; null for all
     * @param Gel|null $otherGel of those that do not carry it
     *
     * @throws OutOfRange
     */
    public static function of(int $units, ?Modifier $modifier, ?Gel $gel, ?int $gelled = null, ?Gel $otherGel = null): self
    {
        $all = (int) self::unitRange()->checked('number of units', $units);
        $carry = (int) self::gelledRange($all)->checked('units with the gel', $gelled ?? $all);

        return new self($all, $modifier, $gel, $carry, $carry < $all ? $otherGel : null);
    }

    public static function unitRange(): Range
    {
        return Range::between(1.0, 4.0, 'units', 1.0);
    }

    /** @param int $units side by side, 1 to 4 */
    public static function gelledRange(int $units): Range
    {
        return Range::between(1.0, $units, 'units', 1.0);
    }

    public function with(?Modifier $modifier): self
    {
        return new self($this->units, $modifier, $this->gel, $this->gelled, $this->otherGel);
    }

    /**
     * So many of it side by side, as far as units go together.
     *
     * @param int $times 1 or more
     */
    public function times(int $times): self
    {
        $units = (int) self::unitRange()->nearest($times * $this->units);

        return new self($units, $this->modifier, $this->gel, max(1, intdiv($units * $this->gelled, $this->units)), $this->otherGel);
    }

    /** Whether any unit carries one. */
    public function hasGel(): bool
    {
        return $this->gel !== null || $this->otherGel !== null;
    }

    /** Whether one unit gives another colour than the next. */
    public function isMixed(): bool
    {
        return $this->gelled < $this->units && !($this->gel === null || $this->otherGel === null
            ? $this->gel === $this->otherGel
            : $this->gel->equals($this->otherGel));
    }

    /**
     * Share of the light of all units together that comes through their gels, in each band.
     *
     * @param Kelvin $head of the bare heads
     *
     * @see docs/physics.md, “Gels”
     */
    public function transmission(Kelvin $head): Rgb
    {
        $first = $this->gel?->transmission($head) ?? Rgb::grey(1.0);
        if (!$this->isMixed()) {
            return $first;
        }
        $share = $this->gelled / $this->units;

        return $first->times($share)->plus(($this->otherGel?->transmission($head) ?? Rgb::grey(1.0))->times(1.0 - $share));
    }

    /** What the gels make of the light of the heads. */
    public function shifted(LightColour $head): LightColour
    {
        return $this->isMixed()
            ? LightColour::ofLight($head->light()->through($this->transmission($head->kelvin())))
            : ($this->gel === null ? $head : $head->plus($this->gel->shift));
    }

    /**
     * What the gels take.
     *
     * @param Kelvin $head of the bare heads
     */
    public function loss(Kelvin $head): Stops
    {
        return $this->isMixed()
            ? Stops::of(-log($this->transmission($head)->luminance(), 2))
            : $this->gel->loss ?? Stops::of(0.0);
    }

    /** Whether the light leaves through something other than the head's own window. */
    public function coversHead(): bool
    {
        return $this->modifier?->kind->coversHead() ?? false;
    }
}
