<?php

declare(strict_types=1);

namespace App\Accounts;

/**
 * Passwords that guessing begins with.
 *
 * Those of ten characters and more from the list that the npm package
 *
 * @zxcvbn-ts/language-common 4.1.3 ships (MIT), kept as the first 12 hexadecimal digits of
 * their SHA-256, because many of them are nothing one wants to read.
 */
final class CommonPasswords
{
    private const DIGITS = 12;

    private function __construct() {}

    public static function contain(string $password): bool
    {
        $plain = mb_strtolower($password);

        return count(array_unique(mb_str_split($plain))) < 4
            || str_contains(self::list(), "\n" . substr(hash('sha256', $plain), 0, self::DIGITS) . "\n");
    }

    private static function list(): string
    {
        return "\n" . file_get_contents(resource_path('passwords/common.txt'));
    }
}
