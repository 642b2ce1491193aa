<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Advice\ColourView;
use Kaddle\Core\Colour\LightColour;
use Kaddle\Core\Colour\Tint;
use Kaddle\Core\Words\ColourWords;

/** One light, as it looks on white paper. */
final readonly class ColourPatchDocument
{
    private function __construct(
        public string $name,
        /** "2700 K, 370 mired" */
        public string $light,
        /** "a little warm, +25 mired": as the body is set */
        public string $looks,
        /** As a colour of the page: "#ffb46b". */
        public string $tint,
    ) {}

    public static function of(string $name, ?LightColour $light, ColourView $view): ?self
    {
        return $light === null ? null : new self(
            $name,
            ColourWords::light($light),
            ColourWords::looks($view->looks($light)),
            Tint::of($light, $view->balance),
        );
    }
}
