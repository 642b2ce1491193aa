<?php

declare(strict_types=1);

namespace Kaddle\Core\Kit;

use Kaddle\Core\Exposure\Lens;

/**
 * A way of lighting: a lens, one unit or two, bounced or straight, or the light of the room alone.
 *
 * @phpstan-all-methods-pure
 */
final readonly class KitWay
{
    private function __construct(
        public KitLight $light,
        public string $lensName,
        public Lens $lens,
        /** Units side by side. */
        public int $units,
    ) {}

    /** @param int $units side by side, 1 or more */
    public static function bounced(string $lensName, Lens $lens, int $units = 1): self
    {
        return new self(KitLight::Bounced, $lensName, $lens, $units);
    }

    public static function straight(string $lensName, Lens $lens): self
    {
        return new self(KitLight::Straight, $lensName, $lens, 1);
    }

    public static function withoutFlash(string $lensName, Lens $lens): self
    {
        return new self(KitLight::Room, $lensName, $lens, 1);
    }
}
