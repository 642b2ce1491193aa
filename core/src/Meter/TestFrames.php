<?php

declare(strict_types=1);

namespace Kaddle\Core\Meter;

use Kaddle\Core\Flash\FlashUnit;
use Kaddle\Core\Flash\Output;
use Kaddle\Core\Quantity\ExactStops;

/**
 * Finding the output without computing: whole stops from a start until the face is bright
 * enough, then halving between the last two frames until a click decides.
 *
 * @phpstan-all-methods-pure
 */
final readonly class TestFrames
{
    private const STOP = 30;

    /** @param non-empty-list<Output> $outputs in the order of the frames; the last is the one to keep */
    private function __construct(
        public array $outputs,
    ) {}

    /**
     * @param ExactStops $start stops under full at which they begin
     * @param ExactStops $wanted what the face really asks for, on the unit's scale
     */
    public static function from(FlashUnit $unit, ExactStops $start, ExactStops $wanted): self
    {
        $lowest = $unit->lowest->thirtieths;
        $target = $wanted->thirtieths;
        $at = $start->thirtieths;
        $frames = [$at];
        $way = $target >= $at ? 1 : -1;
        $before = $at;
        while ($way * ($target - $at) > 0) {
            $before = $at;
            $at = max($lowest, min(0, $at + $way * self::STOP));
            $frames[] = $at;
        }
        [$less, $more] = [min($before, $at), max($before, $at)];
        $click = $unit->step->thirtieths();
        while ($at !== $target && $more - $less > $click) {
            $at = $less + intdiv(intdiv($more - $less, 2) + $click - 1, $click) * $click;
            $frames[] = $at;
            [$less, $more] = $at < $target ? [$at, $more] : [$less, $at];
        }
        if ($at !== $target) {
            $frames[] = $target;
        }

        return new self(
            array_map(
                static fn(int $thirtieths): Output => Output::of(ExactStops::fromThirtieths($thirtieths)),
                $frames,
            ),
        );
    }
}
