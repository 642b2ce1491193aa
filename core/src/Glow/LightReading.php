<?php

declare(strict_types=1);

namespace Kaddle\Core\Glow;

use Kaddle\Core\Quantity\ExposureValue;

/**
 * A measurement of a room's glow.
 *
 * @phpstan-all-methods-pure
 */
final readonly class LightReading
{
    private function __construct(
        /** Where in the room. */
        public string $spot,
        public \DateTimeImmutable $at,
        public ExposureValue $glow,
        public ReadingKind $kind,
        public ReadingOf $of,
    ) {}

    public static function of(string $spot, \DateTimeImmutable $at, ExposureValue $glow, ReadingKind $kind, ReadingOf $of = ReadingOf::Room): self
    {
        return new self($spot, $at, $glow, $kind, $of);
    }
}
