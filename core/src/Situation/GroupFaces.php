<?php

declare(strict_types=1);

namespace Kaddle\Core\Situation;

use Kaddle\Core\Exposure\Optics;
use Kaddle\Core\People\People;
use Kaddle\Core\Quantity\Length;
use Kaddle\Core\Room\Direction;
use Kaddle\Core\Room\Probe;
use Kaddle\Core\Room\Vector;

/**
 * Where the faces of a group are that its light is judged by, and where the camera would stand for all of them.
 *
 * @see docs/physics.md, “Groups”
 *
 * @phpstan-all-methods-pure
 */
final readonly class GroupFaces
{
    /** How much wider than the group the frame should be (judgement). */
    private const MARGIN = 1.1;

    /** m by which somebody steps back to look for more even light. */
    public const STEP = 1.0;

    /** m between a face and a wall at the least. */
    private const CLEAR = 0.06;

    /** m to a side from which the ends of a row are other places than its middle. */
    private const APART = 0.3;

    /** @param non-empty-array<string, Probe> $probes */
    private function __construct(
        /** Faces towards the camera, by GroupPlace; those at the right end carry " right" after it. */
        public array $probes,
        /** From where all of them are in the frame. */
        public Length $fitsFrom,
        /** The same people from there, or from a metre back where they fit already; null where the room ends before. */
        public ?Scene $fartherBack,
    ) {}

    public static function of(Scene $scene, People $people, Optics $optics): self
    {
        $fitsFrom = $people->across() * self::MARGIN * $optics->metres() / $optics->frameWidth();

        return new self(
            self::probes($scene, $people),
            Length::ofMetres($fitsFrom),
            $scene->tryAt($fitsFrom > $scene->distance ? $fitsFrom : $scene->distance + self::STEP),
        );
    }

    /** @return non-empty-array<string, Probe> */
    private static function probes(Scene $scene, People $people): array
    {
        $side = min($people->across() / 2.0, $scene->room->width / 2.0 - self::CLEAR);
        $back = min($people->depth, $scene->spaceBehind() - self::CLEAR);
        $at = static fn(float $x, float $y): Probe => Probe::at(
            Vector::of($scene->face->x + $x, $scene->face->y + $y, $scene->face->z),
            Direction::along(Vector::of(-1.0, 0.0, 0.0)),
        );
        $ends = static fn(GroupPlace $place, float $x): array => [$place->value => $at($x, $side), "$place->value right" => $at($x, -$side)];

        return [
            GroupPlace::FrontMiddle->value => $at(0.0, 0.0),
            ...($side > self::APART ? $ends(GroupPlace::FrontEnd, 0.0) : []),
            ...($back > 0.0 ? [GroupPlace::BackMiddle->value => $at($back, 0.0)] : []),
            ...($back > 0.0 && $side > self::APART ? $ends(GroupPlace::BackEnd, $back) : []),
        ];
    }
}
