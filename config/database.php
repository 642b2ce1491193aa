<?php

declare(strict_types=1);

$database = [
    'driver' => 'pgsql',
    'host' => env('DB_HOST', '127.0.0.1'),
    'port' => env('DB_PORT', '5432'),
    'database' => env('DB_DATABASE', 'kaddle'),
    'username' => env('DB_USERNAME', 'kaddle'),
    'password' => env('DB_PASSWORD', ''),
    'charset' => 'utf8',
    'sslmode' => 'disable',
    'connect_timeout' => 3,
    // Each worker keeps its connection: signing in to the database takes longer than any query here.
    // And each query goes there and back once, its values apart from it, instead of being prepared for one use first.
    'options' => [PDO::ATTR_PERSISTENT => env('DB_PERSISTENT', true), PDO::PGSQL_ATTR_DISABLE_PREPARES => true],
];

return [
    'default' => 'pgsql',
    'connections' => [
        'pgsql' => $database,
        // For what must be seen while a transaction of the first is under way.
        'aside' => ['options' => [PDO::ATTR_PERSISTENT => false]] + $database,
    ],
];
