<?php

declare(strict_types=1);

namespace App\Http\Controllers\Nights;

use App\Models\Night;
use App\Models\User;
use App\Models\Venue;
use App\Planning\NightForm;
use App\Planning\Quota;
use App\Starter\StarterNight;
use App\Starter\StarterVenue;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Kaddle\Core\Intake\Record;
use Kaddle\Core\Night\NightTemplate;

/** Starts a night from a pattern, or with a first moment on the bench, at a known venue or a new one. */
final class StartNight
{
    /** Seconds within which the same night asked for again is the same night: a double click, or a page sent twice. */
    private const TWICE = 10;

    public function __invoke(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        $asked = NightForm::start()->whole(array_diff_key($request->post(), ['zone' => null]));
        $template = $asked->has('template') ? $asked->choice('template', NightTemplate::class) : null;
        $night = self::justStarted($user, $asked) ?? self::start(
            $user,
            $asked,
            $template,
            $request->post('zone') ?? 'UTC',
        );

        return $template === null
            ? redirect()->route('moments.bench', $night->moments()->firstOrFail())
            : redirect()->route('nights.show', $night);
    }

    private static function justStarted(User $user, Record $asked): ?Night
    {
        return $user->nights()->where('name', $asked->text('name'))->where('held_on', $asked->text('heldOn'))
            ->where('created_at', '>', now()->subSeconds(self::TWICE))->has('moments')
            ->whereHas('venue', static fn($venue) => $venue->where('name', $asked->text('place')))
            ->latest('id')->first();
    }

    private static function start(User $user, Record $asked, ?NightTemplate $template, mixed $zone): Night
    {
        Quota::nights($user);
        $night = new Night(['name' => $asked->text('name'), 'held_on' => $asked->text('heldOn')]);
        StarterNight::store($user, $night, self::venue($user, $asked->text('place'), $zone), $template);

        return $night;
    }

    private static function venue(User $user, string $name, mixed $zone): Venue
    {
        return $user->venues()->where('name', $name)->first() ?? StarterVenue::store($user, $name, $zone, 'place');
    }
}
