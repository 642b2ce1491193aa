<?php

declare(strict_types=1);

namespace App\Notifications;

use App\Models\User;
use Illuminate\Notifications\Messages\MailMessage;
use Illuminate\Notifications\Notification;
use Illuminate\Support\Facades\Password;

/** What the page of a registration does not tell to whoever sits before it. */
final class AccountExists extends Notification
{
    /** @return list<string> */
    public function via(): array
    {
        return ['mail'];
    }

    public function toMail(User $user): MailMessage
    {
        $token = Password::broker()->createToken($user);

        return (new MailMessage())
            ->subject('You have an account at Kaddle')
            ->line(
                'Somebody, most likely you, wanted to make an account at Kaddle with this address. There is one already.',
            )
            ->line(
                'Sign in as usual. If you do not know its password, or somebody else made it in your name, choose a new one: that makes the account yours alone.',
            )
            ->action('Choose a new password', route('password.reset', ['token' => $token, 'email' => $user->email]))
            ->line('The link works for an hour. If it was not you, leave it: nothing has changed.');
    }
}
