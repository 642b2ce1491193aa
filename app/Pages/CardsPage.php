<?php

declare(strict_types=1);

namespace App\Pages;

use App\Data\CardsData;
use App\Models\Moment;
use App\Models\Night;
use App\Planning\NightScore;
use Kaddle\Core\Card\ClickCard;
use Kaddle\Core\Document\ScoreDocument;
use Kaddle\Core\Score\ScoredBar;
use Kaddle\Core\Solve\KnownLights;
use Kaddle\Core\Solve\RememberedLights;
use Kaddle\Core\Words\Voice;

/** What a person carries through a night: a card for each bar of its score. */
final class CardsPage
{
    private function __construct() {}

    public static function of(Night $night, KnownLights $known, Voice $voice, bool $withCards = true): CardsData
    {
        $known = new RememberedLights($known);
        $moments = $night->wholeMoments();
        $score = NightScore::of($night, $moments, $known);
        $rooms = $moments->mapWithKeys(static fn(Moment $m): array => [$m->uid => $m->room->name])->all();

        return new CardsData(
            ScoreDocument::of($score, $voice, $withCards ? ClickCard::allOf($score, $voice->unit->cardStep(), $known) : []),
            array_map(static fn(ScoredBar $b): string => $rooms[$b->bar->moment], $score->bars),
        );
    }
}
