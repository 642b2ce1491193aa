<?php

declare(strict_types=1);

namespace App\Accounts;

/** Where mail goes that this Kaddle sends. */
final class MailBox
{
    private function __construct() {}

    /** For whoever runs it without a mail server, as the demo does; '' where mail is really sent. */
    public static function hint(): string
    {
        return config('mail.default') === 'log'
            ? ' This Kaddle has no mail server: its owner finds the mail in mail.log.'
            : '';
    }
}
