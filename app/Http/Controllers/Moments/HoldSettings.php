<?php

declare(strict_types=1);

namespace App\Http\Controllers\Moments;

use App\Models\Moment;
use App\Planning\BenchHistory;
use App\Planning\ChangedElsewhere;
use App\Planning\NightScore;
use App\Planning\Seen;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Kaddle\Core\Form\LookForm;
use Kaddle\Core\Form\MomentForm;
use Kaddle\Core\Form\MomentReader;
use Kaddle\Core\Form\StandForm;
use Kaddle\Core\Intake\FaultyDocument;
use Kaddle\Core\Intake\Field;
use Kaddle\Core\Intake\FlagKind;
use Kaddle\Core\Score\ScoredBar;
use Kaddle\Core\Solve\KnownLights;

/** Controls of a moment that are held while its night is solved; a step back on its bench lets them go. */
final class HoldSettings
{
    public function __invoke(Request $request, Moment $moment, KnownLights $known): RedirectResponse
    {
        $flags = [
            Field::optional('lens', 'held lens', new FlagKind(), '', false),
            Field::optional('all', 'hold of everything', new FlagKind(), '', false),
        ];
        $held = LookForm::holds()->with(...$flags)->whole(array_diff_key($request->post(), ['revision' => null]));
        $locks = array_diff_key($held->toArray(), ['lens' => null, 'all' => null]);
        $stands = $held->flag('all') ? self::stands($moment, $known) : [];
        try {
            BenchHistory::of($moment)->change(Seen::revision($request), static function (Moment $moment) use ($held, $locks, $stands): void {
                $look = ['locks' => $locks] + $moment->settings->record('look')->toArray();
                $moment->settings = MomentForm::settings()->whole(
                    ['look' => $look, 'ownLens' => $held->flag('lens'), ...$stands] + array_diff_key($moment->settings->toArray(), ['stands' => null]),
                );
                MomentReader::fromArray($moment->document());
            });
        } catch (ChangedElsewhere $e) {
            throw ValidationException::withMessages(['page' => "{$e->getMessage()} The night as it is now stands here; hold it once more."]);
        } catch (FaultyDocument $e) {
            throw FaultyDocument::at('page', $e->sentence());
        }

        return redirect()->route('nights.show', $moment->night_id);
    }

    /** @return array{stands?: list<array<string, mixed>>} where the score has it; nothing for a moment that is left out */
    private static function stands(Moment $moment, KnownLights $known): array
    {
        $score = NightScore::of($moment->night, $moment->night->wholeMoments(), $known);
        $own = array_filter($score->bars, static fn(ScoredBar $b): bool => $b->bar->moment === $moment->uid);

        return $own === [] ? [] : ['stands' => array_values(array_map(StandForm::of(...), $own))];
    }
}
