<?php

declare(strict_types=1);

namespace App\Data;

use App\Models\Moment;
use Kaddle\Core\Exchange\RoomShape;
use Kaddle\Core\Glow\Daylight;
use Kaddle\Core\Glow\Evening;
use Kaddle\Core\Glow\SunPosition;
use Kaddle\Core\Room\Face;

/** What gives a room its own light, at the time of a moment. */
final readonly class SceneryData
{
    /**
     * @param list<WindowData> $windows
     * @param list<LampData> $lamps
     */
    private function __construct(
        /** @var list<WindowData> */
        public array $windows,
        /** @var list<LampData> */
        public array $lamps,
    ) {}

    public static function of(Moment $moment): self
    {
        $place = $moment->room->venue->place();
        $outdoors = Daylight::lux(SunPosition::at($place->latitude, $place->longitude, $moment->curvePoint()->at));
        $room = $moment->room->wholeDocument();
        $lamps = [];
        foreach (RoomShape::lamps($room) as $i => $lamp) {
            $lux = $lamp->at(Evening::minutes($moment->clock()));
            $hangs = $moment->room->lamps[$i]['hangs'] ?? null;
            $lamps[] = new LampData($lamp->name, round($lux, 2), round($lux / $lamp->lux, 3), is_numeric($hangs) ? (float) $hangs : null);
        }

        return new self(array_map(static fn(array $w): WindowData => new WindowData(
            is_string($w['name'] ?? null) ? $w['name'] : '',
            Face::tryFrom(is_string($w['wall'] ?? null) ? $w['wall'] : '') ?? Face::Left,
            round($outdoors * (is_numeric($w['share'] ?? null) ? (float) $w['share'] : 0.0) / 100.0, 2),
        ), $moment->room->windows), $lamps);
    }
}
