<?php

declare(strict_types=1);

namespace App\Providers;

use App\Accounts\Accounts;
use App\Accounts\SessionRows;
use App\Models\Import;
use App\Models\Moment;
use App\Models\Night;
use App\Models\Piece;
use App\Models\Room;
use App\Models\User;
use App\Models\Venue;
use App\Planning\LightMemory;
use App\Planning\SurfaceMemory;
use App\Policies\MomentPolicy;
use App\Policies\OwnerPolicy;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Session\SessionManager;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\URL;
use Illuminate\Support\Facades\Vite;
use Illuminate\Support\ServiceProvider;
use Inertia\Inertia;
use Kaddle\Core\Picture\KnownSurfaces;
use Kaddle\Core\Solve\KnownLights;
use Kaddle\Core\Words\Voice;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind(KnownLights::class, LightMemory::class);
        $this->app->bind(KnownSurfaces::class, SurfaceMemory::class);
        $this->app->bind(Voice::class, static fn(Application $app): Voice => self::voiceOf($app->make('auth')->user()));
        $this->app->resolving('session', static fn(SessionManager $sessions) => $sessions->extend(
            'rows',
            static fn(Application $app): SessionRows => new SessionRows(
                DB::connection(),
                'sessions',
                config()->integer('session.lifetime'),
                $app,
            ),
        ));
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        Inertia::encryptHistory();
        // Without host, so that the page works under every name of this machine.
        Vite::createAssetPathsUsing(static fn(string $path): string => "/$path");
        self::bindRecords();
        Gate::policy(Moment::class, MomentPolicy::class);
        foreach ([Import::class, Night::class, Piece::class, Room::class, Venue::class] as $owned) {
            Gate::policy($owned, OwnerPolicy::class);
        }
        Auth::provider(
            'accounts',
            static fn(Application $app, array $config): Accounts => new Accounts(
                $app->make(Hasher::class),
                User::class,
            ),
        );
        self::makeLinksFromHome();
    }

    private static function voiceOf(mixed $user): Voice
    {
        return $user instanceof User ? $user->voice() : Voice::plain();
    }

    /** Links in mails and redirects lead to the configured address, whatever a request calls itself. */
    private static function makeLinksFromHome(): void
    {
        $home = config('app.url');
        if (is_string($home)) {
            URL::forceRootUrl($home);
            URL::forceScheme((string) parse_url($home, PHP_URL_SCHEME));
        }
    }

    /** Here and not in the routes file, which is not read once the routes are cached. */
    private static function bindRecords(): void
    {
        foreach (['night' => Night::class, 'moment' => Moment::class, 'piece' => Piece::class, 'venue' => Venue::class, 'room' => Room::class, 'import' => Import::class, 'account' => User::class] as $name => $model) {
            Route::pattern($name, '[0-9]{1,18}');
            Route::model($name, $model);
        }

    }
}
