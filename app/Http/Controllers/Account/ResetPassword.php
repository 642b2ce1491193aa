<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Accounts\AccountForm;
use App\Accounts\Door;
use App\Accounts\Tries;
use App\Accounts\TryLimit;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Password;
use Illuminate\Validation\ValidationException;

/** Whoever reads the mail of an address owns its account from now on, whoever registered it. */
final class ResetPassword
{
    public function __invoke(Request $request): RedirectResponse
    {
        $asked = AccountForm::reset($request);
        Tries::take('email', TryLimit::pair($asked->text('email'), 'reset'));
        $outcome = Password::reset($asked->toArray(), static function (User $user, string $password): void {
            $user->forceFill(['confirmed_at' => $user->confirmed_at ?? now()]);
            Door::changeLock($user, $password);
        });
        if ($outcome !== Password::PASSWORD_RESET) {
            throw ValidationException::withMessages(
                ['email' => 'The link is used up, too old, or belongs to another address. Ask for a new one.'],
            );
        }

        return redirect()->route('login')->with(
            'notice',
            'The new password is set, and everybody who was signed in has been signed out. Sign in with it.',
        );
    }
}
