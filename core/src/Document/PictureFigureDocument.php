<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Picture\Figure;
use Kaddle\Core\Picture\FigureKind;
use Kaddle\Core\Picture\PictureView;

/** A cut-out in the picture. */
final readonly class PictureFigureDocument
{
    /**
     * @param list<float> $at
     * @param list<float> $front
     */
    private function __construct(
        public FigureKind $kind,
        /** Whether the picture is of it; such figures move in a long exposure. */
        public bool $isOfGroup,
        /** Whether it is the one that settings are made for. */
        public bool $isSubject,
        /** The face, m. @var list<float> */
        public array $at,
        /** What the clothes send back over mid-grey. */
        public float $cloth,
        /** What the face does. */
        public float $face,
        /** The room’s light on it over that on what is behind the people. */
        public float $room,
        /** Light of the flash towards the camera over that on the face: red, green, blue. @var list<float> */
        public array $front,
        /** What comes from its sides as the camera sees them, from above and below, over that from the front. */
        public float $left,
        public float $right,
        public float $above,
        public float $below,
        /** Width of its blur at f/1, in widths of the picture. */
        public float $blur,
    ) {}

    public static function of(Figure $figure, PictureView $picture): self
    {
        return new self(
            $figure->kind,
            $figure->isOfGroup,
            $figure->isSubject,
            PictureDocument::place($figure->at),
            round($figure->cloth, 4),
            Figure::FACE,
            round($figure->room, 5),
            PictureDocument::light($picture->overFace($figure->front)),
            round($figure->left, 3),
            round($figure->right, 3),
            round($figure->above, 3),
            round($figure->below, 3),
            (float) sprintf('%.4g', $picture->blur(max(0.1, $picture->camera->depthOf($figure->at)))),
        );
    }
}
