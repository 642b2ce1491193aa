<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Http\Requests\ResetRequest;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Password;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

final class ResetPassword
{
    public function __invoke(ResetRequest $request): RedirectResponse
    {
        $outcome = Password::reset(
            ['token' => $request->string('token')->toString(), 'email' => $request->address(), 'password' => $request->password()],
            static function (User $user, string $password): void {
                $user->forceFill(['password' => $password, 'remember_token' => Str::random(60)])->save();
            },
        );
        if ($outcome !== Password::PASSWORD_RESET) {
            throw ValidationException::withMessages(['email' => 'The link is used up, too old, or belongs to another address. Ask for a new one.']);
        }

        return redirect()->route('login')->with('notice', 'The new password is set. Sign in with it.');
    }
}
