<?php

declare(strict_types=1);

namespace Kaddle\Core\Solve;

/**
 * How far off still counts as right, and how sure the numbers are.
 *
 * @phpstan-all-methods-pure
 */
final class Tolerance
{
    /** Half a third-stop click: what rounding to the gear may cost, stops. */
    public const ROUNDING = 1.0 / 6.0;

    /** A careful meter reading of the glow, stops either way. */
    public const GLOW = 0.3;

    private function __construct() {}
}
