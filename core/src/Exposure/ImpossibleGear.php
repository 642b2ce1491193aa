<?php

declare(strict_types=1);

namespace Kaddle\Core\Exposure;

use Kaddle\Core\Quantity\Refused;

/**
 * A piece of gear whose figures contradict each other.
 *
 * @phpstan-all-methods-pure
 */
final class ImpossibleGear extends Refused
{
    public static function because(string $sentence): self
    {
        return new self($sentence);
    }
}
