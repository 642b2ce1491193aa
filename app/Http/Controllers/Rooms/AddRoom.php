<?php

declare(strict_types=1);

namespace App\Http\Controllers\Rooms;

use App\Models\Room;
use App\Models\Venue;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Kaddle\Core\Exchange\DocumentKind;
use Kaddle\Core\Room\RoomKind;

/** A room of a usual kind, to be measured. */
final class AddRoom
{
    public function __invoke(Request $request, Venue $venue): RedirectResponse
    {
        $kind = RoomKind::tryFrom(is_string($kind = $request->post('kind')) ? $kind : '')
            ?? throw ValidationException::withMessages(['kind' => 'Choose a kind of room to start from.']);
        if ($venue->rooms()->count() >= DocumentKind::MOST_ROOMS) {
            throw ValidationException::withMessages(
                ['page' => sprintf('A place holds at most %d rooms.', DocumentKind::MOST_ROOMS)],
            );
        }
        $room = Room::ofKind($kind, ucfirst($kind->inWords()));
        $room->forceFill(['user_id' => $venue->user_id, 'venue_id' => $venue->id])->save();

        return redirect()->route('rooms.show', $room);
    }
}
