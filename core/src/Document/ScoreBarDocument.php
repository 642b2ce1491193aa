<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Advice\Remedy;
use Kaddle\Core\Glow\Evening;
use Kaddle\Core\Motion\Curtain;
use Kaddle\Core\Score\Change;
use Kaddle\Core\Score\ScoredBar;
use Kaddle\Core\Words\ColourWords;
use Kaddle\Core\Words\HoldWords;
use Kaddle\Core\Words\ScoreWords;
use Kaddle\Core\Words\Voice;

/** A moment of a solved night, or the part of one in which its settings stay. */
final readonly class ScoreBarDocument
{
    /**
     * @param list<ChangeDocument> $changes
     * @param list<ShortfallDocument> $shortfalls
     * @param list<RemedyDocument> $remedies
     */
    private function __construct(
        /** Identity of the moment. */
        public string $moment,
        public string $name,
        /** "19:30" */
        public string $from,
        /** "20:20" */
        public string $until,
        /** Glow in the middle of it, EV at ISO 100. */
        public float $glow,
        /** m to the subject. */
        public float $distance,
        public bool $feasible,
        /** What comes of settings that all stay where somebody left them; '' where they do not. */
        public string $held,
        public string $shutter,
        public string $aperture,
        public string $iso,
        /** "1/16 +⅓"; "off" without flash. */
        public string $output,
        /** Share of a full pop, 0 without flash. */
        public float $share,
        public string $head,
        /** Null where there is none to choose: without flash, and with one that pulses. */
        public ?Curtain $curtain,
        /** White balance: "3200 K, tint +4"; null where nobody has said one. */
        public ?string $balance,
        public string $body,
        public string $lens,
        /** The lens that was planned, where another of the night gives the same frame and is on; null where it is that. */
        public ?string $insteadOf,
        /** Of the lens, mm. */
        public float $focalLength,
        public string $flash,
        /** Over the head; null for the bare head. */
        public ?string $modifier,
        public ?string $gel,
        /** What decided them. */
        public BoundsDocument $bounds,
        public LevelsDocument $levels,
        /** What the room gives face and background, where that differs; '' where not. */
        public string $twoLights,
        /** On the way here from the bar before. @var list<ChangeDocument> */
        public array $changes,
        /** Empty when feasible. @var list<ShortfallDocument> */
        public array $shortfalls,
        /** What would help, most stops first. @var list<RemedyDocument> */
        public array $remedies,
    ) {}

    public static function of(ScoredBar $scored, Voice $voice): self
    {
        $solution = $scored->solution;
        $bar = $scored->bar;
        $best = $solution->best;
        $settings = $best->choice->settings;

        return new self(
            $bar->moment,
            $bar->name,
            Evening::clock($bar->from),
            Evening::clock($bar->until),
            round($bar->light->glow->ev, 2),
            round($bar->light->scene->distance, 2),
            $solution->isFeasible(),
            ScoreWords::held($scored),
            $settings->shutter->inWords(),
            $settings->aperture->label(),
            "ISO {$settings->iso->label()}",
            $best->output->label(),
            $best->output->share(),
            $best->light->aim->inWords(),
            $scored->curtain,
            $bar->light->look->balance === null ? null : ColourWords::balance($bar->light->look->balance),
            $bar->inHand->body->name,
            $bar->inHand->lens->name,
            $bar->insteadOf?->name,
            $bar->light->lens->focalLength,
            $bar->inHand->unit->name,
            $bar->inHand->modifier?->name,
            $bar->inHand->gel?->name,
            BoundsDocument::of($solution),
            LevelsDocument::of($solution),
            HoldWords::inShort($bar->light, $solution->levels),
            array_map(static fn(Change $c): ChangeDocument => ChangeDocument::of($c, $scored), $scored->changes),
            array_map(ShortfallDocument::of(...), $solution->shortfalls),
            $solution->isFeasible()
                ? []
                : array_map(static fn(Remedy $r): RemedyDocument => RemedyDocument::of($r, $voice), Remedy::allFor($solution, null)),
        );
    }
}
