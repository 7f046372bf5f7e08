<?php

declare(strict_types=1);

use Tests\Support\Browser;

beforeEach(function (): void {
    $this->browser = Browser::open();
});

afterEach(function (): void {
    $this->browser->close();
});

it('says why a sign-in fails, in place', function (): void {
    $this->browser->visit('/sign-in')->type('#email', 'rosa@ferrow-sound.example')->type('#password', 'wrong')->enter();
    $this->browser->waitForText('This address and password do not belong together', '[role=alert]');
});

it('sends whoever is not signed in to the door and then on to where they wanted', function (): void {
    $this->browser->visit('/students')->type('#email', 'paul@ferrow-sound.example')->type('#password', 'walk-the-yard')->enter();
    $this->browser->waitForText('Petra Lindvale', 'table');
});

it('shows a student their own record only', function (): void {
    $this->browser->signIn('mira@ferrow-sound.example')->waitForText('Mira Tallgrass', 'h1');
    expect($this->browser->count('nav a'))->toBe(1);
    $this->browser->visit('/students/2')->waitForText('There is no such student here', '[role=alert]');
});

it('says that an attempt is not there', function (): void {
    $this->browser->signIn('rosa@ferrow-sound.example', '/walk/01900000-0000-7000-8000-00000000ffff')->waitForText('could not be opened');
    $this->browser->visit('/no/such/page')->waitForText('There is nothing at this address');
});

it('turns from day to dusk and remembers it', function (): void {
    $this->browser->signIn('rosa@ferrow-sound.example')->waitForText('Walks just finished')->choose('Dusk')->find('html[data-light=dusk]');
    $this->browser->visit('/students')->find('html[data-light=dusk]');
});

it('has no serious fault of accessibility', function (string $light): void {
    $this->browser->signIn('rosa@ferrow-sound.example', '/students')->waitForText('Petra Lindvale');
    $this->browser->run("localStorage.setItem('pasada-light', arguments[0])", [$light]);
    foreach (['/' => 'Walks just finished', '/students' => 'Petra Lindvale', '/students/5' => 'newest first', '/start' => 'items at', '/library' => 'Vehicles'] as $path => $ready) {
        $this->browser->visit($path)->waitForText($ready);
        expect([$path => $this->browser->accessibilityFaults($light === 'dusk')])->toBe([$path => []]);
    }
})->with(['day', 'dusk']);

it('has no serious fault of accessibility on the screens of a walk, nor in its result, nor in a draft', function (string $light): void {
    $browser = $this->browser->signIn('rosa@ferrow-sound.example', '/students')->waitForText('Petra Lindvale');
    $browser->run("localStorage.setItem('pasada-light', arguments[0])", [$light]);
    $browser->beginWalk(12);
    $browser->press('1', '2')->click('.tile .points')->find('.panel');
    expect($browser->accessibilityFaults($light === 'dusk'))->toBe([]);
    $browser->click('[data-test=tools]');
    expect($browser->accessibilityFaults($light === 'dusk'))->toBe([]);
    $browser->click('[data-test=finish]')->waitForText('not whole');
    expect($browser->accessibilityFaults($light === 'dusk'))->toBe([]);
    $browser->click('[data-test=finish-now]')->waitForText('What to say next time');
    expect($browser->accessibilityFaults($light === 'dusk'))->toBe([]);
    $browser->visit('/library')->waitForText('Vehicles')->click('.shelf .head')->choose('Change it')->waitForText('To pass');
    expect($browser->accessibilityFaults($light === 'dusk'))->toBe([]);
})->with(['day', 'dusk']);
