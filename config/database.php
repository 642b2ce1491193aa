<?php

declare(strict_types=1);

return [
    'default' => 'pgsql',
    'connections' => [
        'pgsql' => [
            'driver' => 'pgsql',
            'host' => env('DB_HOST', '127.0.0.1'),
            'port' => env('DB_PORT', '5432'),
            'database' => env('DB_DATABASE', 'kaddle'),
            'username' => env('DB_USERNAME', 'kaddle'),
            'password' => env('DB_PASSWORD', ''),
            'charset' => 'utf8',
            'sslmode' => 'disable',
            // Each worker keeps its connection: signing in to the database takes longer than any query here.
            // And each query goes there and back once, its values apart from it, instead of being prepared for one use first.
            'options' => [PDO::ATTR_PERSISTENT => env('DB_PERSISTENT', true), PDO::PGSQL_ATTR_DISABLE_PREPARES => true],
        ],
    ],
];
