<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Flash\Head;
use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Room\Direction;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Room\Probe;
use Kaddle\Core\Room\SurfacePoint;
use Kaddle\Core\Room\Vector;
use Kaddle\Core\Solve\Solution;

/**
 * @internal the beam as lines and pools for the section through the camera
 *
 * @phpstan-all-methods-pure
 */
final readonly class BeamDrawing
{
    private const STRETCHES = 32;
    private const FAN = 12;
    private const FAINTEST = -6.0;
    private const BRIGHTEST = 2.0;

    private function __construct(
        private Solution $solution,
        private Head $head,
        private BoxRoom $room,
    ) {}

    public static function of(Solution $solution): self
    {
        return new self($solution, $solution->head(), $solution->moment->scene->room);
    }

    /** @return list<RayDocument> */
    public function rays(): array
    {
        if ($this->solution->best->isOff()) {
            return [];
        }
        $face = $this->solution->moment->scene->face;
        if (!$this->solution->best->light->isBounced()) {
            return [...$this->fan(), new RayDocument(RayKind::Axis, $this->points($this->head->position, $face))];
        }
        $hit = $this->endOf($this->head->direction->unit);
        $axis = new RayDocument(RayKind::Axis, $this->points($this->head->position, $hit->point));
        $lit = $this->room->reflectance($hit->face)->share->luminance() > 0.0;

        return [
            ...$this->fan(),
            $axis,
            ...($lit ? [new RayDocument(RayKind::Return, $this->points($hit->point, $face))] : []),
        ];
    }

    /** @return list<PoolDocument> */
    public function pools(): array
    {
        if ($this->solution->best->isOff()) {
            return [];
        }
        $y = $this->head->position->y;
        $length = $this->room->length;
        $ceiling = $this->room->ceilingLine($y);
        $overhead = [];
        foreach (array_slice($ceiling, 1) as $i => $corner) {
            $overhead = [...$overhead, ...$this->along(Face::Ceiling, $ceiling[$i], $corner)];
        }

        return [
            ...$overhead,
            ...$this->along(Face::Far, Vector::of($length, $y, 0.0), $ceiling[array_key_last($ceiling)]),
            ...$this->along(Face::Back, Vector::of(0.0, $y, 0.0), $ceiling[0]),
            ...$this->along(Face::Floor, Vector::of(0.0, $y, 0.0), Vector::of($length, $y, 0.0)),
        ];
    }

    /** @return list<RayDocument> from one half-intensity edge to the other */
    private function fan(): array
    {
        $axis = $this->head->direction->unit;
        $widest = $this->head->beam->halfAngle();
        $aside = abs($axis->y) > 0.5
            ? Vector::of(1.0, 0.0, 0.0)
            : Direction::along($axis->cross(Vector::of(0.0, 1.0, 0.0)))->unit;
        $rays = [];
        for ($i = 0; $i <= self::FAN; ++$i) {
            $turn = $widest * (1.0 - 2.0 * $i / self::FAN);
            $end = $this->endOf($axis->times(cos($turn))->plus($aside->times(sin($turn))));
            $rays[] = new RayDocument(RayKind::Fan, $this->points($this->head->position, $end->point));
        }

        return $rays;
    }

    private function endOf(Vector $way): SurfacePoint
    {
        return $this->room->meets($this->head->position, $way->x, $way->y, $way->z);
    }

    /** @return list<PoolDocument> */
    private function along(Face $face, Vector $from, Vector $to): array
    {
        $reflectance = $this->room->reflectance($face)->share->luminance();
        if ($reflectance === 0.0) {
            return [];
        }
        $step = $to->minus($from)->times(1.0 / self::STRETCHES);
        $normal = $face === Face::Ceiling ? self::under($step) : $face->inward();
        $settings = $this->solution->best->choice->settings;
        $sent = $this->solution->best->output->share() * $reflectance;
        $half = $step->times(0.5);
        $pools = [];
        for ($start = $from, $i = 0; $i < self::STRETCHES; $start = $start->plus($step), ++$i) {
            $light = $this->head->straightTo(Probe::at($start->plus($half), $normal)) * $sent;
            $level = $light > 0.0 ? $settings->levelOfFlash($light) : null;
            if ($level !== null && $level->value > self::FAINTEST) {
                $pools[] = new PoolDocument(
                    $face,
                    PointDocument::of($start),
                    PointDocument::of($start->plus($step)),
                    Rounded::stops($level),
                    round(min(1.0, ($level->value - self::FAINTEST) / (self::BRIGHTEST - self::FAINTEST)), 3),
                );
            }
        }

        return $pools;
    }

    /** At right angles to a stretch of ceiling, downwards. */
    private static function under(Vector $stretch): Direction
    {
        return Direction::along(Vector::of($stretch->z, 0.0, -$stretch->x));
    }

    /** @return list<PointDocument> */
    private function points(Vector ...$points): array
    {
        return array_map(PointDocument::of(...), array_values($points));
    }
}
