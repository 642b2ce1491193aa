<?php

declare(strict_types=1);

namespace Kaddle\Core\Quantity;

/**
 * A value outside the range in which it makes sense.
 *
 * @phpstan-all-methods-pure
 */
final class OutOfRange extends Refused
{
    /** @param float $value in the unit of the range */
    public static function of(string $what, float $value, Range $range): self
    {
        return new self(Sentence::of('The %s must be %s; it is %s.', $what, $range, Amount::in($range, $value)));
    }
}
