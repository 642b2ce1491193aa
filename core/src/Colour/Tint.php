<?php

declare(strict_types=1);

namespace Kaddle\Core\Colour;

/**
 * What light of one colour looks like on white paper to a camera that is set to another.
 *
 * @see docs/physics.md, “Tints”
 *
 * @phpstan-all-methods-pure
 */
final class Tint
{
    private function __construct() {}

    /** As a colour of a page: "#ffb46b"; the strongest band at its most. */
    public static function of(LightColour $light, LightColour $balance): string
    {
        $seen = $light->light()->over($balance->light());
        $bands = [max(0.0, $seen->r), max(0.0, $seen->g), max(0.0, $seen->b)];
        $most = max($bands);

        return sprintf('#%02x%02x%02x', ...array_map(static fn(float $band): int => (int) round(255.0 * self::encoded($band / $most)), $bands));
    }

    /** Transfer of sRGB (IEC 61966-2-1). @param float $linear 0 to 1 */
    private static function encoded(float $linear): float
    {
        return $linear <= 0.0031308 ? 12.92 * $linear : 1.055 * $linear ** (1.0 / 2.4) - 0.055;
    }
}
