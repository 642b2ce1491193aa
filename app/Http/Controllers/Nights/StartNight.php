<?php

declare(strict_types=1);

namespace App\Http\Controllers\Nights;

use App\Models\Night;
use App\Models\User;
use App\Models\Venue;
use App\Planning\NightShape;
use App\Planning\Quota;
use App\Starter\StarterNight;
use App\Starter\StarterVenue;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Kaddle\Core\Night\NightTemplate;

/** Starts a night from a pattern, or with a first moment on the bench, at a known venue or a new one. */
final class StartNight
{
    /** Seconds within which the same night asked for again is the same night: a double click, or a page sent twice. */
    private const TWICE = 10;

    public function __invoke(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        $asked = NightShape::start($request);
        $template = NightTemplate::tryFrom($asked['template'] ?? '');
        $night = self::justStarted($user, $asked) ?? self::start($user, $asked, $template, $request->post('zone') ?? 'UTC');

        return $template === null
            ? redirect()->route('moments.bench', $night->moments()->firstOrFail())
            : redirect()->route('nights.show', $night);
    }

    /** @param array{name: string, heldOn: string, place: string} $asked */
    private static function justStarted(User $user, array $asked): ?Night
    {
        return $user->nights()->where('name', $asked['name'])->where('held_on', $asked['heldOn'])
            ->where('created_at', '>', now()->subSeconds(self::TWICE))->has('moments')
            ->whereHas('venue', static fn($venue) => $venue->where('name', $asked['place']))
            ->latest('id')->first();
    }

    /** @param array{name: string, heldOn: string, place: string} $asked */
    private static function start(User $user, array $asked, ?NightTemplate $template, mixed $zone): Night
    {
        Quota::nights($user);
        $night = new Night(['name' => $asked['name'], 'held_on' => $asked['heldOn']]);
        StarterNight::store($user, $night, self::venue($user, $asked['place'], $zone), $template);

        return $night;
    }

    private static function venue(User $user, string $name, mixed $zone): Venue
    {
        return $user->venues()->where('name', $name)->first() ?? StarterVenue::store($user, $name, $zone, 'place');
    }
}
