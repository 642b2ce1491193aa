<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Accounts\AccountForm;
use App\Accounts\MailBox;
use App\Accounts\Tries;
use App\Accounts\TryLimit;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

use function Illuminate\Support\defer;

use Illuminate\Support\Facades\Password;

/** Sends a link to choose a new password, once the answer is out: it is the same whether the account exists or not. */
final class SendResetLink
{
    public function __invoke(Request $request): RedirectResponse
    {
        $email = AccountForm::address($request);
        Tries::take('email', TryLimit::mails($email), TryLimit::mailsFrom((string) $request->ip()));
        defer(static fn() => Password::sendResetLink(['email' => $email]));

        return redirect()->route('password.request')->with(
            'notice',
            'If there is such an account, a link is on its way. It works for an hour.' . MailBox::hint(),
        );
    }
}
