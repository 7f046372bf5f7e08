<?php

declare(strict_types=1);

use Illuminate\Support\Str;
use Tests\Support\Browser;
use Tests\Support\Shell;

// From nothing to the first signed walk, as a school does it on its first morning.

beforeEach(function (): void {
    Shell::artisan('pasada_school', 'migrate:fresh', '--force');
    $this->code = Shell::artisan('pasada_school', 'pasada:install');
    $this->profile = getenv('PASADA_PROFILES').'/school-'.Str::random(8);
    $this->browser = Browser::ofSchool($this->profile);
});

afterEach(function (): void {
    $this->browser->close();
});

it('begins with a code and ends with a signed walk', function (): void {
    expect($this->code)->toMatch('/^[A-Z2-9]{5}-[A-Z2-9]{5}$/');
    $browser = $this->browser->visit('/sign-in')->waitForText('Nothing is in it yet', '[data-test=needs-setup]')
        ->choose('Set up your school')->waitForText('Whose Pasada is this?');
    $browser->fill('Code', 'AAAAA-AAAAA')->fill('Name of the school', 'Ferrow Sound Harbor College')
        ->fill('State', 'Tamarack')->fill('Your name', 'Paul Averdale')
        ->fill('Address to sign in with', 'paul@yard.example')->fill('Password', 'slack lug tarpaulin')
        ->choose('Set up the school')->waitForText('This code opens nothing');
    $browser->fill('Code', $this->code)->choose('Set up the school')->waitForText('6 steps to the first walk', 'h1');
    expect($browser->accessibilityFaults())->toBe([]);

    // A checklist and a vehicle that come with Pasada.
    foreach (['checklist' => 'Whole walk-around', 'vehicle' => 'Dock 4'] as $kind => $name) {
        $browser->click("[data-test=shipped-$kind] .n-base-selection")->choose($name)->click("[data-test=take-$kind]");
        $browser->waitForText($kind === 'checklist' ? '5 steps' : '4 steps', 'h1');
    }

    // Somebody who scores, let in by a link.
    $browser->choose('An instructor or examiner signs in')->waitForText('Who works here?')
        ->click('[data-test=add-person]')->fill('Name', 'Rosa Kettering')
        ->fill('Address to sign in with', 'rosa@yard.example')->choose('Let in')
        ->waitForText('Rosa Kettering sets a password here', '[data-test=link]');
    $link = parse_url($browser->text('[data-test=link] .address'), PHP_URL_PATH);
    expect($browser->accessibilityFaults())->toBe([]);

    // A class and a student in it.
    $browser->visit('/classes')->click('[data-test=add-class]')->fill('Name', 'Port drayage, autumn')
        ->choose('Rosa Kettering')->choose('Save')->waitForText('Port drayage, autumn', '[data-test=classes]');
    $browser->visit('/students')->click('[data-test=add-student]')->fill('Name', 'Mira Tallgrass')
        ->click('[data-test=student-form] .n-base-selection')->choose('Port drayage, autumn')
        ->choose('Add the student')->waitForText('Mira Tallgrass', 'h1');
    $browser->visit('/school')->waitForText('2 steps to the first walk', 'h1')->choose('Sign out')->find('#email');

    // The first password, the first walk, both signatures.
    $browser->visit((string) $link)->waitForText('Welcome to Pasada, Rosa Kettering')
        ->fill('Password', 'short')->choose('Keep it and go in')->waitForText('at least 12 characters')
        ->fill('Password', 'gladhand-over-easy')->choose('Keep it and go in')->waitForText('Who should walk next');
    $browser->visit('/start?student=1')->waitForText('items at', '.preview')->click('[data-test=start]')->find('.tile');
    $browser->press('1', '2')->allSent();
    $browser->click('[data-test=finish]')->click('[data-test=finish-now]')->waitForText('Not passed');
    foreach (['scorer' => 'Rosa Kettering, scorer', 'student' => 'Mira Tallgrass, student'] as $party => $signed) {
        $browser->signOn($party)->waitForText($signed);
    }
    $browser->visit((string) $link)->waitForText('This link was used');
});
