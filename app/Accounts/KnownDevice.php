<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cookie;
use Illuminate\Support\Str;

/**
 * A browser in which somebody signed in before: guesses of others cannot make it wait.
 *
 * The cookie is encrypted, so that nobody writes one by hand; it opens nothing by itself.
 */
final class KnownDevice
{
    private const COOKIE = 'kaddle_device';
    private const MINUTES = 365 * 24 * 60;

    private function __construct() {}

    /** @return non-empty-list<TryLimit> what is counted when this browser tries to sign in */
    public static function range(Request $request, string $email): array
    {
        $from = (string) $request->ip();
        $told = $request->cookie(self::COOKIE);
        [$device, $of] = is_string($told) ? explode('|', $told, 2) + ['', ''] : ['', ''];

        return $of === self::name($email)
            ? [TryLimit::pair($email, $device)]
            : [TryLimit::pair($email, $from), TryLimit::account($email), TryLimit::place($from)];
    }

    public static function remember(User $user): void
    {
        Cookie::queue(self::COOKIE, Str::random(24) . '|' . self::name($user->email), self::MINUTES);
    }

    private static function name(string $email): string
    {
        return hash('sha256', $email);
    }
}
