<?php

declare(strict_types=1);

namespace Kaddle\Core\Meter;

use Kaddle\Core\Quantity\Length;
use Kaddle\Core\Quantity\Stops;

/**
 * A frame in which something has changed, and the face's level under each way to set the output.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Drift
{
    /** Stops off what is planned from which a frame needs mending. */
    public const PLAIN = 0.5;

    /** @internal made by OutputWays only */
    public function __construct(
        public DriftKind $kind,
        /** How far away the people then are. */
        public Length $distance,
        /** Output set once by the computation. */
        public Stops $manual,
        /** The meter left alone. */
        public Stops $metered,
        /** The meter with the compensation advised for the frame as planned. */
        public Stops $compensated,
        /** What the meter gave for the frame as planned, with that compensation, then kept. */
        public Stops $locked,
    ) {}
}
