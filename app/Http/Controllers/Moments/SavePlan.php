<?php

declare(strict_types=1);

namespace App\Http\Controllers\Moments;

use App\Models\Moment;
use App\Planning\Seen;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Kaddle\Core\Form\MomentForm;
use Kaddle\Core\Form\MomentReader;
use Kaddle\Core\Intake\FaultyDocument;
use Kaddle\Core\Quantity\Sentence;

final class SavePlan
{
    public function __invoke(Request $request, Moment $moment): RedirectResponse
    {
        Seen::mustBe($moment->revision, $request);
        $moment->takePlan(
            MomentForm::plan()->whole(array_diff_key($request->post(), ['roomId' => null, 'revision' => null])),
        );
        self::move($moment, $request->post('roomId'));
        $moment->save();

        return redirect()->route('nights.timetable', $moment->night_id)->with('notice', "“{$moment->name}” is changed.");
    }

    private static function move(Moment $moment, mixed $roomId): void
    {
        $room = is_int($roomId) ? $moment->night->venue->rooms()->find($roomId) : null;
        if ($room === null) {
            throw ValidationException::withMessages(['roomId' => 'Choose a room of the venue.']);
        }
        $moment->room()->associate($room);
        try {
            MomentReader::fromArray($moment->load(array_diff(Moment::WHOLE, ['room.venue']))->document());
        } catch (FaultyDocument $e) {
            throw FaultyDocument::at(
                'roomId',
                Sentence::of('It does not fit into “%s” as it stands. %s', $room->name, $e->sentence()),
            );
        }
    }
}
