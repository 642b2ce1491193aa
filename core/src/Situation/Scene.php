<?php

declare(strict_types=1);

namespace Kaddle\Core\Situation;

use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Range;
use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Room\Direction;
use Kaddle\Core\Room\Probe;
use Kaddle\Core\Room\Vector;

/**
 * Who stands where in which room. Camera, head, face and backdrop always lie inside.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Scene
{
    /** How far a unit on the camera holds its head over the lens, m. */
    public const HEAD_OVER_LENS = 0.2;

    /** Air that must stay between head or face and any wall or ceiling, m. */
    private const CLEARANCE = 0.05;

    private function __construct(
        public BoxRoom $room,
        /** The lens, m. */
        public Vector $camera,
        /** The flash head on the camera, m. */
        public Vector $head,
        /** The face that must be right, m. */
        public Vector $face,
        /** From lens to face, measured level, m. */
        public float $distance,
    ) {}

    /**
     * Camera in the middle of the room's width, looking along its length at the subject.
     *
     * @param float $fromBackWall m from the wall behind the camera to the lens
     * @param float $cameraHeight m from the floor to the lens
     * @param float $distance m from lens to face, measured level
     * @param float $faceHeight m from the floor to the face
     *
     * @throws OutOfRange
     * @throws OutsideRoom
     */
    public static function ofMetres(
        BoxRoom $room,
        float $fromBackWall,
        float $cameraHeight,
        float $distance,
        float $faceHeight,
    ): self {
        $camera = Vector::of(
            self::fromBackWallRange()->checked('distance from the wall behind you', $fromBackWall),
            $room->width / 2.0,
            self::heightRange()->checked('camera height', $cameraHeight),
        );
        $face = Vector::of(
            $camera->x + self::distanceRange()->checked('subject distance', $distance),
            $camera->y,
            self::heightRange()->checked('height of the face', $faceHeight),
        );
        $head = $camera->plus(Vector::of(0.0, 0.0, self::HEAD_OVER_LENS));
        $misfit = self::misfit($room, $camera, $head, $face);

        return $misfit === null ? new self($room, $camera, $head, $face, $distance) : throw $misfit;
    }

    /**
     * The same with the subject at another distance; null where the room or the range ends before.
     *
     * @param float $distance m
     */
    public function tryAt(float $distance): ?self
    {
        return self::distanceRange()->contains($distance) ? $this->tryWith($this->room, $distance) : null;
    }

    /** The same people in another room with the same floor; null where they do not fit. */
    public function tryIn(BoxRoom $room): ?self
    {
        return $this->tryWith($room, $this->distance);
    }

    /** From the face to the wall behind it, m. */
    public function spaceBehind(): float
    {
        return $this->room->length - $this->face->x;
    }

    public static function fromBackWallRange(): Range
    {
        return Range::between(0.1, 199.0, 'm', 0.1);
    }

    public static function distanceRange(): Range
    {
        return Range::between(0.4, 100.0, 'm', 0.1);
    }

    public static function heightRange(): Range
    {
        return Range::between(0.2, 10.0, 'm', 0.05);
    }

    /** The face towards the camera. */
    public function faceProbe(): Probe
    {
        return Probe::at($this->face, Direction::along(Vector::of(-1.0, 0.0, 0.0)));
    }

    /** The same place from above: what fills the eye sockets with shadow when it outshines the face. */
    public function crownProbe(): Probe
    {
        return Probe::at($this->face, Direction::up());
    }

    /** The cheek that the camera sees on its left. */
    public function leftProbe(): Probe
    {
        return Probe::at($this->face, Direction::along(Vector::of(0.0, 1.0, 0.0)));
    }

    /** The cheek that the camera sees on its right. */
    public function rightProbe(): Probe
    {
        return Probe::at($this->face, Direction::along(Vector::of(0.0, -1.0, 0.0)));
    }

    /** The far wall behind the face. */
    public function backdropProbe(): Probe
    {
        return Probe::at(
            Vector::of($this->room->length, $this->face->y, $this->face->z),
            Direction::along(Vector::of(-1.0, 0.0, 0.0)),
        );
    }

    private function tryWith(BoxRoom $room, float $distance): ?self
    {
        $face = Vector::of($this->camera->x + $distance, $this->camera->y, $this->face->z);

        return self::misfit($room, $this->camera, $this->head, $face) === null
            ? new self($room, $this->camera, $this->head, $face, $distance)
            : null;
    }

    private static function misfit(BoxRoom $room, Vector $camera, Vector $head, Vector $face): ?OutsideRoom
    {
        return match (true) {
            $camera->x > $room->length - self::CLEARANCE => OutsideRoom::camera($room->length - self::CLEARANCE),
            $head->z > $room->ceilingOver($head->x, $head->y) - self::CLEARANCE => OutsideRoom::head(
                $room->ceilingOver($head->x, $head->y),
                $head->z + self::CLEARANCE,
            ),
            $face->x > $room->length - self::CLEARANCE => OutsideRoom::subject(
                $room->length - $camera->x - self::CLEARANCE,
            ),
            $face->z > $room->ceilingOver($face->x, $face->y) - self::CLEARANCE => OutsideRoom::face(
                $room->ceilingOver($face->x, $face->y) - self::CLEARANCE,
            ),
            default => null,
        };
    }
}
