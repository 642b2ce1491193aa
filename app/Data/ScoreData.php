<?php

declare(strict_types=1);

namespace App\Data;

use Kaddle\Core\Document\ScoreDocument;

/** A night as a score: what light there is, and what stands when. */
final readonly class ScoreData
{
    /**
     * @param list<ScoreSun> $sun
     * @param list<ScoreMoment> $moments
     * @param list<ScorePlaces> $places
     * @param list<ScoreRule> $rules
     * @param list<ScoreHeat> $heat
     */
    public function __construct(
        public string $zone,
        /** Minutes since six in the morning; null where the sun does not go down. */
        public ?int $sunset,
        /** When civil twilight ends, in the same minutes; null where it does not get so dark. */
        public ?int $twilight,
        /** The sun from before the first moment until after the last. @var list<ScoreSun> */
        public array $sun,
        /** In time order. @var list<ScoreMoment> */
        public array $moments,
        /** What the house forbids, and when. @var list<ScoreRule> */
        public array $rules,
        /** Where the controls stand in each bar. @var list<ScorePlaces> */
        public array $places,
        public ScoreDocument $score,
        /** Heat of each unit against what its head bears, and sets to change. @var list<ScoreHeat> */
        public array $heat,
        /** Laid over it; null for nothing. */
        public ?ScoreOther $other,
    ) {}
}
