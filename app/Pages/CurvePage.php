<?php

declare(strict_types=1);

namespace App\Pages;

use App\Data\GlowCurveData;
use App\Data\ReadingData;
use App\Models\Room;
use Kaddle\Core\Form\GlowForm;
use Kaddle\Core\Glow\Evening;
use Kaddle\Core\Glow\LightReading;
use Kaddle\Core\Glow\Sunset;

/** The glow of a room from noon to six in the morning, with what was measured there. */
final class CurvePage
{
    private const STEP = 15;

    private function __construct() {}

    /** @param string $date on which the evening begins: "2027-09-18" */
    public static function of(Room $room, string $date): GlowCurveData
    {
        $place = $room->venue->place();
        $points = [];
        for ($minutes = Evening::minutes('12:00'); $minutes <= Evening::minutes('05:45'); $minutes += self::STEP) {
            $points[] = BenchPage::curve(
                $room->glow()->at(Evening::moment($date, Evening::clock($minutes), $place->zone)),
                $place->zone,
            );
        }
        $odd = $room->glow()->oddReadings();
        $readings = GlowForm::readings($room->figures(), $place->zone);

        return new GlowCurveData(
            $date,
            $place->zone->getName(),
            Sunset::on($date, $place)?->format('H:i'),
            $points,
            array_map(
                static fn(LightReading $r, int $i): ReadingData => self::reading($r, $odd[$i] ?? null),
                $readings,
                array_keys($readings),
            ),
        );
    }

    /** @param float|null $odd stops over the curve that all others make, where it disagrees with them */
    private static function reading(LightReading $reading, ?float $odd): ReadingData
    {
        return new ReadingData(
            $reading->spot,
            Evening::dateOf($reading->at),
            $reading->at->format('H:i'),
            round($reading->glow->ev, 2),
            $reading->kind,
            $reading->of,
            $odd === null ? null : round($odd, 2),
        );
    }
}
