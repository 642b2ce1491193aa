<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Room\Face;
use Kaddle\Core\Room\RidgeWay;
use Kaddle\Core\Room\Vector;
use Kaddle\Core\Situation\Moment;
use Kaddle\Core\Solve\Solution;

/**
 * Everything that a drawing of the room needs, in metres, from the scene that the engine used.
 *
 * @phpstan-all-methods-pure
 */
final readonly class SectionDocument
{
    /** m from one row of people to the next. */
    private const ROW = 0.8;

    /**
     * @param list<PointDocument> $ceiling
     * @param list<PointDocument> $rows
     * @param list<RayDocument> $rays
     * @param list<PoolDocument> $pools
     */
    private function __construct(
        /** m */
        public float $length,
        /** m */
        public float $width,
        /** To the ceiling or the eaves, m. */
        public float $height,
        /** To the highest point of the ceiling, m. */
        public float $highest,
        /** The ceiling in the section, back to far. @var list<PointDocument> */
        public array $ceiling,
        /** How the ridge of a pitched roof runs; null for a flat ceiling. */
        public ?RidgeWay $ridge,
        public PointDocument $camera,
        public PointDocument $head,
        /** Unit vector: where the head points. */
        public PointDocument $pointing,
        public PointDocument $face,
        /** Faces of the rows behind the first, as far as the room goes. @var list<PointDocument> */
        public array $rows,
        /** What stands behind the people, and how far behind. */
        public PointDocument $behind,
        public string $behindInWords,
        /** What stands behind the face: the place where the far wall's level is told. */
        public PointDocument $backdrop,
        /** Whether there is a ceiling at all. */
        public bool $openAbove,
        /** @var list<RayDocument> */
        public array $rays,
        /** @var list<PoolDocument> */
        public array $pools,
    ) {}

    public static function of(Solution $solution): self
    {
        $scene = $solution->moment->scene;
        $people = $solution->moment->people;
        $beam = BeamDrawing::of($solution);

        return new self(
            $scene->room->length,
            $scene->room->width,
            $scene->room->height,
            $scene->room->roof->ridge ?? $scene->room->height,
            array_map(PointDocument::of(...), $scene->room->ceilingLine($scene->camera->y)),
            $scene->room->roof?->way,
            PointDocument::of($scene->camera),
            PointDocument::of($scene->head),
            PointDocument::of($solution->head()->direction->unit),
            PointDocument::of($scene->face),
            self::rows($solution->moment),
            PointDocument::of(
                Vector::of(
                    min($scene->room->length, $scene->face->x + $people->depth + $people->behind->distance()),
                    $scene->face->y,
                    $scene->face->z,
                ),
            ),
            $people->behind->inWords(),
            PointDocument::of($scene->backdropProbe()->point),
            $scene->room->reflectance(Face::Ceiling)->share->luminance() === 0.0,
            $beam->rays(),
            $beam->pools(),
        );
    }

    /** @return list<PointDocument> a row about each 0.8 m, the last at the depth of the group */
    private static function rows(Moment $moment): array
    {
        $depth = $moment->people->depth;
        $count = (int) ceil($depth / self::ROW);
        $rows = [];
        for ($i = 1; $i <= $count; ++$i) {
            $row = $moment->scene->face->plus(Vector::of($depth * $i / $count, 0.0, 0.0));
            if ($moment->scene->room->contains($row)) {
                $rows[] = PointDocument::of($row);
            }
        }

        return $rows;
    }
}
