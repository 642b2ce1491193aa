<?php

declare(strict_types=1);

namespace Kaddle\Core\Advice;

/** Where one more stop of light can come from. */
enum GainKind: string
{
    case Iso = 'iso';
    case Aperture = 'aperture';
    case Shutter = 'shutter';
    case Output = 'output';
    case Aim = 'aim';
    case Nearer = 'nearer';
}
