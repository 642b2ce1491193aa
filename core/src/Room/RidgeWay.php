<?php

declare(strict_types=1);

namespace Kaddle\Core\Room;

/**
 * How the ridge of a pitched roof runs.
 *
 * @phpstan-all-methods-pure
 */
enum RidgeWay: string
{
    /** The way the camera looks: slopes to the left and right. */
    case Along = 'along';
    /** From side to side: slopes before and behind. */
    case Across = 'across';

    public function inWords(): string
    {
        return match ($this) {
            self::Along => 'along your view',
            self::Across => 'across your view',
        };
    }
}
