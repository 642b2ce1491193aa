<?php

declare(strict_types=1);

namespace Kaddle\Core\Gear;

use Kaddle\Core\Intake\Record;
use Kaddle\Core\Power\PowerSource;

/** What feeds a flash unit on a night, from what the unit takes and what is carried. */
final readonly class Feed
{
    /** A small unit on fresh cells, where the bag says nothing: recycle s, full pops. */
    private const USUAL = [3.0, 150.0];

    private function __construct(
        public PowerSource $source,
        /** Null where the unit does not say what it takes: then the figures are usual ones. */
        public ?BatteryKind $battery,
        /** Cells, or packs, that make a set. */
        public int $cells,
    ) {}

    /**
     * The first kind that is carried, else the first that the unit takes.
     *
     * @param Record $unit a flash unit of a bag
     * @param list<BatteryKind> $carried
     */
    public static function of(Record $unit, array $carried): self
    {
        $feeds = array_map(
            static fn(Record $f): self => new self(
                PowerSource::ofSeconds($f->number('fullSeconds'), $f->number('fullPops')),
                $f->choice('battery', BatteryKind::class),
                $f->has('cells') ? $f->whole('cells') : $f->choice('battery', BatteryKind::class)->usualCells(),
            ),
            $unit->records('feeds'),
        );
        foreach ($feeds as $feed) {
            if (in_array($feed->battery, $carried, true)) {
                return $feed;
            }
        }

        return $feeds[0] ?? new self(PowerSource::ofSeconds(...self::USUAL), null, BatteryKind::Nimh->usualCells());
    }
}
