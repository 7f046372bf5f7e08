<?php

declare(strict_types=1);

// What is worked out after the answer: hearing sound. ./pasada up starts the worker.
return [
    'default' => env('QUEUE_CONNECTION', 'database'),
    'connections' => [
        'sync' => ['driver' => 'sync'],
        'database' => [
            'driver' => 'database', 'table' => 'jobs', 'queue' => 'default', 'after_commit' => true,
            // Longer than the longest job may take, or two workers would hear the same walk.
            'retry_after' => 4200,
        ],
        // The same table for whoever hears what is being said: seconds each, so that the words of a server that died
        // are taken up by another while they are still of use.
        'live' => [
            'driver' => 'database', 'table' => 'jobs', 'queue' => 'live', 'after_commit' => true, 'retry_after' => 60,
        ],
        'redis' => [
            'driver' => 'redis', 'connection' => 'default', 'queue' => 'default', 'after_commit' => true,
            'retry_after' => 4200, 'block_for' => null,
        ],
    ],
    'failed' => ['driver' => 'database-uuids', 'database' => env('DB_CONNECTION', 'mariadb'), 'table' => 'failed_jobs'],
];
