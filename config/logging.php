<?php

declare(strict_types=1);

// Only what differs from the framework's own settings, which fill in the rest.
use Monolog\Formatter\JsonFormatter;

return [
    'default' => env('LOG_CHANNEL', 'daily'),
    'channels' => [
        // What cannot be written, on a disk that is full, must not fail a request.
        'daily' => ['driver' => 'stack', 'channels' => ['file'], 'ignore_exceptions' => true],
        // A file a day, kept for two weeks, for nobody else's eyes; a line is a JSON object with the request's number.
        'file' => [
            'driver' => 'daily',
            'path' => storage_path('logs/pasada.log'),
            'level' => env('LOG_LEVEL', 'warning'),
            'days' => 14,
            'permission' => 0600,
            'formatter' => JsonFormatter::class,
        ],
    ],
];
