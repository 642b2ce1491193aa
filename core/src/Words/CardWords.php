<?php

declare(strict_types=1);

namespace Kaddle\Core\Words;

use Kaddle\Core\Card\CardCell;
use Kaddle\Core\Card\ClickCard;
use Kaddle\Core\Motion\Curtain;
use Kaddle\Core\Motion\PopTimes;
use Kaddle\Core\People\Movement;
use Kaddle\Core\Quantity\Number;
use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Score\Change;
use Kaddle\Core\Score\ScoredBar;
use Kaddle\Core\Solve\Shortfall;

/** What stands on a card, in as few words as can be read at arm's length. */
final class CardWords
{
    /** s of exposure from which people who pose have to be told. */
    private const LONG = 1.0 / 15.0;

    private function __construct() {}

    /** "+2", "−3", "0" */
    public static function clicks(CardCell $cell): string
    {
        return match (true) {
            $cell->clicks > 0 => "+$cell->clicks",
            $cell->clicks < 0 => '−' . abs($cell->clicks),
            default => '0',
        };
    }

    /** What the unit cannot do there; '' where it can. */
    public static function lack(CardCell $cell): string
    {
        return match (true) {
            is_infinite($cell->lack->value) => 'no light gets there',
            $cell->lack->value > 0.0 => "flash {$cell->lack->amount()} short",
            $cell->lack->value < 0.0 => 'flash ' . Stops::of(-$cell->lack->value)->amount() . ' too strong',
            default => '',
        };
    }

    /** "second curtain: the pose is the one 0.4 s after your finger"; '' where there is none to choose. */
    public static function curtain(ClickCard $card): string
    {
        $choice = $card->drag->curtains;

        return match ($card->scored->curtain) {
            null => '',
            Curtain::First => Curtain::First->inWords(),
            Curtain::Second => sprintf('%s: the pose is the one %s s after your finger', Curtain::Second->inWords(), Number::plain($choice->second->pops, 1)),
        };
    }

    /** @return list<string> what to say to the people in the picture */
    public static function say(ClickCard $card): array
    {
        $moment = $card->scored->solution->moment;
        $choice = $card->drag->curtains;
        $seconds = $card->drag->exposing->time->seconds;
        $poses = $moment->people->movement === Movement::Still; // whoever talks or dances is not asked to stop
        $waits = $poses && $card->scored->curtain === Curtain::Second && $choice->second->preflash !== null && $choice->second->pops - PopTimes::LAG > 0.25;

        return array_values(array_filter([
            $waits ? 'Hold still until the second flash.' : '',
            !$waits && $poses && $seconds >= self::LONG ? "Hold still until I lower the camera: the picture takes {$card->drag->exposing->time->label()}." : '',
            $moment->people->depth > 0.0 ? 'Find a gap: if you see the camera with both eyes, it sees you.' : '',
        ], static fn(string $said): bool => $said !== ''));
    }

    /** @return list<string> what to turn to get there from where the card stands */
    public static function turns(ScoredBar $room): array
    {
        return $room->changes === []
            ? ['nothing to turn']
            : array_map(static fn(Change $c): string => ScoreWords::change($c, $room), $room->changes);
    }

    /** What cannot be had there even so; '' for nothing. */
    public static function short(ScoredBar $room): string
    {
        return implode(' ', array_map(static fn(Shortfall $s): string => ShortfallWords::of($s), $room->solution->shortfalls));
    }
}
