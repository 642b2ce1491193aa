<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Colour\LightColour;
use Kaddle\Core\Picture\PictureView;
use Kaddle\Core\Picture\Shiner;

/** Something in the picture that shines. */
final readonly class PictureShinerDocument
{
    /**
     * @param list<float> $at
     * @param list<float> $tint
     */
    private function __construct(
        public string $name,
        /** Its middle, m. @var list<float> */
        public array $at,
        /** m */
        public float $width,
        /** m; null for a round one. */
        public ?float $height,
        /** Over mid-grey in the room’s light. */
        public float $light,
        /** As the white balance shows it: red, green, blue. @var list<float> */
        public array $tint,
        /** Width of its blur at f/1, in widths of the picture. */
        public float $blur,
    ) {}

    public static function of(Shiner $shiner, PictureView $picture): self
    {
        return new self(
            $shiner->name,
            PictureDocument::place($shiner->at),
            round($shiner->width, 3),
            $shiner->height === null ? null : round($shiner->height, 3),
            (float) sprintf('%.5g', 2.0 ** ($shiner->level->ev - $picture->solution->moment->glow->ev)),
            PictureDocument::light($picture->seen(LightColour::ofKelvin($shiner->colour))),
            (float) sprintf('%.4g', $picture->blur(max(0.1, $picture->camera->depthOf($shiner->at)))),
        );
    }
}
