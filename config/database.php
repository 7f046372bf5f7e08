<?php

declare(strict_types=1);

// Only what differs from the framework's own settings, which fill in the rest.
return [
    'connections' => [
        'mariadb' => [
            'driver' => 'mariadb',
            'host' => env('DB_HOST', '127.0.0.1'),
            'port' => env('DB_PORT', '3306'),
            'database' => env('DB_DATABASE', 'pasada'),
            'username' => env('DB_USERNAME', 'pasada'),
            'password' => env('DB_PASSWORD', ''),
            'charset' => 'utf8mb4',
            'collation' => 'utf8mb4_unicode_ci',
            'strict' => true,
            'options' => [
                // A worker keeps its connection: 200 walks scored at once would open 70 a second. PDO rolls back what a
                // request that died left open before the next one gets it.
                PDO::ATTR_PERSISTENT => (bool) env('DB_PERSISTENT', false),
                // One round trip a query in place of two. Numbers still come back as numbers.
                PDO::ATTR_EMULATE_PREPARES => true,
            ],
        ],
    ],
];
