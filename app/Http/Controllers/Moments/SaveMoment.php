<?php

declare(strict_types=1);

namespace App\Http\Controllers\Moments;

use App\Http\Requests\MomentRequest;
use App\Models\Moment;
use App\Models\Room;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Kaddle\Core\Plan\Reading\MomentReader;
use Kaddle\Core\Reading\FaultyDocument;

/** Stores a draft in its moment and room, both or neither. */
final class SaveMoment
{
    public function __invoke(MomentRequest $request, Moment $moment): RedirectResponse
    {
        DB::transaction(static function () use ($request, $moment): void {
            $request->fill($moment);
            self::othersMustStillFit($moment, $moment->room);
            $moment->room->save();
            $moment->save();
        });

        return redirect()->route('moments.bench', $moment)->with('notice', 'Saved.');
    }

    /** The room belongs to all moments in it, so none of them may be left standing in a wall. */
    private static function othersMustStillFit(Moment $moment, Room $room): void
    {
        $others = Moment::query()->whereBelongsTo($room)->whereKeyNot($moment->id)->with(['body', 'lens', 'flashUnit'])->get();
        foreach ($others as $other) {
            try {
                MomentReader::fromArray($other->setRelation('room', $room)->document());
            } catch (FaultyDocument $e) {
                throw ValidationException::withMessages(array_fill_keys(
                    $room->isDirty('height_m') ? ['room.height'] : ['room.length'],
                    "“{$other->name}” takes place in the same room and would no longer fit. {$e->getMessage()}",
                ));
            }
        }
    }
}
