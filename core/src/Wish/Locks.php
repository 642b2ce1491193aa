<?php

declare(strict_types=1);

namespace Kaddle\Core\Wish;

use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Exposure\Shutter;

/**
 * Controls that the photographer holds where they are; the others follow.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Locks
{
    private function __construct(
        public ?Shutter $shutter,
        public ?Aperture $aperture,
        public ?Iso $iso,
    ) {}

    public static function of(?Shutter $shutter, ?Aperture $aperture, ?Iso $iso): self
    {
        return new self($shutter, $aperture, $iso);
    }

    public static function none(): self
    {
        return new self(null, null, null);
    }

    public function areAll(): bool
    {
        return $this->shutter !== null && $this->aperture !== null && $this->iso !== null;
    }
}
