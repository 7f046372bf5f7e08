<?php

declare(strict_types=1);

// Only what differs from the framework's own settings, which fill in the rest.
use Illuminate\Support\Env;

return [
    'connections' => [
        'mariadb' => [
            'driver' => 'mariadb',
            'host' => env('DB_HOST', '127.0.0.1'),
            'port' => env('DB_PORT', '3306'),
            // Of a replicated database, in place of host and port: all nodes, `host:port` with commas, in the same
            // order on every server; and how many must be in step before anything is written, so that what is kept
            // is on two.
            'nodes' => env('DB_NODES', ''),
            'least_nodes' => Env::get('DB_LEAST_NODES') === '2' ? 2 : 1,
            'database' => env('DB_DATABASE', 'pasada'),
            'username' => env('DB_USERNAME', 'pasada'),
            'password' => env('DB_PASSWORD', ''),
            'charset' => 'utf8mb4',
            'collation' => 'utf8mb4_unicode_ci',
            // The name is told when a connection is opened; to say it once more takes a round trip on every request.
            'use_db_after_connecting' => false,
            'modes' => [
                'ONLY_FULL_GROUP_BY', 'STRICT_TRANS_TABLES', 'NO_ZERO_IN_DATE', 'NO_ZERO_DATE',
                'ERROR_FOR_DIVISION_BY_ZERO', 'NO_ENGINE_SUBSTITUTION',
            ],
            'options' => [
                // A worker keeps its connection: 200 walks scored at once would open 70 a second. PDO rolls back what a
                // request that died left open before the next one gets it.
                PDO::ATTR_PERSISTENT => (bool) env('DB_PERSISTENT', false),
                // One round trip a query in place of two. Numbers still come back as numbers.
                PDO::ATTR_EMULATE_PREPARES => true,
                // Seconds until a node that says nothing is taken to be away; one that is gone refuses at once.
                PDO::ATTR_TIMEOUT => 2,
            ],
        ],
    ],
    // The store of sessions, limits and locks where several servers share one; nothing is asked of it unless
    // SESSION_DRIVER, CACHE_STORE or QUEUE_CONNECTION say redis.
    'redis' => [
        'client' => 'predis',
        'options' => ['prefix' => env('REDIS_PREFIX', 'pasada:')],
        'default' => $redis = [
            'host' => env('REDIS_HOST', '127.0.0.1'), 'port' => env('REDIS_PORT', '6379'),
            'username' => env('REDIS_USERNAME'), 'password' => env('REDIS_PASSWORD'), 'database' => '0',
            'timeout' => 0.5, 'read_write_timeout' => 2.0,
        ],
        'cache' => $redis,
    ],
];
