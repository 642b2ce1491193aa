<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Meter\Drift;
use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Words\MeterWords;
use Kaddle\Core\Words\Voice;

/**
 * Level of the face, stops against correct, in a frame in which something has changed.
 *
 * @phpstan-all-methods-pure
 */
final readonly class DriftDocument
{
    private function __construct(
        public string $label,
        /** Output set by hand. */
        public float $manual,
        /** The meter left alone. */
        public float $metered,
        /** The meter with the compensation advised. */
        public float $compensated,
        /** Metered once with compensation, then kept. */
        public float $locked,
    ) {}

    public static function of(Drift $drift, Voice $voice): self
    {
        $level = static fn(Stops $stops): float => round(max(-9.0, $stops->value), 2);

        return new self(
            MeterWords::drift($drift, $voice),
            $level($drift->manual),
            $level($drift->metered),
            $level($drift->compensated),
            $level($drift->locked),
        );
    }
}
