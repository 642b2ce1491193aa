<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\User;
use Illuminate\Validation\ValidationException;

/** How much one account may keep: far more than a working life takes, far less than a disk. */
final class Quota
{
    public const NIGHTS = 1000;
    public const PLACES = 500;

    /** In an hour, previews included. */
    public const IMPORTS = 100;

    private function __construct() {}

    /** @throws ValidationException where another night would be one too many */
    public static function nights(User $user): void
    {
        self::mustHold($user->nights()->count(), self::NIGHTS, 'nights');
    }

    /** @throws ValidationException where another venue would be one too many */
    public static function places(User $user): void
    {
        self::mustHold($user->venues()->count(), self::PLACES, 'places');
    }

    /** @throws ValidationException where this hour has seen enough of them */
    public static function imports(User $user): void
    {
        if ($user->imports()->where('created_at', '>', now()->subHour())->count() >= self::IMPORTS) {
            throw ValidationException::withMessages(
                ['page' => sprintf('%d imports an hour are the most. Go on in a while.', self::IMPORTS)],
            );
        }
    }

    private static function mustHold(int $held, int $most, string $what): void
    {
        if ($held >= $most) {
            throw ValidationException::withMessages(
                ['page' => "An account holds at most $most $what. Take some out as JSON and delete them first."],
            );
        }
    }
}
