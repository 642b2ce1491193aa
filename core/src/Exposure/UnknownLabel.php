<?php

declare(strict_types=1);

namespace Kaddle\Core\Exposure;

use Kaddle\Core\Quantity\Refused;

/**
 * A setting written in a way that no camera shows.
 *
 * @phpstan-all-methods-pure
 */
final class UnknownLabel extends Refused
{
    /** @param list<string> $examples */
    public static function of(string $what, string $label, array $examples): self
    {
        $shown = mb_strimwidth($label, 0, 20, '…');

        return new self(
            sprintf(
                '“%s” is not a customary %s; write it as on a camera, for example %s.',
                $shown,
                $what,
                implode(', ', $examples),
            ),
        );
    }
}
