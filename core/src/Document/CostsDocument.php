<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Advice\ChangeCost;
use Kaddle\Core\Advice\ChangeCosts;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Situation\Moment;
use Kaddle\Core\Words\CostWords;
use Kaddle\Core\Words\Voice;

/** What a change of distance, ceiling, finish or zoom costs, with all settings left alone. Schema: costs.schema.json. */
final readonly class CostsDocument
{
    /**
     * @param list<CostDocument> $distances
     * @param list<CostDocument> $distancesDirect
     * @param list<CostDocument> $ceilings
     * @param list<CostDocument> $finishes
     * @param list<CostDocument> $zooms
     */
    private function __construct(
        /** Format of this document. */
        public int $version,
        /** The way the head points. */
        public HeadAim $aim,
        /** Nearest first. @var list<CostDocument> */
        public array $distances,
        /** The same for a head straight at the face, without what the room sends back. @var list<CostDocument> */
        public array $distancesDirect,
        /** Lowest first. @var list<CostDocument> */
        public array $ceilings,
        /** The face of the room that the finishes are for. */
        public Face $finishedFace,
        /** Darkest first. @var list<CostDocument> */
        public array $finishes,
        /** Wide to narrow. @var list<CostDocument> */
        public array $zooms,
        /** What twice the distance costs, direct and this way; '' where the room is too short for it. */
        public string $sentence,
    ) {}

    public static function of(Moment $moment, HeadAim $aim, Voice $voice): self
    {
        $costs = ChangeCosts::of($moment, $aim);
        $distances = $costs->distances();
        $direct = $costs->distancesDirect();

        return new self(
            1,
            $aim,
            self::listed($voice, $distances),
            self::listed($voice, $direct),
            self::listed($voice, $costs->ceilings()),
            $costs->finishedFace(),
            self::listed($voice, $costs->finishes()),
            self::listed($voice, $costs->zooms()),
            CostWords::ofTwiceTheDistance($moment, $aim, $distances, $direct, $voice),
        );
    }

    /**
     * @param list<ChangeCost> $costs
     *
     * @return list<CostDocument>
     */
    private static function listed(Voice $voice, array $costs): array
    {
        return array_map(static fn(ChangeCost $c): CostDocument => CostDocument::of($c, $voice), $costs);
    }
}
