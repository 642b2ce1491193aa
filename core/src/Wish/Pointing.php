<?php

declare(strict_types=1);

namespace Kaddle\Core\Wish;

use Kaddle\Core\Flash\Angles;
use Kaddle\Core\Flash\HeadAim;

/**
 * Where the photographer insists on pointing the head.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Pointing
{
    private function __construct(
        /** Null leaves it to the solver. */
        public ?HeadAim $aim,
        /** Where a head that is turned by hand stands; null for every other aim. */
        public ?Angles $angles,
        /** Zoom set by hand, mm at 36 mm x 24 mm; null where it follows the head. */
        public ?float $zoom,
    ) {}

    /** @param float|null $zoom mm at 36 mm x 24 mm */
    public static function free(?float $zoom = null): self
    {
        return new self(null, null, $zoom);
    }

    /**
     * @param HeadAim $aim one of the named ways
     * @param float|null $zoom mm at 36 mm x 24 mm
     */
    public static function at(HeadAim $aim, ?float $zoom = null): self
    {
        return $aim === HeadAim::ByHand
            ? throw new \LogicException('by hand needs angles')
            : new self($aim, null, $zoom);
    }

    /** @param float|null $zoom mm at 36 mm x 24 mm */
    public static function byHand(Angles $angles, ?float $zoom = null): self
    {
        return new self(HeadAim::ByHand, $angles, $zoom);
    }
}
