<?php

declare(strict_types=1);

namespace Kaddle\Core\Motion;

/**
 * What becomes of somebody who moves.
 *
 * @phpstan-all-methods-pure
 */
enum GhostVerdict: string
{
    case Clean = 'clean';
    case SoftEdge = 'soft-edge';
    case Ghost = 'ghost';
    /** What lies behind is brighter than they are by the room's light, and burns into their edge. */
    case Eaten = 'eaten';

    public function inWords(): string
    {
        return match ($this) {
            self::Clean => 'clean',
            self::SoftEdge => 'soft edge',
            self::Ghost => 'plain ghost',
            self::Eaten => 'eaten by what is behind',
        };
    }
}
