<?php

declare(strict_types=1);

use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;

// Prints the files that a request loads, for bootstrap/preload.php: the classes and interfaces, not the scripts that
// run.
require __DIR__.'/../vendor/autoload.php';
$app = require __DIR__.'/app.php';
$app->make(Kernel::class)->handle(Request::create('/api/v1/session'));
foreach (
    ['Actions', 'Http/Resources', 'Http/Requests', 'Http/Controllers', 'Library', 'Models', 'Policies'] as $folder
) {
    foreach (glob(__DIR__.'/../app/'.$folder.'/*.php') ?: [] as $file) {
        class_exists('App\\'.str_replace('/', '\\', $folder).'\\'.basename($file, '.php'));
    }
}
foreach (
    new RecursiveIteratorIterator(
        new RecursiveDirectoryIterator(__DIR__.'/../core/src', FilesystemIterator::SKIP_DOTS),
    ) as $file
) {
    class_exists(
        'Pasada\\Core\\'.str_replace('/', '\\', substr($file->getPathname(), strlen(__DIR__.'/../core/src/'), -4)),
    );
}
foreach (get_included_files() as $file) {
    if (
        preg_match('#/(vendor|app|core/src)/#', $file) === 1 &&
        ! str_contains($file, '/vendor/composer/') &&
        ! str_contains($file, 'vendor/autoload.php') &&
        preg_match(
            '/^\s*(abstract |final |readonly )*(class|interface|trait|enum) /m',
            (string) file_get_contents($file),
        ) === 1
    ) {
        echo realpath($file), "\n";
    }
}
