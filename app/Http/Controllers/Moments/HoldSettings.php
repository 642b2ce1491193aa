<?php

declare(strict_types=1);

namespace App\Http\Controllers\Moments;

use App\Models\Moment;
use App\Planning\BenchHistory;
use App\Planning\ChangedElsewhere;
use App\Planning\Seen;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Kaddle\Core\Form\LookForm;
use Kaddle\Core\Form\MomentForm;
use Kaddle\Core\Form\MomentReader;
use Kaddle\Core\Intake\FaultyDocument;
use Kaddle\Core\Intake\Field;
use Kaddle\Core\Intake\FlagKind;

/** Controls of a moment that are held while its night is solved; a step back on its bench lets them go. */
final class HoldSettings
{
    public function __invoke(Request $request, Moment $moment): RedirectResponse
    {
        $held = LookForm::holds()->with(Field::optional('lens', 'held lens', new FlagKind(), '', false))
            ->whole(array_diff_key($request->post(), ['revision' => null]));
        $locks = array_diff_key($held->toArray(), ['lens' => null]);
        try {
            BenchHistory::of($moment)->change(Seen::revision($request), static function (Moment $moment) use ($held, $locks): void {
                $look = ['locks' => $locks] + $moment->settings->record('look')->toArray();
                $moment->settings = MomentForm::settings()->whole(['look' => $look, 'ownLens' => $held->flag('lens')] + $moment->settings->toArray());
                MomentReader::fromArray($moment->document());
            });
        } catch (ChangedElsewhere $e) {
            throw ValidationException::withMessages(['page' => "{$e->getMessage()} The night as it is now stands here; hold it once more."]);
        } catch (FaultyDocument $e) {
            throw FaultyDocument::at('page', $e->sentence());
        }

        return redirect()->route('nights.show', $moment->night_id);
    }
}
