<?php

declare(strict_types=1);

return [
    'default' => env('QUEUE_CONNECTION', 'database'),
    'connections' => [
        'sync' => ['driver' => 'sync'],
        'database' => [
            'driver' => 'database',
            'table' => 'jobs',
            'queue' => 'default',
            // Longer than the longest import, or a second worker would take it up again.
            'retry_after' => 900,
        ],
    ],
    // What became of an import is told in its own record.
    'failed' => ['driver' => 'null'],
];
