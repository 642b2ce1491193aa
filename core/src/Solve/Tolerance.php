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

    /**
     * Bounced light, stops either way: finishes known to about 0.07 of
     * reflectance, furniture and people that the empty box leaves out.
     */
    public const BOUNCED = 0.4;

    /** Direct light, stops either way: guide numbers as printed are hopeful. */
    public const DIRECT = 0.2;

    private function __construct() {}
}
