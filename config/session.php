<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'database'),
    // Minutes. A working day: nobody should have to sign in again in the middle of a walk.
    'lifetime' => 720,
    'expire_on_close' => false,
    'table' => 'sessions',
    'connection' => env('SESSION_CONNECTION'),
    'lottery' => [1, 1000],
    'cookie' => 'pasada_session',
    'secure' => env('SESSION_SECURE_COOKIE', false),
    'http_only' => true,
    'same_site' => 'lax',
];
