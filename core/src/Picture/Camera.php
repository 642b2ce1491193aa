<?php

declare(strict_types=1);

namespace Kaddle\Core\Picture;

use Kaddle\Core\Motion\FramePoint;
use Kaddle\Core\Room\Direction;
use Kaddle\Core\Room\Vector;
use Kaddle\Core\Situation\Moment;

/**
 * A lens without distortion before a frame: where things of a room come to lie in the picture.
 *
 * @see docs/physics.md, “The picture to expect”
 *
 * @phpstan-all-methods-pure
 */
final readonly class Camera
{
    /** Long side over short side of the frame. */
    public const LONG = 1.5;

    /** Share of the height of the picture by which a face stands over its middle. */
    private const THIRD = 1.0 / 6.0;

    /** Degrees up or down at the most: beyond, right and left would change sides. */
    private const STEEPEST = 85.0;

    private function __construct(
        public Vector $at,
        /** Where it looks, and what lies to the right and upwards in the picture; each of length 1. */
        public Vector $forward,
        public Vector $right,
        public Vector $up,
        /** Half the picture’s width over the distance: the tangent of half the angle of view across. */
        public float $half,
        /** Height of the picture over its width. */
        public float $aspect,
    ) {}

    public static function of(Moment $moment, View $view): self
    {
        [$camera, $face] = [$moment->scene->camera, $moment->scene->face];
        $long = $moment->optics->frameWidth() / 2.0 / $moment->optics->metres();
        $half = $view->isUpright ? $long / self::LONG : $long;
        $aspect = $view->isUpright ? self::LONG : 1.0 / self::LONG;
        // The middle of an even row lies between two of them, beside the first face.
        $aside = $moment->people->inRow() % 2 === 0 ? $moment->people->apart() / 2.0 : 0.0;
        $turn = deg2rad($view->turn) + atan2($aside, $moment->scene->distance);
        $up = atan2($face->z - $camera->z, $moment->scene->distance) - atan(2.0 * self::THIRD * $half * $aspect) + deg2rad($view->tilt);

        return self::looking($camera, max(-deg2rad(self::STEEPEST), min(deg2rad(self::STEEPEST), $up)), $turn, $half, $aspect);
    }

    /**
     * @param float $up radians over level, and so $turn to the right of the far wall
     * @param float $half half the picture’s width over the distance
     * @param float $aspect height of the picture over its width
     */
    public static function looking(Vector $at, float $up, float $turn, float $half, float $aspect): self
    {
        $forward = Vector::of(cos($up) * cos($turn), -cos($up) * sin($turn), sin($up));
        $right = Direction::along($forward->cross(Vector::of(0.0, 0.0, 1.0)))->unit;

        return new self($at, $forward, $right, $right->cross($forward), $half, $aspect);
    }

    /** How far a place lies along the way that the camera looks, m; 0 and less behind it. */
    public function depthOf(Vector $place): float
    {
        return $place->minus($this->at)->dot($this->forward);
    }

    /**
     * The way that a place of the picture looks, one deep.
     *
     * @param float $across share of half its width to the right of its middle, −1 to 1, and so $up of half its height
     */
    public function wayTo(float $across, float $up): Vector
    {
        return $this->forward->plus($this->right->times($across * $this->half))->plus($this->up->times($up * $this->half * $this->aspect));
    }

    /** @return list<Vector> across each edge of the picture, towards what it shows; the planes of all four go through the lens */
    public function edges(): array
    {
        [$aside, $over] = [$this->forward->times($this->half), $this->forward->times($this->half * $this->aspect)];

        return [$aside->plus($this->right), $aside->minus($this->right), $over->plus($this->up), $over->minus($this->up)];
    }

    /** In widths of the picture from its middle; null for what lies behind the camera. */
    public function project(Vector $place): ?FramePoint
    {
        $depth = $this->depthOf($place);
        $way = $place->minus($this->at);

        return $depth <= 0.0 ? null : new FramePoint(
            $way->dot($this->right) / $depth / $this->half / 2.0,
            $way->dot($this->up) / $depth / $this->half / 2.0,
        );
    }

    /** Whether a place of the picture lies in it. */
    public function shows(FramePoint $point): bool
    {
        return abs($point->x) <= 0.5 && abs($point->y) <= $this->aspect / 2.0;
    }
}
