<?php

declare(strict_types=1);

use Illuminate\Support\Str;
use Tests\Support\Browser;

// Records that were taken out of another Pasada come in by a file.

beforeEach(function (): void {
    $this->browser = Browser::open();
    $this->browser->signIn('paul@ferrow-sound.example', null);
});

afterEach(function (): void {
    $this->browser->close();
});

it('asks whose the records are, takes in what is whole and says what is not', function (): void {
    $record = $this->browser->ask('/export?format=json&student=4')['records'][0];
    $named = static fn (string $student, array $change = []): array => [
        ...$record, 'id' => (string) Str::uuid7(), 'student' => $student, ...$change,
    ];
    $file = sys_get_temp_dir().'/'.Str::random(8).'.json';
    file_put_contents($file, json_encode(['format' => 'pasada-records/1', 'records' => [
        $record, $named('Jorun Halvmark'), $named('Jorun Halvmark', ['vehicle' => ['id' => 'gone', 'version' => 1]]),
    ]]));
    $browser = $this->browser->visit('/records')->upload('[data-test=records-file]', $file);
    $browser->waitForText('Jorun Halvmark', '[data-test=named]')->waitForText('Somebody new', '[data-test=named]');
    expect($browser->accessibilityFaults())->toBe([]);
    if (getenv('PASADA_LOOK') !== false) {
        $browser->shot(getenv('PASADA_LOOK').'/records.png');
    }
    $browser->click('[data-test=take-in]')->waitForText('2 walks are here', '[data-test=taken]')
        ->waitForText('1 could not be taken in')->waitForText('this school has no version 1 of "gone"', '.faults');
    $browser->visit('/students')->waitForText('Jorun Halvmark');
    unlink($file);
});

it('prints all training records of a class, with progress, into one file', function (): void {
    $browser = $this->browser->visit('/classes')->click('[data-test=class-papers]')
        ->waitForText('records and the register, as ZIP', '[data-test=class-papers-file]');
    if (getenv('PASADA_LOOK') !== false) {
        $browser->shot(getenv('PASADA_LOOK').'/classes.png');
    }
    expect($browser->accessibilityFaults())->toBe([]);
});
