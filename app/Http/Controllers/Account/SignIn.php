<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Accounts\AccountForm;
use App\Accounts\Door;
use App\Accounts\KnownDevice;
use App\Accounts\Tries;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

final class SignIn
{
    public function __invoke(Request $request): RedirectResponse
    {
        $asked = AccountForm::signIn($request);
        Tries::take('email', ...$range = KnownDevice::range($request, $asked->text('email')));
        $user = Door::find($asked->text('email'), $asked->text('password'));
        if ($user?->confirmed_at === null) {
            throw ValidationException::withMessages(
                [
                    'email' => 'No account has this address and password, or its address is not confirmed yet: the link in the mail does that.',
                ],
            );
        }
        Tries::forgive(...$range);
        Door::letIn($request, $user, $asked->text('password'), $asked->flag('remember'));

        return redirect()->intended(route('nights.index'));
    }
}
