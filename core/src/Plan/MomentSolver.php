<?php

declare(strict_types=1);

namespace Kaddle\Core\Plan;

use Kaddle\Core\Flash\FlashInRoom;
use Kaddle\Core\Flash\HeadAim;

/**
 * Start here: one moment in, settings out.
 *
 * For every way to point the head it asks the engine for the light, lets
 * ExposureChooser set the room, derives the output for the face, and takes the
 * way with the least trouble. A moment that cannot be had comes back with the
 * nearest settings and the stops that are missing, never silently clamped.
 */
final class MomentSolver
{
    /** Raised whenever some moment may get another answer than before: answers that were kept are then asked for anew. */
    public const EDITION = 4;

    private function __construct() {}

    public static function solve(Moment $moment): Solution
    {
        return self::solveIn(FlashInRoom::of($moment->scene->room), $moment);
    }

    /**
     * Several moments, of which those in the same room share what belongs to the room alone.
     *
     * @template K of array-key
     *
     * @param array<K, Moment> $moments
     *
     * @return array<K, Solution> under the same keys
     */
    public static function solveAll(array $moments): array
    {
        $rooms = $solutions = [];
        foreach ($moments as $key => $moment) {
            $flash = $rooms[serialize($moment->scene->room)] ??= FlashInRoom::of($moment->scene->room);
            $solutions[$key] = self::solveIn($flash, $moment);
        }

        return $solutions;
    }

    private static function solveIn(FlashInRoom $flash, Moment $moment): Solution
    {
        $chooser = ExposureChooser::for($moment);
        $candidates = array_map(
            static fn(FaceLight $light): Candidate => self::candidate($moment, $chooser, $light),
            self::lights($flash, $moment),
        );
        $ranks = array_map(self::rank(...), $candidates);
        asort($ranks);
        $candidates = array_map(static fn(int $i): Candidate => $candidates[$i], array_keys($ranks));
        $wished = array_values(array_filter(
            $candidates,
            static fn(Candidate $c): bool => $c->light->aim === $moment->pointing->aim,
        ));

        return Solution::of($moment, $wished[0] ?? $candidates[0], $candidates);
    }

    /** @return non-empty-list<FaceLight> */
    private static function lights(FlashInRoom $flash, Moment $moment): array
    {
        $scene = $moment->scene;
        $room = $flash->at([
            'face' => $scene->faceProbe(),
            'crown' => $scene->crownProbe(),
            'left' => $scene->leftProbe(),
            'right' => $scene->rightProbe(),
            'backdrop' => $scene->backdropProbe(),
        ]);

        return array_map(
            static function (HeadAim $aim) use ($room, $scene, $moment): FaceLight {
                $head = $moment->head($scene, $aim);
                $lit = $room->lit($head);
                $light = $lit->exposures();

                return new FaceLight(
                    $aim,
                    $moment->angles($aim),
                    $head,
                    $light['face'],
                    $light['crown'],
                    $light['left'],
                    $light['right'],
                    $light['backdrop'],
                    $lit->apparentSize('face', $light['face']),
                );
            },
            $moment->aims(),
        );
    }

    /** Trouble, with a hair's breadth in favour of the plainer way, so that mirror images do not flip to and fro. */
    private static function rank(Candidate $candidate): float
    {
        return $candidate->trouble() + 0.03 * (int) array_search($candidate->light->aim, HeadAim::cases(), true);
    }

    private static function candidate(Moment $moment, ExposureChooser $chooser, FaceLight $light): Candidate
    {
        $choice = $chooser->choose($light->onFace());
        $wanted = $chooser->outputFor($choice->settings, $light->onFace());

        return new Candidate($light, $choice, $wanted, $moment->flash->nearest($wanted), $moment->flash->lowest->stops->value(), $moment->glow, $moment->flash->outfit->modifier?->kind);
    }
}
