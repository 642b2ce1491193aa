<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Flash\Output;
use Kaddle\Core\Gear\Compensation;
use Kaddle\Core\Meter\Drift;
use Kaddle\Core\Meter\OutputWays;
use Kaddle\Core\Meter\TestFrames;
use Kaddle\Core\Power\PowerSource;
use Kaddle\Core\Quantity\ExactStops;
use Kaddle\Core\Quantity\Number;
use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Solve\Solution;
use Kaddle\Core\Solve\Tolerance;

/** Who sets the output: by hand, by the meter, or metered once and kept. */
final readonly class WaysDocument
{
    /** Frames that a computed start takes: one to look at, one corrected where the room is not the box. */
    private const BY_COMPUTATION = 2;

    /**
     * @param list<string> $lockSteps
     * @param list<DriftDocument> $drift
     * @param list<FrameDocument> $frames
     * @param list<TradeDocument> $trades
     */
    private function __construct(
        /** Format of this document. */
        public int $version,
        /** Output set by hand: "1/16". */
        public string $manual,
        /** Stops by which the meter would give the face more (above 0) or less than it should. */
        public float $error,
        /** Why, in a sentence. */
        public string $why,
        /** Compensation that the flash must get in all: "−⅔", "0". */
        public string $compensation,
        /** What of it to set on the unit, beside what is set on the body. */
        public string $onUnit,
        /** The sum, written out as this body counts it. */
        public string $sum,
        /** Whether compensation reaches; if not, manual is the way out. */
        public bool $reaches,
        /** What to do to meter once and keep it. @var list<string> */
        public array $lockSteps,
        /** The frame as planned first. @var list<DriftDocument> */
        public array $drift,
        /** What finding the output by test frames takes from the lowest output. @var list<FrameDocument> */
        public array $frames,
        /** Frames of those that the computed start saves. */
        public int $saved,
        /** ISO against batteries: a stop less, as set, a stop more. @var list<TradeDocument> */
        public array $trades,
    ) {}

    public static function of(Solution $solution, OutputWays $ways, PowerSource $source, ?Compensation $set = null): self
    {
        $set ??= Compensation::none();
        $unit = $solution->moment->flash;
        $frames = TestFrames::from($unit, $unit->lowest, $ways->manual)->outputs;
        $compensation = $ways->compensation();
        $onUnit = $set->onUnit($compensation, $unit->step);

        return new self(
            1,
            $ways->manual->label(),
            round($ways->error(), 2),
            self::why($ways),
            $compensation->signed(),
            $onUnit->signed(),
            self::sum($set, $compensation, $onUnit),
            !$ways->isBeyond(),
            [
                sprintf('Set the unit to meter by itself, compensation %s, and take a frame of somebody at this distance.', $onUnit->signed()),
                sprintf('Turn it to manual at what it gave: about %s.', $ways->locked()->label()),
                'Keep it while distance, ceiling, aperture and ISO stay: the shutter may move. Meter again when one of them changes.',
            ],
            array_map(static fn(Drift $d): DriftDocument => DriftDocument::of($d), $ways->drift()),
            array_map(static fn(Output $o): FrameDocument => new FrameDocument($o->label(), round($ways->planned->face($o->stops->value())->value, 2)), $frames),
            max(0, count($frames) - self::BY_COMPUTATION),
            TradeDocument::allFor($solution, $source),
        );
    }

    private static function sum(Compensation $set, ExactStops $wanted, ExactStops $onUnit): string
    {
        $missing = $set->missing($wanted, $onUnit);

        return $set->writtenOut($onUnit) . (abs($missing) > Tolerance::ROUNDING
            ? sprintf('; that is %s too %s, and the unit cannot make up for it: set the body back to 0.', Stops::of($missing)->amount(), $missing > 0.0 ? 'little' : 'much')
            : '.');
    }

    private static function why(OutputWays $ways): string
    {
        $error = $ways->error();
        $people = round(100.0 * $ways->planned->people);
        if (abs($error) <= Tolerance::ROUNDING) {
            return sprintf('People fill %d %% of the frame, and all of it together is close to mid-grey: the meter can be trusted.', $people);
        }

        return sprintf(
            'People fill %d %% of the frame; the rest makes the whole %s than mid-grey, so the meter would give the face %s too %s.',
            $people,
            $error > 0.0 ? 'darker' : 'brighter',
            Number::plain(abs(round($error, 1)), 1) . (abs(round($error, 1)) === 1.0 ? ' stop' : ' stops'),
            $error > 0.0 ? 'much' : 'little',
        );
    }
}
