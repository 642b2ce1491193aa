<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Accounts\AccountForm;
use App\Accounts\Door;
use App\Accounts\Tries;
use App\Accounts\TryLimit;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** A new password, for somebody who is signed in and knows the old one. */
final class ChangePassword
{
    public function __invoke(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        $asked = AccountForm::newPassword($request);
        Tries::take('current', $limit = TryLimit::pair($user->email, 'change'));
        if (Door::find($user->email, $asked->text('current')) === null) {
            throw ValidationException::withMessages(['current' => 'This is not the password of this account.']);
        }
        Tries::forgive($limit);
        $request->session()->regenerate();
        Door::changeLock($user, $asked->text('password'), $request->session()->getId());

        return redirect()->route('account')->with(
            'notice',
            'The new password is set. Every other browser that was signed in has been signed out.',
        );
    }
}
