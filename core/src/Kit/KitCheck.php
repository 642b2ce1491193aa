<?php

declare(strict_types=1);

namespace Kaddle\Core\Kit;

use Kaddle\Core\Flash\FlashInRoom;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Situation\Moment;
use Kaddle\Core\Solve\Candidate;
use Kaddle\Core\Solve\Levels;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Solve\Shortfall;
use Kaddle\Core\Solve\Solution;
use Kaddle\Core\Solve\Tolerance;

/**
 * Start here for "does the bag reach?": one moment against ways of lighting it, and what
 * would buy most.
 */
final readonly class KitCheck
{
    /** Nearer by so much is a step that people take: half a stop of direct light is 0.84. */
    private const NEARER = 0.75;

    /** @param non-empty-list<KitCell> $cells in the order of the ways */
    private function __construct(
        private Moment $moment,
        public array $cells,
    ) {}

    /** @param non-empty-list<KitWay> $ways */
    public static function of(Moment $moment, array $ways): self
    {
        $named = static fn(KitWay $way): string => serialize([$way->lens, $way->units]);
        $moments = [];
        foreach ($ways as $way) {
            $moments[$named($way)] = $moment->through($way->lens)->withUnits($way->units);
        }
        $solutions = MomentSolver::solveAll($moments);

        return new self($moment, array_map(
            static fn(KitWay $way): KitCell => self::cell($way, $solutions[$named($way)]),
            $ways,
        ));
    }

    /** What the solver makes of a way: as it points by itself, or as somebody insists. */
    private static function cell(KitWay $way, Solution $solution): KitCell
    {
        $moment = $solution->moment;
        $ways = array_values(array_filter(
            [$solution->best, ...$solution->candidates],
            static fn(Candidate $c): bool => $way->light->takes($c->light->aim),
        ));
        $candidate = $ways[0] ?? null;

        return new KitCell(
            $way,
            $way->light === KitLight::Room
                ? KitMargin::ofRoom($moment)
                : KitMargin::ofLuxSeconds($moment, $candidate?->light->onFace() ?? 0.0),
            $candidate,
            $candidate === null ? [] : Shortfall::allOf($candidate, $moment, Levels::of($moment, $candidate)),
        );
    }

    /** The cell with most to spare. */
    public function best(): KitCell
    {
        $best = $this->cells[0];
        foreach ($this->cells as $cell) {
            if ($cell->stops()->value > $best->stops()->value) {
                $best = $cell;
            }
        }

        return $best;
    }

    /**
     * What would add to the best cell, most stops first.
     *
     * @return list<Purchase>
     */
    public function purchases(): array
    {
        $best = $this->best();
        $room = $best->margin->room->value;
        $flash = $best->margin->flash->value;
        $floor = $best->margin->floor->value;
        $now = min($room, $flash, $floor);
        $gain = static fn(float $roomMore, float $flashMore, float $floorMore = 0.0): Stops => Stops::of(
            min($room + $roomMore, $flash + $flashMore, $floor + $floorMore) - $now,
        );
        $aim = $best->aim();
        $all = [
            Purchase::of(PurchaseKind::Iso, $gain(1.0, 1.0)),
            Purchase::of(PurchaseKind::Lens, $best->margin->isHeldByDepth ? Stops::of(0.0) : $gain(1.0, 1.0)),
            ...($aim === null || $aim === HeadAim::Off ? [] : $this->ofFlash($best, $aim, $gain)),
        ];
        $worth = array_values(
            array_filter($all, static fn(?Purchase $p): bool => $p !== null && $p->gain->value > Tolerance::ROUNDING),
        );
        usort($worth, static fn(Purchase $a, Purchase $b): int => $b->gain->value <=> $a->gain->value);

        return $worth;
    }

    /**
     * @param callable(float, float, float=): Stops $gain
     *
     * @return list<Purchase|null>
     */
    private function ofFlash(KitCell $best, HeadAim $aim, callable $gain): array
    {
        $zoom = $this->moment->through($best->way->lens)->zoomFor($aim);

        return [
            Purchase::of(PurchaseKind::Unit, $gain(0.0, 1.0)),
            Purchase::of(PurchaseKind::GuideNumber, $gain(0.0, 1.0), ceil($zoom->guideNumber * M_SQRT2)),
            Purchase::of(PurchaseKind::Lowest, $gain(0.0, 0.0, 1.0)),
            $this->nearer($best, $aim, $gain),
            $this->wall($best, $gain),
        ];
    }

    /** @param callable(float, float): Stops $gain */
    private function nearer(KitCell $best, HeadAim $aim, callable $gain): ?Purchase
    {
        $scene = $this->moment->scene->tryAt($this->moment->scene->distance * self::NEARER);
        if ($scene === null || $this->moment->people->depth > 0.0 || $best->onFace() <= 0.0) {
            return null;
        }
        $moment = $this->moment->through($best->way->lens)->withUnits($best->way->units);
        $near = FlashInRoom::of($scene->room)
            ->at(['face' => $scene->faceProbe()])
            ->exposures($moment->head($scene, $aim))['face']
            ->total()
            ->luminance();

        return Purchase::of(
            PurchaseKind::Nearer,
            $gain(0.0, log($near / $best->onFace(), 2)),
            $this->moment->scene->distance - $scene->distance,
        );
    }

    /** @param callable(float, float): Stops $gain */
    private function wall(KitCell $best, callable $gain): ?Purchase
    {
        $wall = null;
        foreach ($this->cells as $cell) {
            if ($cell->way->light === KitLight::Bounced && $cell->onFace() > max($best->onFace(), $wall?->onFace() ?? 0.0)) {
                $wall = $cell;
            }
        }

        return $wall === null || $best->way->light !== KitLight::Straight || $best->onFace() <= 0.0
            ? null
            : Purchase::of(PurchaseKind::Aim, $gain(0.0, log($wall->onFace() / $best->onFace(), 2)), aim: $wall->aim());
    }
}
