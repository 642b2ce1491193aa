<?php

declare(strict_types=1);

namespace Kaddle\Core\Room;

use Kaddle\Core\Quantity\Amount;
use Kaddle\Core\Quantity\Range;
use Kaddle\Core\Quantity\Refused;
use Kaddle\Core\Quantity\Sentence;

/**
 * A ridge that lies no higher than the eaves.
 *
 * @phpstan-all-methods-pure
 */
final class FlatRidge extends Refused
{
    /** @param float $ridge m */
    public static function of(float $ridge, Range $range): self
    {
        return new self(
            Sentence::of('With these eaves the ridge must be %s high; it is %s.', $range, Amount::in($range, $ridge)),
        );
    }
}
