<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

/**
 * What a drawn ray stands for.
 *
 * @phpstan-all-methods-pure
 */
enum RayKind: string
{
    case Axis = 'axis';
    /** One of the rays between the two at which intensity has fallen to half, in order. */
    case Fan = 'fan';
    /** From the middle of the pool to the face. */
    case Return = 'return';
}
