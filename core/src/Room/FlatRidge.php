<?php

declare(strict_types=1);

namespace Kaddle\Core\Room;

use Kaddle\Core\KaddleException;
use Kaddle\Core\Quantity\Limits;
use Kaddle\Core\Quantity\Number;

/**
 * A ridge that lies no higher than the eaves.
 *
 * @phpstan-all-methods-pure
 */
final class FlatRidge extends \DomainException implements KaddleException
{
    public static function of(float $ridge, Limits $limits): self
    {
        return new self(sprintf('With these eaves the ridge must be %s high; it is %s.', $limits->inWords(), Number::plain($ridge, 2)));
    }
}
