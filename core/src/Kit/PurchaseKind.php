<?php

declare(strict_types=1);

namespace Kaddle\Core\Kit;

/** Kinds of things that buy stops for a moment. */
enum PurchaseKind: string
{
    case Iso = 'iso';
    case Lens = 'lens';
    case Unit = 'unit';
    case GuideNumber = 'guide-number';
    case Lowest = 'lowest';
    case Nearer = 'nearer';
    case Aim = 'aim';
}
