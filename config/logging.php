<?php

declare(strict_types=1);

return [
    'channels' => [
        // The demo sends no mail: what would be sent can be read here.
        'mail' => [
            'driver' => 'single',
            'path' => storage_path('logs/mail.log'),
            'level' => 'debug',
        ],
    ],
];
