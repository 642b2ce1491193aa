<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\People\People;
use Kaddle\Core\Picture\PictureView;
use Kaddle\Core\Picture\Surface;
use Kaddle\Core\Picture\SurfaceLight;
use Kaddle\Core\Quantity\Rgb;

/** A face of the room in the picture, or one slope of its ceiling. */
final readonly class PictureSurfaceDocument
{
    /** Of the light on the face, by which the flash is counted: whole numbers are written and read several times as fast as others, and there are thousands. */
    private const UNIT = 1e-5;

    /**
     * @param list<float> $corner
     * @param list<float> $along
     * @param list<float> $across
     * @param list<float> $tone
     * @param list<int> $flash
     */
    private function __construct(
        public string $name,
        /** A corner, m. @var list<float> */
        public array $corner,
        /** From it, one side, m. @var list<float> */
        public array $along,
        /** The other. @var list<float> */
        public array $across,
        /** What it sends back over mid-grey: red, green, blue. @var list<float> */
        public array $tone,
        /** What shines through it, over mid-grey in the room’s light; 0 for a face that is there. */
        public float $shine,
        /** Places along the first side at which the light of the flash is told. */
        public int $columns,
        /** The same along the other. */
        public int $rows,
        /** That light in hundred-thousandths of the light on the face: red, green and blue of each place, along the first side, row by row along the other; empty for a flash that is off, and where nothing is sent back. @var list<int> */
        public array $flash,
    ) {}

    public static function of(Surface $surface, SurfaceLight $light, PictureView $picture): self
    {
        $count = $picture->overFace(Rgb::grey(1.0 / self::UNIT))->g;
        $flash = [];
        foreach ($light->flash as $there) {
            $flash[] = (int) round($there->r * $count);
            $flash[] = (int) round($there->g * $count);
            $flash[] = (int) round($there->b * $count);
        }

        return new self(
            $surface->face->inWords(),
            PictureDocument::place($surface->corner),
            PictureDocument::place($surface->along),
            PictureDocument::place($surface->across),
            PictureDocument::light($picture->solution->moment->scene->room->reflectance($surface->face)->share->times(1.0 / People::MID_GREY)),
            (float) sprintf('%.4g', $picture->shineOf($surface->face)),
            $light->columns,
            $light->rows,
            $flash,
        );
    }
}
