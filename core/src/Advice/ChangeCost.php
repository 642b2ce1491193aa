<?php

declare(strict_types=1);

namespace Kaddle\Core\Advice;

use Kaddle\Core\Flash\FlashUnit;
use Kaddle\Core\Quantity\ExactStops;
use Kaddle\Core\Quantity\Stops;

/**
 * What one change of the scene does to the flash on the face, all settings left alone.
 *
 * @phpstan-all-methods-pure
 */
final readonly class ChangeCost
{
    private function __construct(
        /** The new value in words, with its unit. */
        public string $label,
        /** The same as a number; its unit is that of the curve. */
        public float $value,
        /** Light on the face after the change against before; below 0 is darker. */
        public Stops $gain,
        /** Clicks of output that make up for it; above 0 turns up. */
        public int $clicks,
    ) {}

    /**
     * @param float $before lx·s on the face, above 0
     * @param float $after lx·s on the face
     */
    public static function of(string $label, float $value, float $before, float $after, FlashUnit $unit): self
    {
        $gain = Stops::ofRatio(max(1e-12, $after) / $before);
        $clicks = ExactStops::nearest(-$gain->value, $unit->step)->thirtieths / $unit->step->thirtieths();

        return new self($label, $value, $gain, (int) $clicks);
    }
}
