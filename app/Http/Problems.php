<?php

declare(strict_types=1);

namespace App\Http;

use App\Data\AccountData;
use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response as InertiaResponse;
use Kaddle\Core\Reading\FaultyDocument;
use Symfony\Component\HttpFoundation\Response;

/** What a person sees when a request cannot be answered. */
final class Problems
{
    private const SENTENCES = [
        403 => ['This is not yours', 'The page belongs to another account.'],
        404 => ['Nothing here', 'There is no such page, or it belongs to another account.'],
        405 => ['Not this way', 'The page cannot be used in this way.'],
        413 => ['Too much at once', 'What was sent is larger than anything Kaddle expects.'],
        429 => ['Slow down', 'Too many requests. Wait a minute and try again.'],
        500 => ['Something broke', 'The fault is ours and is in the log. What you saved before is safe.'],
        503 => ['One moment', 'Kaddle is being started. Try again in a few seconds.'],
    ];

    private function __construct() {}

    /** What the core refuses of a request's own fields; a stored document that it refuses is a fault of ours. */
    public static function byField(FaultyDocument $e): \Throwable
    {
        if (request()->isMethodSafe()) {
            return $e;
        }
        $told = [];
        foreach ($e->faults as $fault) {
            $told[$fault->field === '' ? 'page' : $fault->field][] = $fault->message;
        }

        return ValidationException::withMessages($told);
    }

    public static function inWords(Response $response, \Throwable $e, Request $request): Response
    {
        if ($response->getStatusCode() === 419) {
            return self::expired($request, $response);
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
        $user = $request->user();

        return Inertia::render('Problem', [
            'status' => $status,
            'title' => $title,
            'sentence' => $sentence,
            'account' => $user instanceof User ? AccountData::of($user) : null,
            'notice' => null,
            'errors' => new \stdClass(),
        ]);
    }

    private static function expired(Request $request, Response $response): Response
    {
        $sentence = 'The page had been open for too long. Please try once more.';

        return $request->expectsJson() && !$request->hasHeader('X-Inertia')
            ? response()->json(['message' => $sentence], $response->getStatusCode())
            : back()->withErrors(['page' => $sentence]);
    }
}
