<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Str;

/** Who comes in, and who has to leave. */
final class Door
{
    private function __construct() {}

    /** The account of this address and password. It takes as long to say that there is none. */
    public static function find(string $email, string $password): ?User
    {
        $user = User::query()->where('email', $email)->first();
        $fits = Hash::check($password, $user->password ?? self::nobody());

        return $fits ? $user : null;
    }

    /** Signs somebody in whose password was right. */
    public static function letIn(
        Request $request,
        User $user,
        #[\SensitiveParameter]
        string $password,
        bool $remember,
    ): void {
        if (Hash::needsRehash($user->password)) {
            $user->forceFill(['password' => $password])->save();
        }
        Auth::login($user, $remember);
        $request->session()->regenerate();
        KnownDevice::remember($user);
    }

    /** Another password: everybody who is signed in to the account has to leave, but for one session. */
    public static function changeLock(User $user, #[\SensitiveParameter] string $password, string $butFor = ''): void
    {
        DB::transaction(static function () use ($user, $password, $butFor): void {
            $user->forceFill(['password' => $password, 'remember_token' => Str::random(60)])->save();
            DB::table('sessions')->where('user_id', $user->id)->where('id', '!=', $butFor)->delete();
        });
    }

    /** A password that nobody has, made at the price that is in force. */
    private static function nobody(): string
    {
        return cache()->rememberForever(
            'nobody:' . json_encode(config('hashing')),
            static fn(): string => Hash::make(Str::random(40)),
        );
    }
}
