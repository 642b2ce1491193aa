<?php

declare(strict_types=1);

namespace Kaddle\Core\Gear;

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
    ) {}

    /**
     * The first kind that is carried, else the first that the unit takes.
     *
     * @param array<string, mixed> $flash as read by PieceReader
     * @param list<BatteryKind> $carried
     */
    public static function of(array $flash, array $carried): self
    {
        $feeds = [];
        foreach (is_array($flash['feeds'] ?? null) ? $flash['feeds'] : [] as $feed) {
            $battery = is_array($feed) && is_string($feed['battery'] ?? null) ? BatteryKind::tryFrom($feed['battery']) : null;
            if ($battery !== null) {
                $feeds[] = new self(PowerSource::of(self::number($feed, 'fullSeconds'), self::number($feed, 'fullPops')), $battery);
            }
        }
        foreach ($feeds as $feed) {
            if (in_array($feed->battery, $carried, true)) {
                return $feed;
            }
        }

        return $feeds[0] ?? new self(PowerSource::of(...self::USUAL), null);
    }

    /** @param array<array-key, mixed> $feed */
    private static function number(array $feed, string $name): float
    {
        return is_numeric($feed[$name] ?? null) ? (float) $feed[$name] : 0.0;
    }
}
