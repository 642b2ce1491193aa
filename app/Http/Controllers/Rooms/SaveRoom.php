<?php

declare(strict_types=1);

namespace App\Http\Controllers\Rooms;

use App\Models\Room;
use App\Planning\MomentsStillFit;
use App\Planning\Seen;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Kaddle\Core\Exchange\RoomShape;
use Kaddle\Core\Reading\Fields;

final class SaveRoom
{
    public function __invoke(Request $request, Room $room): RedirectResponse
    {
        Seen::mustBe($room->revision, $request);
        $read = Fields::whole(array_diff_key($request->post(), ['revision' => null]), static fn(Fields $fields): array => RoomShape::read($fields));
        $room->take($read);
        MomentsStillFit::inRoom($room);
        $room->save();

        return back()->with('notice', 'Saved.');
    }
}
