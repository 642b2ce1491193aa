<?php

declare(strict_types=1);

namespace Kaddle\Core\Motion;

/**
 * The way of something through the picture, at even steps of time.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Way
{
    /** Steps: a full turn is then within 0.1 % of its arc. */
    public const STEPS = 48;

    /** @param non-empty-list<FramePoint> $points first and last at opening and closing */
    private function __construct(
        public array $points,
    ) {}

    /**
     * @param float $seconds that the shutter is open
     * @param pure-Closure(float): FramePoint $imageAt where it lies so many s after opening
     */
    public static function during(float $seconds, \Closure $imageAt): self
    {
        return new self(array_map(
            static fn(int $step): FramePoint => $imageAt($seconds * $step / self::STEPS),
            range(0, self::STEPS),
        ));
    }

    /** In frame widths. */
    public function length(): float
    {
        return array_sum($this->steps());
    }

    /** @return non-empty-list<float> frame widths in each step of time */
    public function steps(): array
    {
        return array_map(fn(int $i): float => $this->points[$i - 1]->distanceTo($this->points[$i]), range(1, self::STEPS));
    }

    /**
     * For which share of the time it lies within half a spot of the middle of each step, along its way.
     *
     * @param float $spot frame widths
     *
     * @return non-empty-list<float> 0 to 1
     */
    public function dwells(float $spot): array
    {
        $steps = $this->steps();
        $dwells = [];
        foreach ($steps as $i => $length) {
            $dwells[] = min(1.0, ($length >= $spot ? $spot / $length : 1.0 + self::within($steps, $i, -1, ($spot - $length) / 2.0) + self::within($steps, $i, 1, ($spot - $length) / 2.0)) / self::STEPS);
        }

        return $dwells;
    }

    /**
     * Steps, and a part of the last, until a length is used up.
     *
     * @param non-empty-list<float> $steps
     * @param int $way 1 onwards, −1 back
     */
    private static function within(array $steps, int $from, int $way, float $length): float
    {
        $count = 0.0;
        for ($i = $from + $way; isset($steps[$i]); $i += $way) {
            if ($steps[$i] > $length) {
                return $count + $length / $steps[$i];
            }
            $length -= $steps[$i];
            ++$count;
        }

        return $count;
    }

    /** What it looks like. @param float $spot frame widths of the lamp's own image */
    public function shape(float $spot): TrailShape
    {
        $steps = $this->steps();
        if (array_sum($steps) < $spot) {
            return TrailShape::Dot;
        }
        $turned = $sharpest = 0.0;
        $before = null;
        $stood = false;
        foreach ($steps as $i => $length) {
            if ($length < 1e-9) {
                $stood = $stood || $before === null;
                continue;
            }
            $now = atan2($this->points[$i + 1]->y - $this->points[$i]->y, $this->points[$i + 1]->x - $this->points[$i]->x);
            if ($before !== null) {
                $bend = abs(atan2(sin($now - $before), cos($now - $before)));
                $turned += $bend;
                $sharpest = max($sharpest, $bend);
            }
            $before = $now;
        }

        return match (true) {
            $stood || $sharpest > M_PI / 4.0 => TrailShape::Hook,
            $turned > M_PI / 60.0 => TrailShape::Arc,
            $this->isRadial() => TrailShape::Ray,
            default => TrailShape::Line,
        };
    }

    /** Whether it runs straight from the middle of the picture, or to it. */
    private function isRadial(): bool
    {
        $from = $this->points[0];
        $to = $this->points[self::STEPS];
        $cross = abs($from->x * $to->y - $from->y * $to->x);
        $reach = hypot($from->x, $from->y) * hypot($to->x, $to->y);

        return $reach > 1e-9 && $cross < 0.02 * $reach && abs(hypot($to->x, $to->y) - hypot($from->x, $from->y)) > 0.9 * $from->distanceTo($to) && min(abs($from->y), abs($from->x)) > 1e-3;
    }
}
