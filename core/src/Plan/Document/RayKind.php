<?php

declare(strict_types=1);

namespace Kaddle\Core\Plan\Document;

/**
 * What a drawn ray stands for.
 *
 * @phpstan-all-methods-pure
 */
enum RayKind: string
{
    case Axis = 'axis';
    /** Where intensity has fallen to half. */
    case Edge = 'edge';
    /** From the middle of the pool to the face. */
    case Return = 'return';
}
