<?php

declare(strict_types=1);

use App\Http\Middleware\HandleInertiaRequests;
use App\Http\Middleware\InTurn;
use App\Http\Middleware\KnownHost;
use App\Http\Middleware\ReadBody;
use App\Http\Middleware\RefuseLargeBodies;
use App\Http\Middleware\SecureHeaders;
use App\Http\Problems;
use App\Planning\ChangedElsewhere;
use App\Providers\AppServiceProvider;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ConvertEmptyStringsToNull;
use Illuminate\Foundation\Http\Middleware\TrimStrings;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Kaddle\Core\Intake\FaultyDocument;

$root = dirname(__DIR__);

// Everything that changes at run time lives in one place that can be moved:
// two instances of the same checkout (the demo and the tests) never meet.
$var = getenv('KADDLE_VAR');
$var = is_string($var) && $var !== '' ? $var : "$root/var";
foreach (['CONFIG', 'EVENTS', 'PACKAGES', 'ROUTES', 'SERVICES'] as $cache) {
    $_ENV["APP_{$cache}_CACHE"] = sprintf('%s/bootstrap/%s.php', $var, strtolower($cache));
}

$app = Application::configure(basePath: $root)
    ->withProviders([AppServiceProvider::class], withBootstrapProviders: false)
    ->withRouting(web: "$root/routes/web.php")
    ->withMiddleware(static function (Middleware $middleware): void {
        $middleware->prepend([SecureHeaders::class, KnownHost::class, RefuseLargeBodies::class]);
        // The body is read, and cleaned, only when it is known who asks.
        $body = [ReadBody::class, TrimStrings::class, ConvertEmptyStringsToNull::class];
        $middleware->remove($body);
        $middleware->web(append: [HandleInertiaRequests::class, ...$body]);
        $middleware->authenticateSessions();
        foreach ([...$body, InTurn::class] as $late) {
            $middleware->prependToPriorityList(SubstituteBindings::class, $late);
        }
        $middleware->encryptCookies(except: ['theme']);
        $middleware->redirectGuestsTo('/sign-in');
        $middleware->redirectUsersTo('/nights');
    })
    ->withExceptions(static function (Exceptions $exceptions): void {
        $exceptions->dontReport(ChangedElsewhere::class);
        $exceptions->map(FaultyDocument::class, Problems::byField(...));
        $exceptions->map(QueryException::class, Problems::ofDatabase(...));
        $exceptions->respond(Problems::inWords(...));
    })
    ->create();

return $app->useEnvironmentPath($var)->useStoragePath("$var/storage");
