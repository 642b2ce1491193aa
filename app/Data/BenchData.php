<?php

declare(strict_types=1);

namespace App\Data;

use Kaddle\Core\Document\SolutionDocument;

/** Everything the bench shows when it opens. */
final readonly class BenchData
{
    /**
     * @param list<BodyChoice> $bodies
     * @param list<LensChoice> $lenses
     * @param list<GearChoice> $flashUnits
     * @param list<GearChoice> $modifiers
     * @param list<GearChoice> $gels
     * @param list<PinData> $pins
     * @param list<SpotData> $spots
     * @param list<string> $rules
     * @param list<string> $cautions
     */
    public function __construct(
        public int $momentId,
        public NightData $night,
        /** The moments before and after it. */
        public NeighboursData $neighbours,
        public int $roomId,
        public string $roomName,
        /** Other moments in the same room, which a change of the room touches too. */
        public int $othersInRoom,
        public BenchState $stored,
        public SolutionDocument $solution,
        /** Settings that are kept, beside what is set. @var list<PinData> */
        public array $pins,
        /** @var list<BodyChoice> */
        public array $bodies,
        /** @var list<LensChoice> */
        public array $lenses,
        /** @var list<GearChoice> */
        public array $flashUnits,
        /** @var list<GearChoice> */
        public array $modifiers,
        /** @var list<GearChoice> */
        public array $gels,
        /** What the curve of the room says for the middle of the moment, as stored. */
        public CurveData $curve,
        /** Where in the room the light on people was read. @var list<SpotData> */
        public array $spots,
        /** What the house forbids then. @var list<string> */
        public array $rules,
        /** What wants care. @var list<string> */
        public array $cautions,
    ) {}
}
