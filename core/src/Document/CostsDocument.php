<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Advice\ChangeCost;
use Kaddle\Core\Advice\ChangeCosts;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Quantity\Number;
use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Situation\Moment;

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

    public static function of(Moment $moment, HeadAim $aim): self
    {
        $costs = ChangeCosts::of($moment, $aim);
        $distances = $costs->distances();
        $direct = $costs->distancesDirect();

        return new self(
            1,
            $aim,
            self::listed($distances),
            self::listed($direct),
            self::listed($costs->ceilings()),
            $costs->finishedFace(),
            self::listed($costs->finishes()),
            self::listed($costs->zooms()),
            self::sentence($moment, $aim, $distances, $direct),
        );
    }

    /**
     * @param list<ChangeCost> $costs
     *
     * @return list<CostDocument>
     */
    private static function listed(array $costs): array
    {
        return array_map(static fn(ChangeCost $c): CostDocument => CostDocument::of($c), $costs);
    }

    /**
     * @param list<ChangeCost> $distances
     * @param list<ChangeCost> $direct
     */
    private static function sentence(Moment $moment, HeadAim $aim, array $distances, array $direct): string
    {
        $double = 2.0 * $moment->scene->distance;
        $bounced = self::at($distances, $double);
        $straight = self::at($direct, $double);
        if ($bounced === null || $straight === null) {
            return '';
        }

        return sprintf(
            'From %s to %s m direct light falls by %s%s.',
            Number::plain($moment->scene->distance, 2),
            Number::plain($double, 2),
            Stops::of($straight->gain->value)->amount(),
            $aim->isBounced() ? sprintf('; what comes with the head %2$s in this room, by %1$s', Stops::of($bounced->gain->value)->amount(), $aim->inSentence()) : '',
        );
    }

    /** @param list<ChangeCost> $costs */
    private static function at(array $costs, float $value): ?ChangeCost
    {
        foreach ($costs as $cost) {
            if (abs($cost->value - $value) < 0.01) {
                return $cost;
            }
        }

        return null;
    }
}
