<?php

declare(strict_types=1);

namespace App\Notifications;

use App\Models\User;
use Illuminate\Notifications\Messages\MailMessage;
use Illuminate\Notifications\Notification;
use Illuminate\Support\Facades\URL;

/** The last step of a registration: whoever reads the mail shows that the address is theirs. */
final class ConfirmAddress extends Notification
{
    private const DAYS = 3;

    /** @return list<string> */
    public function via(): array
    {
        return ['mail'];
    }

    public function toMail(User $user): MailMessage
    {
        return (new MailMessage())
            ->subject('Confirm your address for Kaddle')
            ->line('Somebody, most likely you, has made an account at Kaddle with this address.')
            ->action(
                'Confirm the address',
                url(URL::temporarySignedRoute('confirm', now()->addDays(self::DAYS), ['account' => $user->id], false)),
            )
            ->line(
                sprintf(
                    'The link works for %d days and asks for the password that was chosen. If it was not you, leave it: nobody can use the account.',
                    self::DAYS,
                ),
            );
    }
}
