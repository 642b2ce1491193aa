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
    case Person = 'person';
    /** Flowers, candles, and what else is set up. */
    case Decor = 'decor';
}
