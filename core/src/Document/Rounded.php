<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Quantity\Stops;

/**
 * @internal numbers as documents carry them: short, and null where JSON has no word for endless
 *
 * @phpstan-all-methods-pure
 */
final class Rounded
{
    private function __construct() {}

    /** In stops, to a thousandth; null where it is endless. */
    public static function stops(Stops $stops): ?float
    {
        return is_finite($stops->value) ? round($stops->value, 3) : null;
    }

    /** @param float $metres m */
    public static function metres(float $metres): float
    {
        return round($metres, 3);
    }
}
