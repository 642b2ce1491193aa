<?php

declare(strict_types=1);

namespace Kaddle\Core\Exposure;

/**
 * A lens at the focal length in use, as far as exposure is concerned.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Lens
{
    private function __construct(
        /** mm, 8 to 600. */
        public float $focalLength,
        /** Always wider than $narrowest. */
        public Aperture $widest,
        public Aperture $narrowest,
    ) {}

    /** @throws ImpossibleGear */
    public static function of(float $focalLength, Aperture $widest, Aperture $narrowest): self
    {
        Steadiness::focalLimits()->checked('focal length', $focalLength);
        if ($widest->av->thirtieths >= $narrowest->av->thirtieths) {
            throw ImpossibleGear::because("The widest aperture {$widest->label()} must be wider than the narrowest, {$narrowest->label()}.");
        }

        return new self($focalLength, $widest, $narrowest);
    }
}
