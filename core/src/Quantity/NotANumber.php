<?php

declare(strict_types=1);

namespace Kaddle\Core\Quantity;

/**
 * A computation went astray: what came out is no number, or has no end where it must have one.
 *
 * @phpstan-all-methods-pure
 */
final class NotANumber extends Refused
{
    public static function in(string $what): self
    {
        return new self("The $what is not a number.");
    }
}
