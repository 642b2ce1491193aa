<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use App\Planning\Turn;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * What an account stores is stored one after the other, each as a whole or not at all.
 *
 * Records are looked up inside, so that each request sees what the one before has stored.
 */
final class InTurn
{
    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $user = $request->user();
        assert($user instanceof User);

        return Turn::take($user->id, static fn(): Response => $next($request), self::isDone(...));
    }

    /** Faults by field leave as a redirect to a page, which knows the exception that it was made of. */
    private static function isDone(Response $response): bool
    {
        return $response->getStatusCode() < 400 && !(property_exists($response, 'exception') && $response->exception !== null);
    }
}
