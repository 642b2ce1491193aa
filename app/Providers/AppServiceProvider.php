<?php

declare(strict_types=1);

namespace App\Providers;

use App\Models\Moment;
use App\Models\Night;
use App\Models\Piece;
use App\Models\Room;
use App\Models\Venue;
use App\Planning\KeptLights;
use App\Policies\MomentPolicy;
use App\Policies\OwnerPolicy;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Vite;
use Illuminate\Support\ServiceProvider;
use Illuminate\Validation\Rules\Password;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Kaddle\Core\Plan\KnownLights;

final class AppServiceProvider extends ServiceProvider
{
    /** Tries per minute and address at anything that takes a password or sends mail. */
    private const TRIES = 8;

    public function register(): void
    {
        $this->app->bind(KnownLights::class, KeptLights::class);
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        Password::defaults(static fn(): Password => Password::min(10));
        Inertia::encryptHistory();
        // Without host, so that the page works under every name of this machine.
        Vite::createAssetPathsUsing(static fn(string $path): string => "/$path");
        self::bindRecords();
        Gate::policy(Moment::class, MomentPolicy::class);
        foreach ([Night::class, Piece::class, Room::class, Venue::class] as $owned) {
            Gate::policy($owned, OwnerPolicy::class);
        }
        RateLimiter::for('accounts', static fn(Request $request): Limit => Limit::perMinute(self::TRIES)
            ->by($request->path() . '|' . $request->ip())
            ->response(static fn(Request $request, array $headers) => throw ValidationException::withMessages([
                'email' => sprintf('Too many tries. Wait %d seconds and try again.', self::seconds($headers)),
            ])));
    }

    /** Here and not in the routes file, which is not read once the routes are cached. */
    private static function bindRecords(): void
    {
        foreach (['night' => Night::class, 'moment' => Moment::class, 'piece' => Piece::class, 'venue' => Venue::class, 'room' => Room::class] as $name => $model) {
            Route::pattern($name, '[0-9]{1,18}');
            Route::model($name, $model);
        }
    }

    /** @param array<array-key, mixed> $headers */
    private static function seconds(array $headers): int
    {
        $wait = $headers['Retry-After'] ?? 60;

        return is_numeric($wait) ? (int) $wait : 60;
    }
}
