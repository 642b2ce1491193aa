<?php

declare(strict_types=1);

namespace App\Http\Controllers\Rooms;

use App\Models\Room;
use App\Planning\MomentsStillFit;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Kaddle\Core\Exchange\RoomShape;
use Kaddle\Core\Reading\Fields;

final class SaveRoom
{
    public function __invoke(Request $request, Room $room): RedirectResponse
    {
        $read = Fields::whole($request->post(), static fn(Fields $fields): array => RoomShape::read($fields));
        DB::transaction(static function () use ($room, $read): void {
            $room->take($read);
            MomentsStillFit::inRoom($room);
            $room->save();
        });

        return back()->with('notice', 'Saved.');
    }
}
