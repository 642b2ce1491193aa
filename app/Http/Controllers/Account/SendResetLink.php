<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Http\Requests\ForgottenRequest;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Password;

/** Sends a link to choose a new password; says the same whether the account exists or not. */
final class SendResetLink
{
    public function __invoke(ForgottenRequest $request): RedirectResponse
    {
        Password::sendResetLink(['email' => $request->address()]);

        return back()->with('notice', 'If there is such an account, a link is on its way. It works for an hour.');
    }
}
