<?php

declare(strict_types=1);

namespace App\Http\Controllers\Nights;

use App\Models\Night;
use App\Pages\ScorePage;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Kaddle\Core\Form\MomentForm;
use Kaddle\Core\Solve\KnownLights;
use Kaddle\Core\Words\Voice;

/** A night with one of its moments at other times, while a hand moves it; stores nothing. */
final class SlideMoment
{
    private const MOST = 12;

    public function __invoke(Night $night, Request $request, KnownLights $known, Voice $voice): JsonResponse
    {
        $id = $request->input('moment');
        $moment = is_int($id) ? $night->moments()->find($id) : null;
        if ($moment === null) {
            throw ValidationException::withMessages(['moment' => 'Name a moment of this night.']);
        }
        $starts = $request->input('starts');
        if (!is_array($starts) || !array_is_list($starts) || $starts === [] || count($starts) > self::MOST) {
            throw ValidationException::withMessages(['starts' => sprintf('Give the times as a list of at least 1 and at most %d.', self::MOST)]);
        }
        $times = MomentForm::plan()->only('starts');
        $read = array_map(static fn(mixed $start): string => $times->whole(['starts' => $start])->text('starts'), $starts);

        return new JsonResponse(ScorePage::slid($night, $moment, $read, $known, $voice));
    }
}
