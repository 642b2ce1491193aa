<?php

declare(strict_types=1);

namespace Kaddle\Core\Quantity;

use Kaddle\Core\KaddleException;

/**
 * A value outside the range in which it makes sense.
 *
 * @phpstan-all-methods-pure
 */
final class OutOfRange extends \DomainException implements KaddleException
{
    private function __construct(
        string $message,
        public readonly float $value,
        public readonly Limits $limits,
    ) {
        parent::__construct($message);
    }

    public static function of(string $what, float $value, Limits $limits): self
    {
        return new self(
            sprintf('The %s must be %s; it is %s.', $what, $limits->inWords(), Number::plain($value)),
            $value,
            $limits,
        );
    }
}
