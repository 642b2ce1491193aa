<?php

declare(strict_types=1);

namespace Kaddle\Core\Picture;

/**
 * What a cut-out stands for.
 *
 * @phpstan-all-methods-pure
 */
enum FigureKind: string
{
    /** m over a face where shoulders begin. */
    private const SHOULDERS = -0.19;

    case Person = 'person';
    /** Flowers, candles, and what else is set up. */
    case Decor = 'decor';

    /**
     * Half its width, m: that of a head, and at the widest below.
     *
     * @param float $over m over the face
     */
    public function reach(float $over): float
    {
        return $this === self::Decor ? 0.75 : ($over > self::SHOULDERS ? 0.1 : 0.23);
    }
}
