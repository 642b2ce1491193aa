<?php

declare(strict_types=1);

return [
    'channels' => [
        'single' => [
            'driver' => 'single',
            'path' => storage_path('logs/laravel.log'),
            'level' => env('LOG_LEVEL', 'info'),
            'permission' => 0600,
        ],
        // The demo sends no mail: what would be sent can be read here, by the owner of the machine.
        'mail' => [
            'driver' => 'single',
            'path' => storage_path('logs/mail.log'),
            'level' => 'debug',
            'permission' => 0600,
        ],
    ],
];
