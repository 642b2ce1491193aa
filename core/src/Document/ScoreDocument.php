<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Card\ClickCard;
use Kaddle\Core\Score\Favour;
use Kaddle\Core\Score\Score;
use Kaddle\Core\Score\ScoredBar;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Words\Voice;

/** A night solved as a whole. Schema: score.schema.json. */
final readonly class ScoreDocument
{
    /**
     * @param list<ControlSumDocument> $sums
     * @param list<ScoreBarDocument> $bars
     * @param list<CardDocument> $cards
     */
    private function __construct(
        /** Format of this document. */
        public int $version,
        /** Edition of the engine that made it: another may answer otherwise. */
        public int $engine,
        /** What the night is to be good at. */
        public Favour $favour,
        /** What all changes cost, in turns of a wheel under a finger. */
        public float $turns,
        /** The same if every moment had the best settings for itself. */
        public float $turnsAlone,
        /** Turns, worse settings weighed in, by which another night may be cheaper at most: 0 where this is proven the best. */
        public float $mayBeCheaperBy,
        /** By control. @var list<ControlSumDocument> */
        public array $sums,
        /** In time order. @var list<ScoreBarDocument> */
        public array $bars,
        /** One for each bar, in the same order; empty where nobody asked for them. @var list<CardDocument> */
        public array $cards,
    ) {}

    /** @param list<ClickCard> $cards one for each bar, or none */
    public static function of(Score $score, Voice $voice, array $cards = []): self
    {
        return new self(
            1,
            MomentSolver::EDITION,
            $score->favour,
            round($score->turns(), 1),
            round($score->turnsAlone, 1),
            round($score->mayBeCheaperBy, 1),
            ControlSumDocument::allOf($score),
            array_map(static fn(ScoredBar $b): ScoreBarDocument => ScoreBarDocument::of($b, $voice), $score->bars),
            array_map(static fn(ClickCard $c): CardDocument => CardDocument::of($c, $voice), $cards),
        );
    }
}
