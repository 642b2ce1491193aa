<?php

declare(strict_types=1);

namespace App\Paper;

use App\Data\ScoreData;
use App\Data\ScoreMoment;
use App\Data\ScorePlaces;
use App\Data\ScorePoint;
use App\Data\ScoreRule;
use Kaddle\Core\Document\ScoreBarDocument;
use Kaddle\Core\Glow\Evening;
use Kaddle\Core\Words\Voice;

/**
 * A score as lines and texts on a page, in mm from its upper left corner.
 *
 * @phpstan-type TLine array{float, float, float, float, float}
 * @phpstan-type TText array{float, float, string, string}
 */
final readonly class ScoreSheet
{
    private const LEFT = 24.0;
    private const RIGHT = 289.0;
    private const CURVE = [44.0, 62.0];
    private const STAFFS = 68.0;
    private const STAFF = 19.0;

    /** Minutes since six in the morning at which a sheet without moments begins. */
    private const USUAL_START = 720;

    /** Over the staffs of shutter, aperture, ISO and output. */
    private const CONTROLS = ['shutter' => 'Shutter', 'aperture' => 'Aperture', 'iso' => 'ISO', 'output' => 'Output'];

    /** mm that a character of a label takes, and one of a name, which is bold. */
    private const CHARACTER = 1.35;
    private const BOLD = 1.45;

    /** Notes for which there is room under the staffs. */
    private const NOTES = 10;

    /**
     * @param list<TLine> $lines from, to, and how thick
     * @param list<TText> $texts left, top, what, and in which look
     * @param list<array{string, string}> $notes whose, and what: house rules, and what cannot be had
     */
    private function __construct(
        public ScoreData $score,
        public array $lines,
        public array $texts,
        public array $notes,
    ) {}

    public static function of(ScoreData $score, Voice $voice): self
    {
        $from = $score->moments === [] ? self::USUAL_START : min(array_column($score->moments, 'from'));
        $until = max([$from + 60, ...array_column($score->moments, 'until')]);
        $x = static fn(float $minute): float => self::LEFT + ($minute - $from) * (self::RIGHT - self::LEFT) / ($until - $from);
        $parts = [
            self::hours($from, $until, $x, $voice),
            self::heads($score->moments, $x),
            self::glow($score->moments, $x),
            ...array_map(
                static fn(int $i, string $control): array => self::staff($score, $i, $control, $x),
                array_keys(array_values(self::CONTROLS)),
                array_keys(self::CONTROLS),
            ),
            self::words($score, $x),
        ];

        return new self($score, array_merge(...array_column($parts, 0)), array_merge(...array_column($parts, 1)), self::notes($score));
    }

    /** Whether the notes go on a page of their own: under the staffs there is room for a few. */
    public function hasManyNotes(): bool
    {
        return count($this->notes) > self::NOTES;
    }

    /** @return list<array{string, string}> */
    private static function notes(ScoreData $score): array
    {
        $short = array_filter($score->score->bars, static fn(ScoreBarDocument $b): bool => !$b->feasible);

        return [
            ...array_map(static fn(ScoreRule $r): array => ['', $r->sentence], $score->rules),
            ...array_values(array_map(static fn(ScoreBarDocument $b): array => ["$b->name:", implode(' ', array_column($b->shortfalls, 'sentence'))], $short)),
        ];
    }

    /**
     * @param \Closure(float): float $x
     *
     * @return array{list<TLine>, list<TText>}
     */
    private static function hours(int $from, int $until, \Closure $x, Voice $voice): array
    {
        $lines = $texts = [];
        for ($hour = (int) ceil($from / 60) * 60; $hour <= $until; $hour += 60) {
            $lines[] = [$x($hour), 26.0, $x($hour), self::STAFFS + 4 * self::STAFF + 12.0, 0.1];
            $texts[] = [$x($hour) + 0.5, 24.0, $voice->time(Evening::clock($hour)), 'hour'];
        }

        return [$lines, $texts];
    }

    /**
     * @param list<ScoreMoment> $moments
     * @param \Closure(float): float $x
     *
     * @return array{list<TLine>, list<TText>}
     */
    private static function heads(array $moments, \Closure $x): array
    {
        $lines = $texts = $free = [];
        foreach ($moments as $moment) {
            $row = 0;
            while (($free[$row] ?? 0) > $moment->from) {
                ++$row;
            }
            $free[$row] = $moment->until;
            $y = 31.0 + 4.5 * min(2, $row);
            $lines[] = [$x($moment->from), $y + 3.6, $x($moment->until) - 0.6, $y + 3.6, 0.9];
            $texts[] = [$x($moment->from), $y, self::fitting($moment->name, $x($moment->until) - $x($moment->from), self::BOLD), 'name'];
        }

        return [$lines, $texts];
    }

    /**
     * @param list<ScoreMoment> $moments
     * @param \Closure(float): float $x
     *
     * @return array{list<TLine>, list<TText>}
     */
    private static function glow(array $moments, \Closure $x): array
    {
        $points = array_merge(...array_map(static fn(ScoreMoment $m): array => $m->points, $moments));
        $evs = array_map(static fn(ScorePoint $p): float => $p->ev, $points);
        [$low, $high] = $evs === [] ? [0.0, 1.0] : [min($evs), max([min($evs) + 2.0, ...$evs])];
        [$top, $bottom] = self::CURVE;
        $y = static fn(float $ev): float => $bottom - ($ev - $low) * ($bottom - $top - 3.0) / ($high - $low);
        $lines = [];
        $texts = [[2.0, $top + 2.0, 'Glow, EV', 'lane']];
        foreach ($moments as $moment) {
            foreach ($moment->points as $i => $point) {
                $next = $moment->points[$i + 1] ?? null;
                if ($next !== null) {
                    $lines[] = [$x($point->at), $y($point->ev), $x($next->at), $y($next->ev), 0.5];
                }
            }
            if ($x($moment->until) - $x($moment->from) > 6.0) {
                $texts[] = [$x($moment->from), $y($moment->points[0]->ev) - 3.4, number_format($moment->points[0]->ev, 1, '.', ''), 'small'];
            }
        }

        return [$lines, $texts];
    }

    /**
     * @param \Closure(float): float $x
     *
     * @return array{list<TLine>, list<TText>}
     */
    private static function staff(ScoreData $score, int $i, string $control, \Closure $x): array
    {
        $top = self::STAFFS + $i * self::STAFF;
        $places = array_map(static fn(ScorePlaces $p): ?float => match ($control) {
            'shutter' => $p->shutter,
            'aperture' => $p->aperture,
            'iso' => $p->iso,
            default => $p->output,
        }, $score->places);
        $known = array_filter($places, static fn(?float $place): bool => $place !== null);
        [$low, $high] = $known === [] ? [0.0, 1.0] : [min($known), max([min($known) + 1.0, ...array_values($known)])];
        $y = static fn(float $place): float => $top + self::STAFF - 3.0 - ($place - $low) * (self::STAFF - 8.0) / ($high - $low);
        $lines = [[2.0, $top, self::RIGHT, $top, 0.1]];
        $texts = [[2.0, $top + 6.0, self::CONTROLS[$control], 'lane']];
        $before = null;
        foreach ($score->score->bars as $bar => $told) {
            $place = $places[$bar] ?? null;
            $at = $score->places[$bar] ?? null;
            if ($place === null || $at === null) {
                $before = null;
                continue;
            }
            $lines[] = [$x($at->from), $y($place), $x($at->until), $y($place), 0.8];
            if ($place !== $before) {
                $texts[] = [$x($at->from), $y($place) - 3.6, self::value($told, $control), 'value'];
            }
            $before = $place;
        }

        return [$lines, $texts];
    }

    /**
     * @param \Closure(float): float $x
     *
     * @return array{list<TLine>, list<TText>}
     */
    private static function words(ScoreData $score, \Closure $x): array
    {
        $top = self::STAFFS + 4 * self::STAFF + 2.0;
        $texts = [[2.0, $top, 'Head', 'lane'], [2.0, $top + 5.0, 'Lens', 'lane']];
        $lanes = [
            static fn(ScoreBarDocument $b): string => $b->output === 'off' ? 'off' : $b->head,
            static fn(ScoreBarDocument $b): string => "$b->lens, $b->focalLength mm",
        ];
        foreach ($lanes as $lane => $of) {
            foreach (self::runs($score, $of) as [$from, $until, $word]) {
                $texts[] = [$x($from), $top + 5.0 * $lane, self::fitting($word, $x($until) - $x($from)), 'small'];
            }
        }

        return [[], $texts];
    }

    /**
     * Bars one after the other of which the same is said.
     *
     * @param \Closure(ScoreBarDocument): string $of
     *
     * @return list<array{int, int, string}> from, until and what
     */
    private static function runs(ScoreData $score, \Closure $of): array
    {
        $runs = [];
        foreach ($score->places as $i => $place) {
            $word = $of($score->score->bars[$i]);
            $last = array_key_last($runs);
            if ($last !== null && $runs[$last][2] === $word) {
                $runs[$last][1] = $place->until;
            } else {
                $runs[] = [$place->from, $place->until, $word];
            }
        }

        return $runs;
    }

    private static function value(ScoreBarDocument $bar, string $control): string
    {
        return match ($control) {
            'shutter' => $bar->shutter,
            'aperture' => $bar->aperture,
            'iso' => str_replace('ISO ', '', $bar->iso),
            default => $bar->output,
        };
    }

    /**
     * As much of a text as fits.
     *
     * @param float $width mm
     * @param float $character mm that one takes
     */
    private static function fitting(string $text, float $width, float $character = self::CHARACTER): string
    {
        $most = (int) floor($width / $character);

        return match (true) {
            mb_strlen($text) <= $most => $text,
            $most < 3 => '',
            default => rtrim(mb_substr($text, 0, $most - 1)) . '…',
        };
    }
}
