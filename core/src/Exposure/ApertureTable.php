<?php

declare(strict_types=1);

namespace Kaddle\Core\Exposure;

use Kaddle\Core\Quantity\ExactStops;
use Kaddle\Core\Quantity\Range;
use Kaddle\Core\Quantity\Step;

/**
 * The widest opening of a lens along its focal lengths.
 *
 * Between two entries it closes evenly over the logarithm of the focal length and is
 * rounded to the third-stop that the lens is sure to reach.
 *
 * @phpstan-all-methods-pure
 */
final readonly class ApertureTable
{
    /** @param non-empty-list<array{float, Aperture}> $entries mm and opening, short to long */
    private function __construct(
        private array $entries,
    ) {}

    /**
     * @param list<array{float, Aperture}> $entries mm and opening, short to long
     *
     * @throws ImpossibleGear
     */
    public static function of(array $entries): self
    {
        foreach ($entries as $i => [$focal]) {
            if ($i > 0 && $focal <= $entries[$i - 1][0]) {
                throw ImpossibleGear::because('Give the focal lengths from short to long, each once.');
            }
        }

        return $entries === []
            ? throw ImpossibleGear::because('A lens needs at least one focal length with its widest opening.')
            : new self($entries);
    }

    public function focalRange(): Range
    {
        return Range::between($this->entries[0][0], $this->entries[count($this->entries) - 1][0], 'mm', 1.0);
    }

    /** @param float $focal mm; beyond the ends the lens stays at its end */
    public function at(float $focal): Aperture
    {
        [$shorter, $opening] = $this->entries[0];
        foreach ($this->entries as [$longer, $narrower]) {
            if ($longer >= $focal) {
                return $longer === $shorter
                    ? $narrower
                    : self::between(
                        $opening,
                        $narrower,
                        log(max($focal, $shorter) / $shorter) / log($longer / $shorter),
                    );
            }
            [$shorter, $opening] = [$longer, $narrower];
        }

        return $opening;
    }

    private static function between(Aperture $wide, Aperture $narrow, float $share): Aperture
    {
        $thirtieths = $wide->av->thirtieths + $share * ($narrow->av->thirtieths - $wide->av->thirtieths);
        $click = Step::Third->thirtieths();

        return Aperture::of(ExactStops::fromThirtieths((int) (ceil($thirtieths / $click - 1e-9) * $click)));
    }
}
