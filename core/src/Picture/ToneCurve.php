<?php

declare(strict_types=1);

namespace Kaddle\Core\Picture;

/**
 * How linear light becomes what a finished picture shows: mid-grey stays mid-grey, bright light runs out softly.
 *
 * 1 − exp(−0.19845·L), with L over mid-grey, by the transfer curve of sRGB (IEC 61966-2-1). Makers’ own curves differ from it, by up to a
 * stop in deep shadow and half a stop in highlights.
 *
 * @see docs/physics.md, “The picture to expect”
 *
 * @phpstan-all-methods-pure
 */
final class ToneCurve
{
    /** Lightest that the table knows, over mid-grey. */
    public const MOST = 64.0;

    private const STEPS = 512;

    private const SHOULDER = 0.19845;

    private function __construct() {}

    /**
     * Code of a pixel, 0 to 255.
     *
     * @param float $light over mid-grey, 0 or more
     */
    public static function code(float $light): float
    {
        $linear = 1.0 - exp(-$light * self::SHOULDER);

        return 255.0 * ($linear <= 0.0031308 ? 12.92 * $linear : 1.055 * $linear ** (1.0 / 2.4) - 0.055);
    }

    /** @return list<float> codes of light that grows by the square, from none to the most */
    public static function table(): array
    {
        return array_map(static fn(int $i): float => round(self::code(self::MOST * ($i / self::STEPS) ** 2), 2), range(0, self::STEPS));
    }
}
