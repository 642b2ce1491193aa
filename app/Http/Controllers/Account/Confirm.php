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
use Illuminate\Validation\ValidationException;

/** An address is confirmed by whoever has both the link and the password: neither alone shows who made the account. */
final class Confirm
{
    public function __invoke(Request $request, User $account): RedirectResponse
    {
        $password = AccountForm::password($request);
        Tries::take('password', $limit = TryLimit::pair($account->email, 'confirm'));
        if (Door::find($account->email, $password) === null) {
            throw ValidationException::withMessages(
                [
                    'password' => 'This is not the password that was chosen. If you do not know it, choose a new one by “Forgotten the password?”.',
                ],
            );
        }
        Tries::forgive($limit);
        $account->forceFill(['confirmed_at' => $account->confirmed_at ?? now()])->save();
        Door::letIn($request, $account, $password, false);

        return redirect()->route('nights.index')->with('notice', 'Your address is confirmed.');
    }
}
