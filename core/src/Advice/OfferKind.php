<?php

declare(strict_types=1);

namespace Kaddle\Core\Advice;

/** Help for a room that is brighter than sync speed allows. */
enum OfferKind: string
{
    case Density = 'density';
    case HighSpeed = 'high-speed';
}
