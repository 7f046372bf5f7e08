<?php

declare(strict_types=1);

return [
    'default' => 'local',
    // Nothing is served from disk by the application: no routes for it.
    'disks' => ['local' => ['driver' => 'local', 'root' => storage_path('app'), 'serve' => false, 'throw' => true]],
];
