<?php

declare(strict_types=1);

namespace App\Http\Controllers\Rooms;

use App\Models\Room;
use App\Planning\MomentsStillFit;
use App\Planning\Seen;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Kaddle\Core\Form\RoomForm;

final class SaveRoom
{
    public function __invoke(Request $request, Room $room): RedirectResponse
    {
        Seen::mustBe($room->revision, $request);
        $room->take(RoomForm::whole()->whole(array_diff_key($request->post(), ['revision' => null])));
        MomentsStillFit::inRoom($room);
        $room->save();

        return back()->with('notice', 'Saved.');
    }
}
