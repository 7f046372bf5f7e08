<?php

declare(strict_types=1);

return [
    'default' => 'local',
    // Sound and files. Several servers share a folder, a mount of their own: PASADA_FILES.
    // Nothing is served from disk by the application: no routes for it.
    'disks' => [
        'local' => [
            'driver' => 'local',
            'root' => env('PASADA_FILES') ?? storage_path('app'),
            'serve' => false,
            'throw' => true,
        ],
    ],
];
