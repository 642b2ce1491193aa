<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Accounts\AccountForm;
use App\Accounts\MailBox;
use App\Accounts\Tries;
use App\Accounts\TryLimit;
use App\Models\User;
use App\Notifications\AccountExists;
use App\Notifications\ConfirmAddress;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

use function Illuminate\Support\defer;

use Kaddle\Core\Intake\Record;

/** Makes an account once the answer is out: words and time are the same whether there is one already, the mail says the rest. */
final class Register
{
    public function __invoke(Request $request): RedirectResponse
    {
        $asked = AccountForm::registration($request);
        Tries::take('email', TryLimit::mails($asked->text('email')), TryLimit::mailsFrom((string) $request->ip()));
        defer(static fn() => self::make($asked));

        return redirect()->route('register')->with(
            'notice',
            "A mail to {$asked->text('email')} is on its way. Open the link in it to go on." . MailBox::hint(),
        );
    }

    private static function make(Record $asked): void
    {
        try {
            if (User::query()->where('email', $asked->text('email'))->doesntExist()) {
                User::query()->create($asked->toArray())->notify(new ConfirmAddress());

                return;
            }
        } catch (UniqueConstraintViolationException) {
            // Asked for twice at the same instant.
        }
        User::query()->where('email', $asked->text('email'))->first()?->notify(new AccountExists());
    }
}
