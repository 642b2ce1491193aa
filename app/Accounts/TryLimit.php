<?php

declare(strict_types=1);

namespace App\Accounts;

/** How often something may be tried before tries have to wait, twice as long each time. */
final readonly class TryLimit
{
    private function __construct(
        /** What is counted, without the words that it was made from. */
        public string $key,
        public int $free,
        /** Seconds between two tries at most. */
        public int $longest,
        /** Whether tries at many accounts are counted together, of which one that goes well says nothing about the others. */
        public bool $isShared,
    ) {}

    /** Guesses at one account from one place. */
    public static function pair(string $email, string $from): self
    {
        return self::of("pair|$email|$from", 5, 900, false);
    }

    /** Guesses at one account from everywhere; never long, or guessing would keep its owner out. */
    public static function account(string $email): self
    {
        return self::of("account|$email", 30, 60, false);
    }

    /** Guesses at all accounts from one place, behind which many people may sit. */
    public static function place(string $from): self
    {
        return self::of("place|$from", 60, 30, true);
    }

    /** Mails to one address, wherever they were asked for. */
    public static function mails(string $email): self
    {
        return self::of("mails|$email", 3, 900, false);
    }

    /** Mails that one place asks for. */
    public static function mailsFrom(string $from): self
    {
        return self::of("mails-from|$from", 20, 300, true);
    }

    private static function of(string $what, int $free, int $longest, bool $isShared): self
    {
        return new self(hash('sha256', $what), $free, $longest, $isShared);
    }
}
