<?php

declare(strict_types=1);

$files = [];
foreach (['Catalogue', 'Checklist', 'Inspection', 'Vehicle'] as $folder) {
    $files = [...$files, ...(glob(dirname(__DIR__).'/core/src/'.$folder.'/*.php') ?: [])];
}

return [
    // Changes with the code that decides what a laid-out item list looks like; see App\Library\InspectionLibrary.
    'build' => (string) max(array_map(filemtime(...), $files)),
    // Wrong sign-ins let through in a minute, for one account from one address and for one address in all.
    'sign_in_tries_per_minute' => (int) env('PASADA_SIGN_IN_TRIES_PER_MINUTE', 5),
    'sign_in_tries_per_minute_and_address' => (int) env('PASADA_SIGN_IN_TRIES_PER_MINUTE_AND_ADDRESS', 60),
    // Days without an attempt after which a student is due in the yard.
    'due_after_days' => (int) env('PASADA_DUE_AFTER_DAYS', 10),
];
