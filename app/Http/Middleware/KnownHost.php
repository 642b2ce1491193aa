<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Kaddle answers under its own name only, so that no link in a mail can lead elsewhere. */
final class KnownHost
{
    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $home = config('app.url');
        $home = is_string($home) ? $home : '';
        $known = self::hostOf($home);
        if (strtolower((string) $request->headers->get('Host')) !== $known) {
            return response()->json(['message' => "Kaddle is at $home."], Response::HTTP_MISDIRECTED_REQUEST);
        }
        // “Back” follows this header.
        $from = $request->headers->get('Referer');
        if ($from !== null && self::hostOf($from) !== $known) {
            $request->headers->remove('Referer');
        }

        return $next($request);
    }

    /** "127.0.0.1:8017" */
    private static function hostOf(string $url): string
    {
        $parts = parse_url($url);

        return $parts === false
            ? ''
            : strtolower(($parts['host'] ?? '') . (isset($parts['port']) ? ":{$parts['port']}" : ''));
    }
}
