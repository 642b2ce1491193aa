<?php

declare(strict_types=1);

namespace Kaddle\Core\Exposure;

use Kaddle\Core\Quantity\ExactStops;

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
        /** The widest of the apertures at which it draws best. */
        public Aperture $bestFrom,
        /** The narrowest of them. */
        public Aperture $bestTo,
    ) {}

    /**
     * @param Aperture|null $bestFrom null for the usual two stops under wide open
     * @param Aperture|null $bestTo null for two stops more
     *
     * @throws ImpossibleGear
     */
    public static function ofMillimetres(
        float $focalLength,
        Aperture $widest,
        Aperture $narrowest,
        ?Aperture $bestFrom = null,
        ?Aperture $bestTo = null,
    ): self {
        Optics::focalRange()->checked('focal length', $focalLength);
        if ($widest->av->thirtieths >= $narrowest->av->thirtieths) {
            throw ImpossibleGear::because(
                "The widest aperture {$widest->label()} must be wider than the narrowest, {$narrowest->label()}.",
            );
        }

        $from = $bestFrom ?? self::under($widest, $narrowest);
        $to = $bestTo ?? self::under($from, $narrowest);
        if ($from->av->thirtieths > $to->av->thirtieths) {
            throw ImpossibleGear::because(
                "The sharpest range must run from wide to narrow; {$from->label()} is narrower than {$to->label()}.",
            );
        }

        return new self($focalLength, $widest, $narrowest, $from, $to);
    }

    /** Two stops narrower, as far as the lens goes. */
    private static function under(Aperture $from, Aperture $narrowest): Aperture
    {
        return Aperture::of(ExactStops::fromThirtieths(min($narrowest->av->thirtieths, $from->av->thirtieths + 60)));
    }
}
