<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\User;
use App\Pages\Listings;
use App\Planning\ChangedElsewhere;
use Illuminate\Database\QueryException;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\Request;
use Illuminate\Routing\Exceptions\InvalidSignatureException;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response as InertiaResponse;
use Kaddle\Core\Intake\FaultyDocument;
use Kaddle\Core\Words\Voice;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** What a person sees when a request cannot be answered. */
final class Problems
{
    private const SENTENCES = [
        400 => ['Not readable', 'The address holds text that is no UTF-8.'],
        403 => ['This is not yours', 'The page belongs to another account.'],
        404 => ['Nothing here', 'There is no such page, or it belongs to another account.'],
        405 => ['Not this way', 'The page cannot be used in this way.'],
        409 => ['Done already', 'The same was stored a moment ago. Look at the list before you try again.'],
        413 => ['Too much at once', 'What was sent is larger than anything Kaddle expects.'],
        429 => ['Slow down', 'Too many requests. Wait a minute and try again.'],
        500 => ['Something broke', 'The fault is ours and is in the log. What you saved before is safe.'],
        503 => [
            'One moment',
            'Kaddle is busy or being started. What you saved before is safe. Try again in a few seconds.',
        ],
    ];

    /** SQLSTATE of deadlocks, of locks that took too long, of a database that is starting, stopping or not there. */
    private const FOR_A_WHILE = ['40001', '40P01', '55P03', '57P01', '57P02', '57P03', '53300', '53100', '7'];

    private function __construct() {}

    /** What the core refuses of a request's own fields; a stored document that it refuses is a fault of ours. */
    public static function byField(FaultyDocument $e): \Throwable
    {
        return request()->isMethodSafe()
            ? $e
            : ValidationException::withMessages($e->byField('page', app(Voice::class)->sentence(...)));
    }

    /** What the database refuses for a while, or because two requests wanted the same at once, is no fault of ours. */
    public static function ofDatabase(QueryException $e): \Throwable
    {
        $code = (string) $e->getCode();

        return match (true) {
            $e instanceof UniqueConstraintViolationException => new HttpException(409, previous: $e),
            in_array(
                $code,
                self::FOR_A_WHILE,
                true,
            ), str_starts_with($code, '08') => new HttpException(503, previous: $e),
            default => $e,
        };
    }

    public static function inWords(Response $response, \Throwable $e, Request $request): Response
    {
        if ($e instanceof InvalidSignatureException) {
            return self::page(
                $request,
                403,
                'The link is too old',
                'It works for three days and only as it stands in the mail. Make the account once more, or ask for a new password: that confirms the address too.',
            )
                ->toResponse($request)->setStatusCode(403);
        }
        if ($response->getStatusCode() === 419) {
            return self::expired($request, $response);
        }
        if ($e instanceof ValidationException || $e instanceof ChangedElsewhere) {
            return $response; // which says it all by itself
        }
        $sentence = self::SENTENCES[$response->getStatusCode()] ?? null;
        if ($sentence === null || (config('app.debug') === true && $response->getStatusCode() === 500)) {
            return $response;
        }
        if ($request->expectsJson() && !$request->hasHeader('X-Inertia')) {
            return response()->json(['message' => $sentence[1]], $response->getStatusCode());
        }

        return self::page($request, $response->getStatusCode(), $sentence[0], $sentence[1])
            ->toResponse($request)
            ->setStatusCode($response->getStatusCode());
    }

    /** A request may fail before anything is shared with its page, so the page gets it here. */
    private static function page(Request $request, int $status, string $title, string $sentence): InertiaResponse
    {
        $user = self::whoAsks($request);

        return Inertia::render('Problem', [
            'status' => $status,
            'title' => $title,
            'sentence' => $sentence,
            'account' => $user instanceof User ? Listings::account($user) : null,
            'notice' => null,
            'errors' => new \stdClass(),
        ]);
    }

    /** Nobody, where the session was not opened or the database cannot tell. */
    private static function whoAsks(Request $request): mixed
    {
        try {
            return $request->hasSession() ? $request->user() : null;
        } catch (QueryException) {
            return null;
        }
    }

    private static function expired(Request $request, Response $response): Response
    {
        $sentence = 'The page had been open for too long. Please try once more.';

        return $request->expectsJson() && !$request->hasHeader('X-Inertia')
            ? response()->json(['message' => $sentence], $response->getStatusCode())
            : back()->withErrors(['page' => $sentence]);
    }
}
