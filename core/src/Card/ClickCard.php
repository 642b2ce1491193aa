<?php

declare(strict_types=1);

namespace Kaddle\Core\Card;

use Kaddle\Core\Drag\DragView;
use Kaddle\Core\Meter\OutputWays;
use Kaddle\Core\Quantity\Length;
use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Score\Bar;
use Kaddle\Core\Score\NextTurns;
use Kaddle\Core\Score\Score;
use Kaddle\Core\Score\ScoredBar;
use Kaddle\Core\Situation\Moment;
use Kaddle\Core\Situation\Scene;
use Kaddle\Core\Solve\Held;
use Kaddle\Core\Solve\KnownLights;
use Kaddle\Core\Solve\Solution;

/**
 * Start here for what a person carries through a moment: where the controls stand, and what to turn
 * when people come nearer, the ceiling changes or the room is not as bright as it was planned.
 *
 * @see docs/physics.md, “What a card tells”
 */
final readonly class ClickCard
{
    /** Lines of distance that can be read at arm's length. */
    private const MOST_LINES = 9;

    /** Steps either way of the distance where nobody has said how near and far people will be. */
    private const EITHER_WAY = 3;

    /** Glows of which a card tells, stops against the planned one. */
    private const GLOWS = [-1.0, 1.0];

    /** Rounding of numbers, steps. */
    private const HAIR = 1e-6;

    /**
     * @param list<CardCell> $distances nearest first
     * @param list<CardCell> $rows
     * @param list<CardCell> $ceilings lowest first
     * @param list<ScoredBar> $rooms
     */
    private function __construct(
        public ScoredBar $scored,
        /** Empty for a flash that is off. */
        public array $distances,
        /** The first and the last row of a group; empty for one row. */
        public array $rows,
        /** Under a pitched roof, as if the ceiling were level at so much, where that changes anything: what a low side or the ridge does. */
        public array $ceilings,
        /** The room a stop darker and a stop brighter than planned, reached from where the card stands. */
        public array $rooms,
        public DragView $drag,
        /** What the unit would set by itself; null where it cannot, and for a flash that is off. */
        public ?OutputWays $automatic,
    ) {}

    /**
     * One for each bar of a night.
     *
     * @param float $step m from one line of distance to the next
     *
     * @return list<self>
     */
    public static function allOf(Score $score, float $step, ?KnownLights $known = null): array
    {
        return array_map(static fn(ScoredBar $bar): self => self::of($bar, $step, $known), $score->bars);
    }

    /** @param float $step m from one line of distance to the next */
    public static function of(ScoredBar $scored, float $step, ?KnownLights $known = null): self
    {
        $solution = $scored->solution;
        $best = $solution->best;
        $held = $best->isOff() ? null : Held::at($solution->moment, $best->choice->settings, $best->light->aim);

        return new self(
            $scored,
            $held === null ? [] : self::cells($solution, $held, self::distances($scored->bar, $step)),
            $held === null ? [] : self::cells($solution, $held, self::rows($scored->bar->light)),
            $held === null ? [] : self::whereItChanges(self::cells($solution, $held, self::ceilings($scored->bar->light->scene))),
            self::rooms($scored, $known),
            DragView::of($solution),
            $held !== null && $solution->moment->flash->firing->isMetered ? OutputWays::of($solution, $scored->bar->metering) : null,
        );
    }

    /**
     * @param list<array{float, Scene}> $places m, and who stands there
     *
     * @return list<CardCell>
     */
    private static function cells(Solution $card, Held $held, array $places): array
    {
        return array_map(
            static fn(array $place): CardCell => CardCell::of(Length::ofMetres($place[0]), $held->wantedAt($place[1]), $card),
            $places,
        );
    }

    /** @return list<ScoredBar> */
    private static function rooms(ScoredBar $scored, ?KnownLights $known): array
    {
        $rooms = [];
        foreach (self::GLOWS as $stops) {
            $bar = $scored->bar->inGlow($stops);
            if ($bar !== null) {
                $rooms[] = NextTurns::from($scored, $bar, $known);
            }
        }

        return $rooms;
    }

    /**
     * From the nearest to the farthest that people will be, in whole steps, larger ones beyond the first where
     * there would be too many, as far as the room goes.
     *
     * @return list<array{float, Scene}> m, and who stands there
     */
    private static function distances(Bar $bar, float $step): array
    {
        $isOpen = $bar->nearest === $bar->farthest;
        $from = $bar->nearest - ($isOpen ? self::EITHER_WAY * $step : 0.0);
        $to = $bar->farthest + ($isOpen ? self::EITHER_WAY * $step : 0.0);
        $first = $step * max(1.0, floor($from / $step + self::HAIR));
        while (floor($to / $step) - floor($first / $step) >= self::MOST_LINES - 1) {
            $step *= 2.0;
        }
        $metres = [$first];
        for ($i = (int) floor($first / $step + self::HAIR) + 1; ($i - 1) * $step < $to - self::HAIR; ++$i) {
            $metres[] = $i * $step;
        }
        $places = [];
        foreach ($metres as $m) {
            $scene = $bar->light->scene->tryAt($m);
            if ($scene !== null) {
                $places[] = [$m, $scene];
            }
        }

        return $places;
    }

    /** @return list<array{float, Scene}> the first row and the last of a group that has more than one */
    private static function rows(Moment $moment): array
    {
        $scene = $moment->scene;
        $last = $moment->people->depth > 0.0 ? $scene->tryAt($scene->distance + $moment->people->depth) : null;

        return $last === null ? [] : [[$scene->distance, $scene], [$last->distance, $last]];
    }

    /**
     * @param list<CardCell> $cells
     *
     * @return list<CardCell> none where the clicks are the same at all of them
     */
    private static function whereItChanges(array $cells): array
    {
        return count(array_unique(array_map(static fn(CardCell $c): int => $c->clicks, $cells))) > 1 ? $cells : [];
    }

    /** @return list<array{float, Scene}> at the eaves, half-way and at the ridge, as if the ceiling were level there */
    private static function ceilings(Scene $scene): array
    {
        $room = $scene->room;
        $places = [];
        foreach ($room->roof === null ? [] : [$room->height, ($room->height + $room->roof->ridge) / 2.0, $room->roof->ridge] as $height) {
            $there = $scene->tryIn(BoxRoom::fromMetres($room->length, $room->width, $height, $room->reflectance(...)));
            if ($there !== null) {
                $places[] = [$height, $there];
            }
        }

        return $places;
    }
}
