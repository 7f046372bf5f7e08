<?php

declare(strict_types=1);

use Illuminate\Support\Env;

$changed = 0;
foreach (['Catalogue', 'Checklist', 'Inspection', 'Vehicle'] as $folder) {
    foreach (new DirectoryIterator(dirname(__DIR__).'/core/src/'.$folder) as $file) {
        $changed = max($changed, $file->getMTime());
    }
}
$number = static fn (string $name, int $default): int => is_numeric(Env::get($name)) ? (int) Env::get($name) : $default;

return [
    // Changes with the code that decides what a laid-out item list looks like; see App\Library\InspectionLibrary.
    'build' => (string) $changed,
    // Wrong sign-ins let through in a minute, for one account from one address and for one address in all.
    'sign_in_tries_per_minute' => $number('PASADA_SIGN_IN_TRIES_PER_MINUTE', 5),
    'sign_in_tries_per_minute_and_address' => $number('PASADA_SIGN_IN_TRIES_PER_MINUTE_AND_ADDRESS', 60),
    // Days without an attempt after which a student is due in the yard.
    'due_after_days' => $number('PASADA_DUE_AFTER_DAYS', 10),
];
