<?php

declare(strict_types=1);

namespace Kaddle\Core\Words;

use Kaddle\Core\Motion\Curtain;
use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Score\Bar;
use Kaddle\Core\Score\Change;
use Kaddle\Core\Score\Control;
use Kaddle\Core\Score\Difference;
use Kaddle\Core\Score\Favour;
use Kaddle\Core\Score\Score;
use Kaddle\Core\Score\ScoredBar;
use Kaddle\Core\Solve\Tolerance;

/** What is changed from one moment of a night to the next, and why, in words. */
final class ScoreWords
{
    /** Stops under which a level does not move. */
    private const NOTHING = 0.05;

    /** Stops beyond which a level is no level any more. */
    private const ENDLESS = 12.0;

    private function __construct() {}

    /** "ISO 3 up", "head at the left wall", "flash off", "lens: Fast 35" */
    public static function change(Change $change, ScoredBar $bar): string
    {
        $best = $bar->solution->best;

        return match ($change->control) {
            Control::Shutter, Control::Aperture, Control::Iso, Control::Output => TurnWords::clicks($change->control->value, $change->clicks),
            Control::Head => "head {$best->light->aim->inSentence()}",
            Control::Balance => 'white balance ' . ColourWords::balance($bar->bar->light->balance()),
            Control::Curtain => $bar->curtain === Curtain::Second ? 'second curtain' : 'first curtain',
            Control::Flash => $best->isOff()
                ? 'flash off'
                : "flash on: {$best->light->aim->inSentence()}, {$best->output->label()}",
            default => ($thing = $bar->bar->inHand->thing($change->control)) === null
                ? "{$change->control->inWords()} off"
                : "{$change->control->inWords()}: {$thing->name}",
        };
    }

    /** What it would cost to leave it, all else changed as it is. */
    public static function why(Change $change, ScoredBar $bar): string
    {
        $moment = $bar->solution->moment;
        $costs = array_filter([
            $change->beyond > 0.0 ? self::beyond($change) : null,
            $change->shake > self::NOTHING ? sprintf('hands shake by %s', Stops::of($change->shake)->amount()) : null,
            self::level('the room', $change->room),
            self::level('the face', $change->face),
        ], static fn(?string $cost): bool => $cost !== null);

        return match (true) {
            $change->control === Control::Flash => $bar->solution->best->isOff()
                ? 'The flash is forbidden or not wanted here.'
                : sprintf('The room alone leaves the face %s dark.', Stops::of(-min(0.0, $bar->solution->levels->faceRoom->value))->amount()),
            $change->control === Control::Curtain => $bar->curtain === Curtain::Second
                ? 'Left as it was, who moves would have the trail before them.'
                : 'Left as it was, the pop would come later than the finger expects.',
            $change->control === Control::Lens => self::lens($bar->bar),
            $change->control === Control::Balance, in_array($change->control, Control::things(), true) => 'Planned for this moment.',
            $change->face === null => 'Nobody knows what the light would be like from there.',
            $costs === [] => sprintf(
                'Left as it was, %s would want another change that costs more.',
                $moment->look->withoutFlash ? 'the room' : 'room and face',
            ),
            default => 'Left as it was: ' . implode(', ', $costs) . '.',
        };
    }

    private static function lens(Bar $bar): string
    {
        return match (true) {
            $bar->insteadOf !== null => "Instead of {$bar->insteadOf->name}, which was planned: the frame is the same, and it stays on.",
            $bar->others === [] => 'Planned for this moment; no other lens of the night gives the same frame.',
            default => 'Planned for this moment.',
        };
    }

    /** "All of it is held: the room 2.3 stops darker than wished, the face 1.4 stops darker."; '' where nothing is held so. */
    public static function held(ScoredBar $bar): string
    {
        if (!$bar->isHeld()) {
            return '';
        }
        [$room, $face] = ScoredBar::misses($bar->solution);
        $missed = array_filter([self::level('the room', $room), self::level('the face', $face)], static fn(?string $level): bool => $level !== null);

        return $bar->worseBy() <= Tolerance::ROUNDING + self::NOTHING
            ? 'All of it is held, and serves.'
            : 'All of it is held: ' . implode(', ', $missed) . ' than wished.';
    }

    public static function favour(Favour $favour): string
    {
        return match ($favour) {
            Favour::FewestTurns => 'Hands and eyes stay with the people: settings stay where they are as long as they serve.',
            Favour::BestFiles => 'Every moment as if it were the only one: low ISO, the aperture you like, at the price of turns.',
            Favour::QuickFlash => 'Little output: the flash is ready at once and stays cool, at the price of ISO.',
        };
    }

    /** "12 turns fewer; ISO 0.4 stops higher, output 0.3 stops less on average. No room or face moves by more than 0.2 stops." */
    public static function difference(Difference $difference): string
    {
        $turns = (int) round($difference->turns);
        $averages = array_values(array_filter([
            self::average('ISO', $difference->iso, 'higher', 'lower'),
            self::average('aperture', $difference->aperture, 'further closed', 'further open'),
            self::average('output', $difference->output, 'more', 'less'),
        ], static fn(string $told): bool => $told !== ''));

        return sprintf(
            '%s; %s. %s',
            $turns === 0 ? 'As many turns' : sprintf('%d %s %s', abs($turns), abs($turns) === 1 ? 'turn' : 'turns', $turns < 0 ? 'fewer' : 'more'),
            $averages === [] ? 'ISO, aperture and output the same on average' : implode(', ', $averages) . ' on average',
            $difference->level < self::NOTHING
                ? 'No room and no face moves.'
                : sprintf('Rooms and faces move by at most %s.', Stops::of($difference->level)->amount()),
        );
    }

    /** What became of a night in which something turned out otherwise: "14 turns more. Not as wished any more: First dance." */
    public static function changed(Score $before, Score $after): string
    {
        $turns = (int) round($after->turns() - $before->turns());
        $short = static fn(Score $score): array => array_values(array_unique(array_map(
            static fn(ScoredBar $b): string => $b->bar->name,
            array_filter($score->bars, static fn(ScoredBar $b): bool => !$b->solution->isFeasible()),
        )));
        $lost = array_diff($short($after), $short($before));
        $won = array_diff($short($before), $short($after));

        return sprintf('%s.', $turns === 0 ? 'As many turns' : sprintf('%d %s %s', abs($turns), abs($turns) === 1 ? 'turn' : 'turns', $turns < 0 ? 'fewer' : 'more'))
            . ($lost === [] ? '' : ' Not as wished any more: ' . implode(', ', $lost) . '.')
            . ($won === [] ? '' : ' As wished now: ' . implode(', ', $won) . '.');
    }

    private static function average(string $of, float $stops, string $more, string $less): string
    {
        return abs($stops) < self::NOTHING ? '' : sprintf('%s %s %s', $of, Stops::of(abs($stops))->amount(), $stops > 0.0 ? $more : $less);
    }

    private static function beyond(Change $change): string
    {
        return sprintf('%s %s outside of what it gives here', $change->control === Control::Iso ? 'the ISO' : "the {$change->control->inWords()}", Stops::of($change->beyond)->amount());
    }

    private static function level(string $of, ?float $stops): ?string
    {
        return match (true) {
            $stops === null || abs($stops) < self::NOTHING => null,
            abs($stops) > self::ENDLESS => $stops < 0.0 ? "$of black" : "$of white",
            default => sprintf('%s %s %s', $of, Stops::of(abs($stops))->amount(), $stops < 0.0 ? 'darker' : 'brighter'),
        };
    }
}
