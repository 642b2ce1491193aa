<?php

declare(strict_types=1);

namespace App\Http\Controllers\Nights;

use App\Http\Requests\NightChanges;
use App\Models\Night;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;

/** The same night once more on another date, at the same place with the same gear. */
final class CopyNight
{
    public function __invoke(NightChanges $request, Night $night): RedirectResponse
    {
        $copy = DB::transaction(static function () use ($request, $night): Night {
            $copy = $night->replicate(['uid'])->fill($request->attributesOfNight());
            $copy->save();
            foreach ($night->moments as $moment) {
                $copy->moments()->save($moment->replicate(['uid', 'answer', 'kit', 'revision', 'pins']));
            }

            return $copy;
        });

        return redirect()->route('nights.show', $copy)->with('notice', 'This is the copy. Glow that comes from the curves of its rooms has moved with the sun.');
    }
}
