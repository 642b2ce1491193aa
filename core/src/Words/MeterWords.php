<?php

declare(strict_types=1);

namespace Kaddle\Core\Words;

use Kaddle\Core\Gear\Compensation;
use Kaddle\Core\Meter\Drift;
use Kaddle\Core\Meter\DriftKind;
use Kaddle\Core\Meter\OutputWays;
use Kaddle\Core\Quantity\ExactStops;
use Kaddle\Core\Quantity\Number;
use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Solve\Tolerance;

/** What a flash meter makes of a frame, and what to set, in sentences. */
final class MeterWords
{
    private function __construct() {}

    /** Why the meter errs, or can be trusted. */
    public static function why(OutputWays $ways): string
    {
        $error = $ways->error();
        $people = round(100.0 * $ways->planned->people);
        if (abs($error) <= Tolerance::ROUNDING) {
            return sprintf(
                'People fill %d %% of the frame, and all of it together is close to mid-grey: the meter can be trusted.',
                $people,
            );
        }

        return sprintf(
            'People fill %d %% of the frame; the rest makes the whole %s than mid-grey, so the meter would give the face %s too %s.',
            $people,
            $error > 0.0 ? 'darker' : 'brighter',
            Number::plain(abs(round($error, 1)), 1) . (abs(round($error, 1)) === 1.0 ? ' stop' : ' stops'),
            $error > 0.0 ? 'much' : 'little',
        );
    }

    /** How near and far automatic reaches, and what to change where that is not enough. */
    public static function reach(OutputWays $ways, Voice $voice): string
    {
        $reach = $ways->reach();
        $spans = $reach === null
            ? 'At these settings automatic reaches nobody in this room'
            : sprintf('At these settings automatic reaches people from %s', $voice->span(...$reach));
        $short = $ways->outOfReach();
        if ($ways->hardlyGetsThere()) {
            return "$spans. Hardly any light of the flash gets to the face this way: point the head elsewhere; compensation does not help.";
        }

        return $spans . '.' . ($short > 0.0
            ? sprintf(' Here it is %s short: raise ISO or open up by that; compensation does not help.', Stops::of($short)->amount())
            : '') . ($ways->wantsBracket()
            ? ' The meter is unsure by more than a stop here: where time allows take three, as advised, a stop more and a stop less.'
            : '');
    }

    /** The compensations that count, written out: "unit +1.0 and body −0.3 = +0.7 on the flash." */
    public static function sum(Compensation $set, ExactStops $wanted, ExactStops $onUnit): string
    {
        [$parts, $sum] = $set->parts($onUnit);
        $words = array_map(
            static fn(string $what, Stops $stops): string => "$what {$stops->signed()}",
            array_keys($parts),
            $parts,
        );
        $missing = $set->missing($wanted, $onUnit);

        return sprintf(
            '%s = %s on the flash',
            implode(' and ', $words),
            $sum->signed(),
        ) . (abs($missing) > Tolerance::ROUNDING
            ? sprintf(
                '; that is %s too %s, and the unit cannot make up for it: set the body back to 0.',
                Stops::of($missing)->amount(),
                $missing > 0.0 ? 'little' : 'much',
            )
            : '.');
    }

    /** @return list<string> what to do to meter once and keep it */
    public static function lockSteps(OutputWays $ways, ExactStops $onUnit): array
    {
        return [
            sprintf(
                'Set the unit to meter by itself, compensation %s, and take a frame of somebody at this distance.',
                $onUnit->signed(),
            ),
            sprintf('Turn it to manual at what it gave: about %s.', $ways->locked()->label()),
            'Keep it while distance, ceiling, aperture and ISO stay: the shutter may move. Meter again when one of them changes.',
        ];
    }

    /**
     * What changes in a frame.
     *
     * @phpstan-pure
     */
    public static function drift(Drift $drift, Voice $voice): string
    {
        return match ($drift->kind) {
            DriftKind::Planned => 'as planned',
            DriftKind::WhiteDress => 'a white dress in front',
            DriftKind::DarkSuits => 'dark suits in front',
            DriftKind::DarkHall => 'turned to a dark hall',
            DriftKind::BrightLamps => 'turned to a window or bright lamps',
            DriftKind::Farther => "people at {$voice->length($drift->distance)}",
        };
    }
}
