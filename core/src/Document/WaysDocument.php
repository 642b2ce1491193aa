<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Flash\Output;
use Kaddle\Core\Gear\Compensation;
use Kaddle\Core\Meter\Drift;
use Kaddle\Core\Meter\OutputWays;
use Kaddle\Core\Meter\TestFrames;
use Kaddle\Core\Power\PowerSource;
use Kaddle\Core\Solve\Solution;
use Kaddle\Core\Words\MeterWords;
use Kaddle\Core\Words\Voice;

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
        /** How near and far automatic reaches, and what to change where that is not enough. */
        public string $reach,
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

    public static function of(
        Solution $solution,
        OutputWays $ways,
        PowerSource $source,
        Compensation $set,
        Voice $voice,
    ): self {
        $unit = $solution->moment->flash;
        $frames = TestFrames::from($unit, $unit->lowest, $ways->manual->stops ?? $unit->lowest)->outputs;
        $compensation = $ways->compensation();
        $onUnit = $set->onUnit($compensation, $unit->step);

        return new self(
            1,
            $ways->manual->label(),
            round($ways->error(), 2),
            MeterWords::why($ways),
            $compensation->signed(),
            $onUnit->signed(),
            MeterWords::sum($set, $compensation, $onUnit),
            !$ways->isBeyond(),
            MeterWords::reach($ways, $voice),
            MeterWords::lockSteps($ways, $onUnit),
            array_map(static fn(Drift $d): DriftDocument => DriftDocument::of($d, $voice), $ways->drift()),
            array_map(
                static fn(Output $o): FrameDocument => new FrameDocument(
                    $o->label(),
                    round($ways->planned->face($o->value())->value, 2),
                ),
                $frames,
            ),
            max(0, count($frames) - self::BY_COMPUTATION),
            TradeDocument::allFor($solution, $source),
        );
    }
}
