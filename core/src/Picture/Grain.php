<?php

declare(strict_types=1);

namespace Kaddle\Core\Picture;

use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Situation\Moment;

/**
 * Noise to expect in a finished picture, as wide as a screen shows it: light comes in pieces, and the sensor adds its own.
 *
 * @see docs/physics.md, “Noise, bar and shadow of a picture”
 *
 * @phpstan-all-methods-pure
 */
final readonly class Grain
{
    /** Pieces of light that a µm² of the sensor counts at mid-grey and ISO 100: 0.1 lx·s of 4090 a µm² each, of which filters and silicon leave some 37 %. */
    private const COUNTED = 150.0;

    /** Pieces by which one pixel errs in the dark (judgement, of a body of today). */
    private const READ = 3.0;

    /** Pixels across of the picture as it is looked at. */
    public const SEEN = 1920;

    private function __construct(
        /** Variance of a pixel of the seen picture for each unit of light over mid-grey. */
        public float $shot,
        /** The same without any light. */
        public float $read,
    ) {}

    public static function of(Moment $moment, Iso $iso): self
    {
        $pixels = $moment->body->pixels;
        $pitch = 1e6 * $moment->optics->frameWidth() / $pixels;
        $counted = self::COUNTED * $pitch ** 2 * 100.0 / $iso->value();
        $together = max(1.0, $pixels / self::SEEN) ** 2;

        return new self(1.0 / $counted / $together, (self::READ / $counted) ** 2 / $together);
    }

    /** Standard deviation over mid-grey at a light over mid-grey, 0 or more. */
    public function at(float $light): float
    {
        return sqrt($this->shot * $light + $this->read);
    }
}
