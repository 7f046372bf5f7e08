<?php

declare(strict_types=1);

// The arrows of the application: requests > controllers > actions > core, and answers are made on the way back.

arch('actions know nothing of HTTP')->expect('App\Actions')->not->toUse(['App\Http', 'Illuminate\Http']);

arch('models know nothing of what is done with them')->expect('App\Models')->not->toUse(['App\Http', 'App\Actions']);

arch('the library decides no use case')->expect('App\Library')->not->toUse(['App\Http', 'App\Actions']);

arch('resources are made in the HTTP layer')->expect('App\Http\Resources')->toOnlyBeUsedIn(['App\Http']);

arch('sound and speech know nothing of HTTP')
    ->expect(['App\Sound', 'App\Speech'])
    ->not->toUse(['App\Http', 'Illuminate\Http']);

/** Every room uses rooms before it only, so that no two of them need each other. */
const ROOMS_OF_THE_APPLICATION = [
    'Exceptions', 'Database', 'Files', 'Models', 'Policies', 'Trail', 'Operations', 'Demo', 'Access', 'Library',
    'Lights', 'Progress', 'Speech', 'Yard', 'Sound', 'Retention', 'Actions', 'Paper', 'Export', 'Http', 'Console',
    'Providers',
];

it('has rooms of which each uses those before it only', function (): void {
    $root = dirname(__DIR__, 2).'/app/';
    $wrong = [];
    $files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root, FilesystemIterator::SKIP_DOTS));
    foreach ($files as $file) {
        assert($file instanceof SplFileInfo);
        $path = substr($file->getPathname(), strlen($root));
        $room = explode('/', $path)[0];
        $mayUse = array_slice(
            ROOMS_OF_THE_APPLICATION, 0, 1 + (int) array_search($room, ROOMS_OF_THE_APPLICATION, true),
        );
        preg_match_all('/^use App\\\\(\w+)\\\\/m', (string) file_get_contents($file->getPathname()), $uses);
        foreach (array_diff(array_unique($uses[1]), $mayUse) as $other) {
            $wrong[] = "$path uses $other";
        }
        if (! in_array($room, ROOMS_OF_THE_APPLICATION, true)) {
            $wrong[] = "$room is not listed";
        }
    }

    expect($wrong)->toBe([]);
});

it('has one place that says what "of this school" means to a query', function (): void {
    $root = dirname(__DIR__, 2).'/app';
    $asked = [];
    $files = new RecursiveDirectoryIterator($root, FilesystemIterator::SKIP_DOTS);
    foreach (new RecursiveIteratorIterator($files) as $file) {
        assert($file instanceof SplFileInfo);
        if (preg_match('/where\w*\(\s*[^,;]*school_id\'/', (string) file_get_contents($file->getPathname())) === 1) {
            $asked[] = substr($file->getPathname(), strlen($root) + 1);
        }
    }

    expect($asked)->toBe(['Models/OfSchool.php']);
});

it('checks what is sent in requests, and nowhere else', function (): void {
    $checking = [];
    foreach (glob(dirname(__DIR__, 2).'/app/{Http/Controllers,Http/Views/*,Actions/*}/*.php', GLOB_BRACE) as $file) {
        if (preg_match('/->validate\(|Validator::/', (string) file_get_contents($file)) === 1) {
            $checking[] = basename($file);
        }
    }

    expect($checking)->toBe([]);
});
