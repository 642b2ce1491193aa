<?php

declare(strict_types=1);

namespace App\Data;

use App\Models\Room;
use Kaddle\Core\Form\RoomForm;
use Kaddle\Core\Glow\Evening;
use Kaddle\Core\Glow\Sunset;

/** The glow of a room from noon to six in the morning, with what was measured there. */
final readonly class GlowCurveData
{
    private const STEP = 15;

    /**
     * @param list<CurveData> $points
     * @param list<ReadingData> $readings
     */
    private function __construct(
        /** ISO 8601 date on which the evening begins. */
        public string $date,
        public string $zone,
        /** By the clocks of the place; null where the sun does not go down. */
        public ?string $sunset,
        /** A quarter of an hour apart. @var list<CurveData> */
        public array $points,
        /** Of all evenings. @var list<ReadingData> */
        public array $readings,
    ) {}

    public static function of(Room $room, string $date): self
    {
        $place = $room->venue->place();
        $points = [];
        for ($minutes = Evening::minutes('12:00'); $minutes <= Evening::minutes('05:45'); $minutes += self::STEP) {
            $points[] = CurveData::of($room->glow()->at(Evening::moment($date, Evening::clock($minutes), $place->zone)), $place->zone);
        }
        $odd = $room->glow()->oddReadings();
        $readings = [];
        foreach (RoomForm::readings($room->figures(), $place->zone) as $i => $reading) {
            $readings[] = ReadingData::of($reading, $odd[$i] ?? null);
        }

        return new self($date, $place->zone->getName(), Sunset::on($date, $place)?->format('H:i'), $points, $readings);
    }
}
