<?php

declare(strict_types=1);

namespace Kaddle\Core\Kit;

use Kaddle\Core\Exposure\Lens;

/**
 * A way of lighting: a lens, one unit or two, bounced or straight.
 *
 * @phpstan-all-methods-pure
 */
final readonly class KitWay
{
    private function __construct(
        public string $lensName,
        public Lens $lens,
        public bool $isBounced,
        public int $units,
    ) {}

    public static function bounced(string $lensName, Lens $lens): self
    {
        return new self($lensName, $lens, true, 1);
    }

    public static function straight(string $lensName, Lens $lens): self
    {
        return new self($lensName, $lens, false, 1);
    }

    public static function withSecondUnit(string $lensName, Lens $lens): self
    {
        return new self($lensName, $lens, true, 2);
    }
}
