<?php

declare(strict_types=1);

return [
    // Takes passwords of any length whole; bcrypt would look at their first 72 bytes only.
    'driver' => 'argon2id',
    'argon' => [
        // KiB and passes that the usual advice for servers names; about a tenth of a second of one core.
        'memory' => env('HASH_MEMORY', 19_456),
        'time' => env('HASH_PASSES', 2),
        'threads' => 1,
        // Older passwords were hashed otherwise, and are hashed anew at the next sign-in.
        'verify' => false,
    ],
    // Done by App\Accounts\Door, which alone signs people in.
    'rehash_on_login' => false,
];
