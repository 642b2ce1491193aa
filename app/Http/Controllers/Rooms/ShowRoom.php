<?php

declare(strict_types=1);

namespace App\Http\Controllers\Rooms;

use App\Models\Room;
use App\Pages\CurvePage;
use App\Pages\Listings;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use Kaddle\Core\Form\RoomForm;
use Kaddle\Core\Glow\Evening;

/** A room with what lights it, and the curve that follows from that. */
final class ShowRoom
{
    public function __invoke(Request $request, Room $room): Response
    {
        $room->load('venue');

        return Inertia::render('places/Room', [
            'id' => $room->id,
            'revision' => $room->revision,
            'venue' => Listings::venueChoice($room->venue),
            'uses' => $room->moments()->count(),
            'form' => RoomForm::whole()->form(),
            'values' => array_diff_key($room->wholeDocument(), ['uid' => null]),
            'curve' => CurvePage::of($room, self::date($request, $room)),
        ]);
    }

    /** The evening that is asked for, or that of the latest reading, or of the next night here, or this one. */
    private static function date(Request $request, Room $room): string
    {
        $asked = $request->query('on');
        if (is_string($asked) && preg_match('/^(19|20)\d\d-\d\d-\d\d$/D', $asked) === 1 && checkdate((int) substr($asked, 5, 2), (int) substr($asked, 8, 2), (int) substr($asked, 0, 4))) {
            return $asked;
        }
        $measured = array_filter(array_column($room->readings, 'at'), is_string(...));
        $next = $room->venue->nights()->whereDate('held_on', '>=', now()->toDateString())->min('held_on');

        return match (true) {
            $measured !== [] => Evening::dateOf(new \DateTimeImmutable(max($measured))),
            is_string($next) => substr($next, 0, 10),
            default => now()->toDateString(),
        };
    }
}
