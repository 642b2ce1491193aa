<?php

declare(strict_types=1);

namespace App\Data;

use App\Models\Moment;
use Kaddle\Core\Form\RoomForm;
use Kaddle\Core\Glow\Daylight;
use Kaddle\Core\Glow\Evening;
use Kaddle\Core\Glow\SunPosition;
use Kaddle\Core\Reading\Record;
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
        $room = $moment->room->figures();
        $hangs = array_map(static fn(Record $lamp): ?float => $lamp->has('hangs') ? $lamp->number('hangs') : null, $room->records('lamps'));
        $lamps = [];
        foreach (RoomForm::lamps($room) as $i => $lamp) {
            $lux = $lamp->at(Evening::minutes($moment->clock()));
            $lamps[] = new LampData($lamp->name, round($lux, 2), round($lux / $lamp->lux, 3), $hangs[$i]);
        }

        return new self(array_map(static fn(Record $w): WindowData => new WindowData(
            $w->text('name'),
            $w->choice('wall', Face::class),
            round($outdoors * $w->number('share') / 100.0, 2),
        ), $room->records('windows')), $lamps);
    }
}
