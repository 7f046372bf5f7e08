<?php

declare(strict_types=1);

// Only what differs from the framework's own settings, which fill in the rest.
return [
    'default' => env('LOG_CHANNEL', 'daily'),
    'channels' => [
        // A file a day, kept for two weeks, for nobody else's eyes.
        'daily' => [
            'driver' => 'daily',
            'path' => storage_path('logs/pasada.log'),
            'level' => env('LOG_LEVEL', 'warning'),
            'days' => 14,
            'permission' => 0600,
        ],
    ],
];
