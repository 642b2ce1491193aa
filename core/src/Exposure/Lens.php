<?php

declare(strict_types=1);

namespace Kaddle\Core\Exposure;

use Kaddle\Core\Quantity\ExactStops;
use Kaddle\Core\Quantity\Range;
use Kaddle\Core\Quantity\Step;

/**
 * A lens at the focal length in use, as far as exposure is concerned.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Lens
{
    /** m to which a usual lens focuses. */
    public const USUAL_CLOSEST = 0.4;

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
        /** m to which it focuses, 0.1 to 10. */
        public float $closest,
    ) {}

    /**
     * @param Aperture|null $bestFrom null for the usual two stops under wide open
     * @param Aperture|null $bestTo null for two stops more
     * @param float $closest m to which it focuses
     *
     * @throws ImpossibleGear
     */
    public static function ofMillimetres(
        float $focalLength,
        Aperture $widest,
        Aperture $narrowest,
        ?Aperture $bestFrom = null,
        ?Aperture $bestTo = null,
        float $closest = self::USUAL_CLOSEST,
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

        return new self($focalLength, $widest, $narrowest, $from, $to, self::closestRange()->checked('close limit', $closest));
    }

    public static function closestRange(): Range
    {
        return Range::between(0.1, 10.0, 'm', 0.05);
    }

    /**
     * The widest opening from an aperture value on; null where it closes less far.
     */
    public function firstFrom(Step $step, float $av): ?Aperture
    {
        foreach (Aperture::scale($step, $this->widest, $this->narrowest) as $aperture) {
            if ($aperture->av->value() >= $av - 1e-9) {
                return $aperture;
            }
        }

        return null;
    }

    /** Two stops narrower, as far as the lens goes. */
    private static function under(Aperture $from, Aperture $narrowest): Aperture
    {
        return Aperture::of(ExactStops::fromThirtieths(min($narrowest->av->thirtieths, $from->av->thirtieths + 60)));
    }
}
