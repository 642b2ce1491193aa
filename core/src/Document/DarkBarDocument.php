<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Picture\DarkBar;
use Kaddle\Core\Picture\View;

/** What the flash leaves dark at a shutter over sync speed. */
final readonly class DarkBarDocument
{
    private function __construct(
        /** "1/400" */
        public string $shutter,
        /** Of the picture, 0 to 1. */
        public float $share,
        /** Whether it stands at the right, for a camera held upright; at the bottom if not. */
        public bool $isAtRight,
    ) {}

    public static function of(DarkBar $bar, View $view): self
    {
        return new self($bar->shutter->label(), round($bar->share, 3), $view->isUpright);
    }
}
