<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Drag\Cure;
use Kaddle\Core\Drag\DragView;
use Kaddle\Core\Drag\ReadyLook;
use Kaddle\Core\Motion\BackdropLamp;
use Kaddle\Core\Motion\Beats;
use Kaddle\Core\Motion\Curtain;
use Kaddle\Core\Motion\Exposing;
use Kaddle\Core\Motion\Trail;
use Kaddle\Core\Motion\Way;
use Kaddle\Core\Night\Caution;
use Kaddle\Core\Solve\Solution;
use Kaddle\Core\Words\CurtainWords;
use Kaddle\Core\Words\DragWords;
use Kaddle\Core\Words\NightWords;
use Kaddle\Core\Words\Voice;

/** What a long exposure of a moment looks like. Schema: drag.schema.json. */
final readonly class DragDocument
{
    /**
     * @param list<float> $before
     * @param list<CureDocument> $cures
     * @param list<TrailDocument> $trails
     * @param list<CurtainDocument> $curtains
     * @param list<string> $cautions
     * @param list<ReadyLookDocument> $looks
     */
    private function __construct(
        /** Format of this document. */
        public int $version,
        /** "1/4 s, f/8, ISO 200, 1/8" */
        public string $settings,
        /** s that the shutter is open. */
        public float $seconds,
        public GhostDocument $ghost,
        /** What cleans the figure, fewest clicks first. @var list<CureDocument> */
        public array $cures,
        public PopDocument $pop,
        /** By hands that hold still. */
        public SmearDocument $shake,
        public string $shakeSentence,
        /** In the order of the lamps. @var list<TrailDocument> */
        public array $trails,
        public FlickerDocument $flicker,
        /** First and second. @var list<CurtainDocument> */
        public array $curtains,
        /** With which the picture is taken. */
        public Curtain $curtain,
        public string $advice,
        public ZoneDocument $zone,
        /** null where nobody counts the beat. */
        public ?BeatsDocument $beats,
        /** null where nobody passes. */
        public ?CrowdDocument $crowd,
        public FigureDocument $figure,
        /** Empty for a camera that stays. Where things lay as the shutter opened: nine numbers for each even step of time, row by row, that take (x, y, 1) of the picture there, over the third of what comes out. @var list<float> */
        public array $before,
        /** The usual care. @var list<string> */
        public array $cautions,
        /** Looks to start from. @var list<ReadyLookDocument> */
        public array $looks,
        /** How sure the figures are. */
        public string $doubt,
    ) {}

    public static function of(Solution $solution, Voice $voice): self
    {
        $view = DragView::of($solution);
        $moment = $solution->moment;
        $covers = $view->crowdCovers();
        $beats = $view->beats();

        return new self(
            1,
            DragWords::settings($view),
            $view->exposing->time->seconds,
            GhostDocument::of($view),
            array_map(static fn(Cure $c): CureDocument => CureDocument::of($c), Cure::allFor($view)),
            PopDocument::of($view),
            SmearDocument::of($view->shake(), $moment),
            DragWords::shake($view),
            array_map(
                static fn(Trail $t, BackdropLamp $l): TrailDocument => TrailDocument::of($t, $l->colour, $view),
                $view->trails(),
                $moment->drag->lamps,
            ),
            FlickerDocument::of($view),
            CurtainDocument::both($view),
            $view->curtains->chosen,
            CurtainWords::advice($view),
            ZoneDocument::of($view, $voice),
            $beats === null ? null : BeatsDocument::of($beats, $solution->best->output->share()),
            $covers === null ? null : CrowdDocument::of($covers, $view),
            FigureDocument::of($view),
            self::before($view->exposing),
            array_map(static fn(Caution $c): string => NightWords::caution($c, $voice), self::cautions($view, $beats)),
            array_map(static fn(ReadyLook $l): ReadyLookDocument => ReadyLookDocument::of($l, $moment), ReadyLook::cases()),
            DragWords::doubt($view),
        );
    }

    /** @return list<float> */
    private static function before(Exposing $exposing): array
    {
        $numbers = [];
        for ($step = 0; $exposing->move->moves() && $step <= Way::STEPS; ++$step) {
            $done = $exposing->move->done($exposing->time->seconds * $step / Way::STEPS, $exposing->time->seconds);
            array_push($numbers, ...array_map(static fn(float $n): float => round($n, 6), $exposing->move->backwards($done, $exposing->optics)));
        }

        return $numbers;
    }

    /**
     * What the drag itself brings about; what the plan brings stands beside the moment.
     *
     * @return list<Caution>
     */
    private static function cautions(DragView $view, ?Beats $beats): array
    {
        $moment = $view->solution->moment;
        $all = Caution::allFor(
            [],
            $moment->people->movement,
            $moment->scene->distance,
            $beats === null ? 0.0 : 60.0 / $beats->period / $beats->every,
            null,
        );

        return array_values(array_filter($all, static fn(Caution $c): bool => match ($c) {
            Caution::Floor => $moment->drag->tripod,
            Caution::Near => false,
            default => true,
        }));
    }
}
