<?php

declare(strict_types=1);

// Only what differs from the framework's own settings, which fill in the rest.
return [
    'default' => env('CACHE_STORE', 'database'),
    // What limits count need not outlive the machine, and is asked on every request. Several servers share a store for
    // it: CACHE_STORE=shared and CACHE_LIMITER=shared.
    'limiter' => env('CACHE_LIMITER', 'machine'),
    'stores' => [
        // What several servers share: a store that is fast, and while it is away the database.
        'shared' => ['driver' => 'failover', 'stores' => ['redis', 'database']],
        // Memory shared by the workers of one machine; see App\Library\InspectionLibrary. Absent on the command line.
        'machine' => [
            'driver' => function_exists('apcu_enabled') ? 'apc' : 'file',
            'path' => storage_path('framework/cache/data'),
        ],
    ],
];
