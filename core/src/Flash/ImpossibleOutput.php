<?php

declare(strict_types=1);

namespace Kaddle\Core\Flash;

use Kaddle\Core\KaddleException;
use Kaddle\Core\Quantity\ExactStops;
use Kaddle\Core\Quantity\Limits;

/**
 * An output that no unit can give.
 *
 * @phpstan-all-methods-pure
 */
final class ImpossibleOutput extends \DomainException implements KaddleException
{
    public static function aboveFull(ExactStops $stops): self
    {
        return new self(sprintf('A flash cannot give %.2f stops more than full power.', $stops->value()));
    }

    public static function lowestOutside(int $stops, Limits $limits): self
    {
        return new self(sprintf('The lowest output must lie %s under full power; it lies %d.', $limits->inWords(), $stops));
    }
}
