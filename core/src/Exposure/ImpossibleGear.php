<?php

declare(strict_types=1);

namespace Kaddle\Core\Exposure;

use Kaddle\Core\KaddleException;

/**
 * A piece of gear whose figures contradict each other.
 *
 * @phpstan-all-methods-pure
 */
final class ImpossibleGear extends \DomainException implements KaddleException
{
    public static function because(string $sentence): self
    {
        return new self($sentence);
    }
}
