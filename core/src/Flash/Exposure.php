<?php

declare(strict_types=1);

namespace Kaddle\Core\Flash;

use Kaddle\Core\Quantity\Rgb;
use Kaddle\Core\Room\Face;

/**
 * Luminous exposure at a probe by one pop at full power, lx·s, split by the way it came.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Exposure
{
    /** @param array<string, Rgb> $firstByFace */
    private function __construct(
        /** Straight from the head. */
        public Rgb $direct,
        /** After one reflection, by the face that sent it; faces that sent none may be missing. */
        private array $firstByFace,
        /** After two and more. */
        public Rgb $later,
    ) {}

    /** @param array<string, Rgb> $firstByFace */
    public static function of(Rgb $direct, array $firstByFace, Rgb $later): self
    {
        return new self($direct, $firstByFace, $later);
    }

    public static function none(): self
    {
        return new self(Rgb::grey(0.0), [], Rgb::grey(0.0));
    }

    public function plus(self $other): self
    {
        $first = $this->firstByFace;
        foreach ($other->firstByFace as $face => $light) {
            $first[$face] = isset($first[$face]) ? $first[$face]->plus($light) : $light;
        }

        return new self($this->direct->plus($other->direct), $first, $this->later->plus($other->later));
    }

    /** With the source behind a gel. */
    public function through(Rgb $tint): self
    {
        return new self(
            $this->direct->through($tint),
            array_map(static fn(Rgb $light): Rgb => $light->through($tint), $this->firstByFace),
            $this->later->through($tint),
        );
    }

    /** After one reflection on a face. */
    public function firstFrom(Face $face): Rgb
    {
        return $this->firstByFace[$face->value] ?? Rgb::grey(0.0);
    }

    /** After one reflection, wherever. */
    public function first(): Rgb
    {
        $sum = Rgb::grey(0.0);
        foreach ($this->firstByFace as $light) {
            $sum = $sum->plus($light);
        }

        return $sum;
    }

    public function total(): Rgb
    {
        return $this->direct->plus($this->first())->plus($this->later);
    }
}
