<?php

declare(strict_types=1);

namespace Kaddle\Core\Solve;

use Kaddle\Core\Flash\FlashInRoom;
use Kaddle\Core\Flash\Head;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Flash\Output;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Situation\Moment;
use Kaddle\Core\Situation\Scene;

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
    public const EDITION = 8;

    private function __construct() {}

    public static function solve(Moment $moment, ?KnownLights $known = null): Solution
    {
        return self::solveAll([$moment], $known)[0];
    }

    /**
     * Several moments, of which those with the same light share it, and those in the same room what
     * belongs to the room alone.
     *
     * @template K of array-key
     *
     * @param array<K, Moment> $moments
     *
     * @return array<K, Solution> under the same keys
     */
    public static function solveAll(array $moments, ?KnownLights $known = null): array
    {
        $rooms = $lights = $solutions = [];
        foreach ($moments as $key => $moment) {
            if ($moment->look->withoutFlash) {
                $solutions[$key] = self::unlit($moment);
                continue;
            }
            $question = hash('sha256', serialize([self::EDITION, $moment->lighting()]));
            $work = static function () use ($moment, &$rooms): array {
                $room = $rooms[serialize($moment->scene->room)] ??= FlashInRoom::of($moment->scene->room);

                return self::lights($room, $moment);
            };
            $lights[$question] ??= $known === null ? $work() : $known->recall($question, $work);
            $solutions[$key] = self::solved($moment, $lights[$question]);
        }

        return $solutions;
    }

    /** By the light of the room alone. */
    private static function unlit(Moment $moment): Solution
    {
        $only = new Candidate(
            FaceLight::none(),
            ExposureChooser::for($moment)->withoutFlash(),
            -INF,
            Output::off(),
            $moment->flash->lowest->value(),
            $moment->glow,
            null,
        );

        return Solution::of($moment, $only, [$only], []);
    }

    /** @param non-empty-list<FaceLight> $lights of every way to point the head */
    private static function solved(Moment $moment, array $lights): Solution
    {
        $chooser = ExposureChooser::for($moment);
        $candidates = array_map(
            static fn(FaceLight $light): Candidate => self::candidate($moment, $chooser, $light),
            $lights,
        );
        $ranks = array_map(self::rank(...), $candidates);
        asort($ranks);
        $candidates = array_map(static fn(int $i): Candidate => $candidates[$i], array_keys($ranks));
        $wished = array_values(array_filter(
            $candidates,
            static fn(Candidate $c): bool => $c->light->aim === $moment->pointing->aim,
        ));

        $isWay = static fn(Candidate $c): bool => $c->noWay() === null;
        $ways = array_values(array_filter($candidates, $isWay));
        $none = array_values(array_filter($candidates, static fn(Candidate $c): bool => !$isWay($c)));
        $best = $wished[0] ?? $ways[0] ?? $candidates[0];

        return Solution::of($moment, $best, $ways === [] ? [$best] : $ways, $none);
    }

    /** @return non-empty-list<FaceLight> */
    private static function lights(FlashInRoom $flash, Moment $moment): array
    {
        $scene = $moment->scene;
        $faces = $moment->groupFaces();
        $room = $flash->at([
            'face' => $scene->faceProbe(),
            'crown' => $scene->crownProbe(),
            'left' => $scene->leftProbe(),
            'right' => $scene->rightProbe(),
            'backdrop' => $scene->backdropProbe(),
            ...($faces->probes ?? []),
        ]);
        $back = $faces?->fartherBack;
        $farther = $back === null ? null : [$back, $flash->at(['face' => $back->faceProbe()])];

        return array_map(
            static function (HeadAim $aim) use ($room, $scene, $moment, $faces, $farther): FaceLight {
                $head = $moment->head($scene, $aim);
                $lit = $room->lit($head);
                $light = $lit->exposures();

                return new FaceLight(
                    $aim,
                    $moment->angles($aim),
                    $light['face'],
                    $head->lobes[0]->tint,
                    $light['crown']->total()->luminance(),
                    $light['left']->total()->luminance(),
                    $light['right']->total()->luminance(),
                    $light['backdrop']->total()->luminance(),
                    $lit->apparentSize('face', $light['face']),
                    $faces === null ? null : new GroupLight(
                        array_intersect_key($light, $faces->probes),
                        $farther === null ? null : $farther[1]->exposures($moment->head($farther[0], $aim))['face'],
                    ),
                    ...self::struck($scene, $head, $aim),
                );
            },
            $moment->aims(),
        );
    }

    /**
     * A head that a hand has turned at the people is one that points at them.
     *
     * @return array{Face|null, float} the face of the room at which a head points, and the light that this sends back
     */
    private static function struck(Scene $scene, Head $head, HeadAim $aim): array
    {
        if (!$aim->isBounced() || ($aim === HeadAim::ByHand && $head->looksAt($scene->face))) {
            return [null, 0.0];
        }
        $way = $head->direction->unit;
        $face = $scene->room->meets($head->position, $way->x, $way->y, $way->z)->face;

        return [$face, $scene->room->reflectance($face)->share->luminance()];
    }

    /** Trouble, with a hair's breadth in favour of the plainer way, so that mirror images do not flip to and fro. */
    private static function rank(Candidate $candidate): float
    {
        return $candidate->trouble() + 0.03 * (int) array_search($candidate->light->aim, HeadAim::cases(), true);
    }

    private static function candidate(Moment $moment, ExposureChooser $chooser, FaceLight $light): Candidate
    {
        $choice = $chooser->choose($light->onFace());
        $wanted = FaceBalance::outputFor($moment, $choice->settings, $light->onFace());

        return new Candidate(
            $light,
            $choice,
            $wanted,
            $moment->flash->nearest($wanted),
            $moment->flash->lowest->value(),
            $moment->glow,
            $moment->flash->outfit->modifier?->kind,
        );
    }
}
