<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Picture\NamedSpot;
use Kaddle\Core\Picture\PictureView;

/** A place of the picture by its name. */
final readonly class PictureSpotDocument
{
    private function __construct(
        public string $name,
        /** Widths of the picture to the right of its middle. */
        public float $across,
        /** The same upwards. */
        public float $up,
        /** What it sends of the room’s light over mid-grey, where that reads as metered. */
        public float $room,
        /** Of the flash, where that is correct on the face. */
        public float $flash,
    ) {}

    public static function of(NamedSpot $spot, PictureView $picture): self
    {
        $point = $picture->camera->project($spot->at);

        return new self($spot->name, round($point->x ?? 0.0, 4), round($point->y ?? 0.0, 4), (float) sprintf('%.5g', $spot->room), (float) sprintf('%.5g', $spot->flash));
    }
}
