<?php

declare(strict_types=1);

namespace App\Http\Controllers\Moments;

use App\Models\Moment;
use App\Models\Night;
use App\Models\User;
use App\Starter\StarterNight;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;
use Kaddle\Core\Exchange\DocumentKind;
use Kaddle\Core\Glow\Evening;

/** Adds a moment to a night: a copy of its last one, after its end, to be changed on the bench. */
final class AddMoment
{
    public function __invoke(Night $night, #[CurrentUser] User $user): RedirectResponse
    {
        if ($night->moments()->count() >= DocumentKind::MOST_MOMENTS) {
            throw ValidationException::withMessages(
                ['page' => sprintf('A night holds at most %d moments.', DocumentKind::MOST_MOMENTS)],
            );
        }
        $last = $night->moments()->reorder()->orderByRaw(Night::inTimeOrder() . ' desc')->orderByDesc('id')->first();

        return redirect()->route(
            'moments.bench',
            $last === null ? StarterNight::begin($user, $night) : self::after($last),
        );
    }

    private static function after(Moment $last): Moment
    {
        $moment = $last->again();
        $moment->name = 'New moment';
        $moment->starts_at = Evening::clock($last->slot()->until());
        $moment->save();

        return $moment;
    }
}
