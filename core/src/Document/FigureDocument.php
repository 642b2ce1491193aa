<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Drag\DragView;
use Kaddle\Core\Motion\CameraMoveKind;
use Kaddle\Core\Motion\Way;

/** The person as a cut-out of true size, and the way that it goes through the picture. */
final readonly class FigureDocument
{
    /** m from the middle of the face: half a cut-out of an adult, from the crown down the right side; the feet are wherever the floor is. */
    public const HALF = [
        [0.0, 0.13], [0.05, 0.12], [0.08, 0.07], [0.09, 0.0], [0.075, -0.08], [0.05, -0.12], [0.055, -0.17],
        [0.16, -0.21], [0.215, -0.27], [0.225, -0.4], [0.21, -0.62], [0.17, -0.64], [0.18, -0.85], [0.16, -1.2], [0.13, -1.62],
    ];

    /**
     * @param list<float> $outlineAcross
     * @param list<float> $outlineUp
     * @param list<float> $across
     * @param list<float> $up
     * @param list<float> $scale
     * @param list<float> $turn
     */
    private function __construct(
        /** Corners from the middle of the face, frame widths, as the shutter opens. @var list<float> */
        public array $outlineAcross,
        /** The same upwards. @var list<float> */
        public array $outlineUp,
        /** The face at even steps of time, frame widths to the right of the middle of the picture. @var list<float> */
        public array $across,
        /** The same upwards. @var list<float> */
        public array $up,
        /** Size against the outline at the same steps. @var list<float> */
        public array $scale,
        /** Radians that it is turned by, anticlockwise as seen. @var list<float> */
        public array $turn,
        /** Light of the room that it sends, over the whole exposure, as a ratio to mid-grey. */
        public float $room,
        /** Of the pop. */
        public float $pop,
    ) {}

    public static function of(DragView $view): self
    {
        $moment = $view->solution->moment;
        $distance = $moment->scene->distance;
        $going = $moment->people->going;
        $exposing = $view->exposing;
        $move = $exposing->move;
        $unit = $exposing->scaleAt($distance);
        $over = $moment->scene->face->z - $moment->scene->camera->z;
        $half = self::HALF;
        $mirrored = array_map(static fn(array $p): array => [-$p[0], $p[1]], array_reverse(array_slice($half, 1)));
        $outline = [...$half, ...$mirrored];
        $across = $up = $scale = $turn = [];
        for ($step = 0; $step <= Way::STEPS; ++$step) {
            $at = $exposing->time->seconds * $step / Way::STEPS;
            $place = $exposing->imageOfSomebody($going, 0.0, $over, $distance, $at);
            $done = $move->done($at, $exposing->time->seconds);
            $across[] = round($place->x, 5);
            $up[] = round($place->y, 5);
            $scale[] = round($exposing->scaleAt($distance - $going->towards() * $at) / $unit * $move->ratio ** $done, 5);
            $turn[] = $move->kind === CameraMoveKind::Twist ? round(deg2rad($move->angle * $done), 5) : 0.0;
        }
        $subject = $view->subject;

        return new self(
            array_map(static fn(array $p): float => round($p[0] * $unit, 5), $outline),
            array_map(static fn(array $p): float => round($p[1] * $unit, 5), $outline),
            $across,
            $up,
            $scale,
            $turn,
            round($subject->room * $subject->tone, 6),
            round($subject->flash * $subject->tone, 6),
        );
    }
}
