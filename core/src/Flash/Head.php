<?php

declare(strict_types=1);

namespace Kaddle\Core\Flash;

use Kaddle\Core\Quantity\Kelvin;
use Kaddle\Core\Room\Direction;
use Kaddle\Core\Room\Probe;
use Kaddle\Core\Room\Vector;

/**
 * A flash head in its place, pointing somewhere, with what is fitted to it.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Head
{
    /** @param non-empty-list<Lobe> $lobes */
    private function __construct(
        public Vector $position,
        public Direction $direction,
        /** Of the bare head. */
        public Beam $beam,
        /** What leaves it, modifier and gel included. */
        public array $lobes,
    ) {}

    /** A bare head. */
    public static function at(Vector $position, Direction $direction, Beam $beam): self
    {
        return new self($position, $direction, $beam, [Lobe::bare($position, $direction, $beam)]);
    }

    /**
     * @param Direction $forward where a bounce card would send light: the way the camera looks, level
     * @param Kelvin $colour of the bare head, which a gel shifts
     */
    public static function dressed(
        Vector $position,
        Direction $direction,
        Beam $beam,
        Outfit $outfit,
        Direction $forward,
        Kelvin $colour,
    ): self {
        $all = $beam->times($outfit->units);
        $lobe = Lobe::bare($position, $direction, $all);
        $tinted = $outfit->hasGel() ? $lobe->through($outfit->transmission($colour)) : $lobe;

        return new self($position, $direction, $all, $outfit->modifier?->shaped($tinted, $forward) ?? [$tinted]);
    }

    /** Whether it looks at a place: that lies within the half-angle of its beam. */
    public function looksAt(Vector $place): bool
    {
        $way = $place->minus($this->position);

        return $way->dot($this->direction->unit) >= $way->length() * cos($this->beam->halfAngle());
    }

    /** Luminous exposure straight from the head, lx·s at full power, as the eye weighs its colour. */
    public function straightTo(Probe $probe): float
    {
        $light = 0.0;
        foreach ($this->lobes as $lobe) {
            $light += $lobe->straightTo($probe) * $lobe->tint->luminance();
        }

        return $light;
    }
}
