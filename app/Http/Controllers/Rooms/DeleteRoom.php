<?php

declare(strict_types=1);

namespace App\Http\Controllers\Rooms;

use App\Models\Room;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;

/** Removes a room in which no moment takes place. */
final class DeleteRoom
{
    public function __invoke(Room $room): RedirectResponse
    {
        $uses = $room->moments()->count();
        if ($uses > 0) {
            throw ValidationException::withMessages(
                [
                    'page' => sprintf(
                        '%s in “%s”. Move %s first, or keep the room.',
                        $uses === 1 ? 'A moment takes place' : "$uses moments take place",
                        $room->name,
                        $uses === 1 ? 'it' : 'them',
                    ),
                ],
            );
        }
        $room->delete();

        return redirect()->route('places.show', $room->venue_id)->with('notice', "“{$room->name}” is deleted.");
    }
}
