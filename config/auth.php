<?php

declare(strict_types=1);

use App\Models\User;

return [
    'providers' => [
        'users' => [
            'driver' => 'accounts',
            'model' => User::class,
        ],
    ],
    'passwords' => [
        'users' => [
            'provider' => 'users',
            'table' => 'password_reset_tokens',
            'expire' => 60,
            // How often somebody may ask is counted by App\Accounts\Tries.
            'throttle' => 0,
        ],
    ],
];
