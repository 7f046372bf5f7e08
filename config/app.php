<?php

declare(strict_types=1);

return [
    'name' => env('APP_NAME', 'Pasada'),
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('APP_URL', 'http://127.0.0.1:8080'),
    'key' => env('APP_KEY'),
    'cipher' => 'AES-256-CBC',
    // Times are stored and sent in UTC; the page shows them in the reader's own zone.
    'timezone' => 'UTC',
    'locale' => 'en',
    'fallback_locale' => 'en',
    'previous_keys' => [],
    'maintenance' => ['driver' => 'file'],
];
