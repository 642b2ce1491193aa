<?php

declare(strict_types=1);

namespace Kaddle\Core\Words;

use Kaddle\Core\Solve\Limit;
use Kaddle\Core\Solve\Shortfall;
use Kaddle\Core\Solve\ShortfallKind;

/**
 * What cannot be had and by how many stops, in a sentence.
 *
 * @phpstan-all-methods-pure
 */
final class ShortfallWords
{
    private function __construct() {}

    public static function of(Shortfall $shortfall): string
    {
        $by = $shortfall->stops->amount();

        return match ($shortfall->kind) {
            ShortfallKind::RoomTooDark => match (true) {
                $shortfall->has(Limit::LowestOutput) => "The room reads $by darker than you wish: brighter, and the flash would be too strong even at its lowest power.",
                $shortfall->has(Limit::Held) => "The room reads $by darker than you wish with what you hold; let one of them go.",
                default => sprintf(
                    'The room reads %s darker than you wish, at %s, %s, at your highest ISO.',
                    $by,
                    $shortfall->has(Limit::LongestTime) ? 'the longest time' : 'the slowest shutter you can hold',
                    $shortfall->has(Limit::GroupDepth) ? 'as wide as the group stays sharp' : 'wide open',
                ),
            },
            ShortfallKind::RoomTooBright => $shortfall->has(Limit::Held)
                ? "The room reads $by brighter than you wish with what you hold; let one of them go."
                : sprintf(
                    'The room reads %s brighter than you wish, at %s, closed down, at the lowest ISO.',
                    $by,
                    $shortfall->has(Limit::FastestShutter) ? 'the fastest shutter' : 'sync speed',
                ),
            ShortfallKind::FlashTooWeak => is_infinite($shortfall->stops->value)
                ? 'No light of the flash reaches the face this way.'
                : "The flash falls short by $by at full power.",
            ShortfallKind::FlashTooStrong => "The flash is $by too strong at its lowest power.",
            ShortfallKind::FaceTooBright => "The face is $by too bright.",
            ShortfallKind::Smeared => "Without flash nothing holds people who move: the shutter is $by too slow for them.",
            ShortfallKind::Shaky => sprintf(
                '%s is %s slower than %s: the room will show the shake, the pop will not.',
                $shortfall->has(Limit::Held) ? 'The shutter that you hold' : 'Sync speed',
                $by,
                $shortfall->has(Limit::Held) ? 'hands hold this lens' : 'you can hold this lens',
            ),
        };
    }
}
