<?php

declare(strict_types=1);

namespace Kaddle\Core\Kit;

use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\DepthOfField;
use Kaddle\Core\Flash\FlashInRoom;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Flash\ProbedRoom;
use Kaddle\Core\Quantity\Length;
use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Situation\Moment;
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
        private ProbedRoom $room,
        public array $cells,
        private Length $groupDepth,
    ) {}

    /**
     * @param non-empty-list<KitWay> $ways
     * @param Length $groupDepth from the first to the last face, 0 for one row
     */
    public static function of(Moment $moment, array $ways, Length $groupDepth): self
    {
        $room = FlashInRoom::of($moment->scene->room)->at(['face' => $moment->scene->faceProbe()]);
        $bounced = self::bestBounce($moment, $room);
        $straight = [];
        $cells = [];
        foreach ($ways as $way) {
            $through = $moment->through($way->lens);
            $needed = self::neededFor($through, $groupDepth);
            $straight[(string) $way->lens->focalLength] ??= self::straight($through, $room);
            $cells[] = $way->isBounced
                ? new KitCell($way, $bounced[0], KitMargin::ofLuxSeconds($through, $bounced[1] * $way->units, $needed))
                : self::better($way, $through, $straight[(string) $way->lens->focalLength], $needed);
        }

        return new self($moment, $room, $cells, $groupDepth);
    }

    /**
     * Light at the face, and what little of it the card sends where a unit cannot go low enough.
     *
     * @return list<array{HeadAim, float}> lx·s
     */
    private static function straight(Moment $through, ProbedRoom $room): array
    {
        $lights = [];
        foreach (HeadAim::with($through->flash->outfit) as $aim) {
            if (!$aim->isBounced() || $aim === HeadAim::Card) {
                $lights[] = [$aim, self::light($through, $room, $aim)];
            }
        }

        return $lights;
    }

    /** @param list<array{HeadAim, float}> $lights */
    private static function better(KitWay $way, Moment $through, array $lights, float $needed): KitCell
    {
        $best = null;
        foreach ($lights as [$aim, $light]) {
            $cell = new KitCell($way, $aim, KitMargin::ofLuxSeconds($through, $light * $way->units, $needed));
            $best = $best === null || $cell->margin->stops()->value > $best->margin->stops()->value ? $cell : $best;
        }

        return $best ?? throw new \LogicException('no head can point straight');
    }

    /** The cell with most to spare. */
    public function best(): KitCell
    {
        $best = $this->cells[0];
        foreach ($this->cells as $cell) {
            if ($cell->margin->stops()->value > $best->margin->stops()->value) {
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
        $zoom = $this->moment->through($best->way->lens)->zoomFor($best->aim);
        $all = [
            Purchase::of(PurchaseKind::Iso, $gain(1.0, 1.0)),
            Purchase::of(PurchaseKind::Lens, $best->margin->isHeldByDepth ? Stops::of(0.0) : $gain(1.0, 1.0)),
            Purchase::of(PurchaseKind::Unit, $gain(0.0, 1.0)),
            Purchase::of(PurchaseKind::GuideNumber, $gain(0.0, 1.0), ceil($zoom->guideNumber * M_SQRT2)),
            Purchase::of(PurchaseKind::Lowest, $gain(0.0, 0.0, 1.0)),
            $this->nearer($best, $gain),
            $this->wall($best, $gain),
        ];
        $worth = array_values(
            array_filter($all, static fn(?Purchase $p): bool => $p !== null && $p->gain->value > Tolerance::ROUNDING),
        );
        usort($worth, static fn(Purchase $a, Purchase $b): int => $b->gain->value <=> $a->gain->value);

        return $worth;
    }

    /** @param callable(float, float): Stops $gain */
    private function nearer(KitCell $best, callable $gain): ?Purchase
    {
        $scene = $this->moment->scene->tryAt($this->moment->scene->distance * self::NEARER);
        if ($scene === null || $this->groupDepth->metres > 0.0) {
            return null;
        }
        $moment = $this->moment->through($best->way->lens);
        $near = FlashInRoom::of($scene->room)->at(['face' => $scene->faceProbe()])->exposures(
            $moment->head($scene, $best->aim),
        )['face']->total()->luminance();
        $far = self::light($moment, $this->room, $best->aim);

        return $far > 0.0
            ? Purchase::of(
                PurchaseKind::Nearer,
                $gain(0.0, log($near / $far, 2)),
                $this->moment->scene->distance - $scene->distance,
            )
            : null;
    }

    /** @param callable(float, float): Stops $gain */
    private function wall(KitCell $best, callable $gain): ?Purchase
    {
        if ($best->way->isBounced) {
            return null;
        }
        [$aim, $light] = self::bestBounce($this->moment, $this->room);
        $straight = self::light($this->moment->through($best->way->lens), $this->room, HeadAim::Direct);

        return $light > $straight
            ? Purchase::of(PurchaseKind::Aim, $gain(0.0, log($light / $straight, 2)), aim: $aim)
            : null;
    }

    /** @return array{HeadAim, float} the bounce that brings most, and its light, lx·s */
    private static function bestBounce(Moment $moment, ProbedRoom $room): array
    {
        $best = [HeadAim::Up, 0.0];
        foreach (HeadAim::with($moment->flash->outfit) as $aim) {
            $light = $aim->isBounced() && $aim !== HeadAim::Card ? self::light($moment, $room, $aim, true) : 0.0;
            if ($light > $best[1]) {
                $best = [$aim, $light];
            }
        }

        return $best;
    }

    /** @param bool $reflected whether only what the room sends back counts */
    private static function light(Moment $moment, ProbedRoom $room, HeadAim $aim, bool $reflected = false): float
    {
        $face = $room->exposures($moment->head($moment->scene, $aim))['face'];

        return $face->total()->luminance() - ($reflected ? $face->direct->luminance() : 0.0);
    }

    /** The widest opening, as Av, that holds a group of some depth sharp; 0 for no group. */
    private static function neededFor(Moment $moment, Length $groupDepth): float
    {
        if ($groupDepth->metres <= 0.0) {
            return 0.0;
        }
        $distance = $moment->scene->distance + $groupDepth->metres / 2.0;
        foreach (Aperture::scale($moment->body->step, $moment->lens->widest, $moment->lens->narrowest) as $aperture) {
            if (DepthOfField::atMetres($moment->optics, $aperture, $distance)->depth() >= $groupDepth->metres) {
                return $aperture->av->value();
            }
        }

        return $moment->lens->narrowest->av->value();
    }
}
