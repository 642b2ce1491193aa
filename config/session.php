<?php

declare(strict_types=1);

return [
    // In the database: a session is written whole or not at all, and can be ended from elsewhere.
    'driver' => env('SESSION_DRIVER', 'rows'),
    // Two weeks: long enough to plan on one weekend and shoot on the next without signing in again.
    'lifetime' => 20_160,
    'cookie' => 'kaddle_session',
    'secure' => str_starts_with((string) env('APP_URL', ''), 'https:'),
];
