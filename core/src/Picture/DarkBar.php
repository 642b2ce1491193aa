<?php

declare(strict_types=1);

namespace Kaddle\Core\Picture;

use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Situation\Moment;

/**
 * What the second curtain covers as the flash pops, at a shutter that is never wholly open.
 *
 * @see docs/physics.md, “Noise, bar and shadow of a picture”
 *
 * @phpstan-all-methods-pure
 */
final readonly class DarkBar
{
    private function __construct(
        public Shutter $shutter,
        /** Of the frame, from its lower edge as the camera is held level; 0 to 1. */
        public float $share,
    ) {}

    /** @return list<self> by every shutter over sync speed, slowest first; none for a flash that pulses */
    public static function all(Moment $moment): array
    {
        if ($moment->look->withoutFlash || $moment->look->aids->pulses()) {
            return [];
        }
        $body = $moment->body;
        $over = array_filter(
            Shutter::scale($body->step),
            static fn(Shutter $s): bool => $s->tv->thirtieths > $body->sync->tv->thirtieths && $s->tv->thirtieths <= $body->fastestOnDial->tv->thirtieths,
        );

        return array_map(
            static fn(Shutter $s): self => new self($s, 1.0 - $s->seconds() / $body->sync->seconds()),
            array_values($over),
        );
    }
}
