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
    $this->browser
        ->visit('/students')
        ->type('#email', 'paul@ferrow-sound.example')
        ->type('#password', 'walk-the-yard')
        ->enter();
    $this->browser->waitForText('Petra Lindvale', 'table');
});

it('says on the door that the data is made up', function (): void {
    $this->browser->visit('/sign-in')->waitForText('Made-up data: anybody can sign in', '[data-test=demo]');
});

it(
    'leaves nothing to read on the device after signing out, without network too, but what waits to be sent',
    function (): void {
        $browser = $this->browser;
        $id = $browser->signIn('rosa@ferrow-sound.example', null)->beginWalk(6);
        $browser
            ->press('1')
            ->allSent()
            ->visit('/start?student=6')
            ->waitForText('items at', '.preview')
            ->visit("/walk/$id")
            ->find('.tile');
        $browser
            ->offline(true)
            ->press('2')
            ->waitForText('kept here', '[data-test=keeping]')
            ->visit('/')
            ->choose('Sign out')
            ->find('#email');
        $kept = (array) $browser->run(
            <<<'JS'
            return new Promise((done) => {
                const open = indexedDB.open('pasada-outbox');
                open.onsuccess = () => {
                    const names = ['waiting', 'attempts', 'starts', 'answers'];
                    const reading = open.result.transaction(names);
                    const count = (name) => new Promise((told) => {
                        reading.objectStore(name).count().onsuccess = (e) => told(e.target.result);
                    });
                    const kept = Object.keys(localStorage).filter((key) => key.startsWith('pasada-')).sort();
                    Promise.all(names.map(count))
                        .then((counts) => { open.result.close(); done([...counts, ...kept]); });
                };
            });
            JS
            ,
        );
        // The one mark and the attempt that it belongs to; and how the page was set, which names nobody.
        expect($kept)->toBe([1, 1, 0, 0, 'pasada-comfort-1', 'pasada-light', 'pasada-signed-out']);
        // Back with the network the session ends on the server, too, and whoever signs in again sends what waits.
        $browser->offline(false)->visit('/')->find('#email');
        expect($browser->run('return fetch("/api/v1/session").then((answer) => answer.status)'))->toBe(401);
        $browser
            ->signInByForm('rosa@ferrow-sound.example')
            ->visit("/walk/$id")
            ->waitForText('2 of', '.count')
            ->allSent();
    },
);

it('shows a student their own record only', function (): void {
    $this->browser->signIn('mira@ferrow-sound.example')->waitForText('Mira Tallgrass', 'h1');
    expect($this->browser->text('nav'))->toBe("Am I ready?\nMy practice\nStudy guide\nAir cab");
    $this->browser->visit('/students/2')->waitForText('There is no such student here', '[role=alert]');
});

it('says that an attempt is not there', function (): void {
    $this->browser
        ->signIn('rosa@ferrow-sound.example', '/walk/01900000-0000-7000-8000-00000000ffff')
        ->waitForText('could not be opened');
    $this->browser->visit('/no/such/page')->waitForText('There is nothing at this address');
});

it('names the page in its title, and moves the focus to its heading', function (): void {
    $this->browser
        ->signIn('rosa@ferrow-sound.example')
        ->waitForText('Just finished')
        ->choose('Students')
        ->until('return document.activeElement?.tagName === "H1"', 'The heading has no focus.');

    expect($this->browser->run('return [document.title, document.activeElement.textContent.trim()]'))
        ->toBe(['Students · Pasada', 'Students']);
});

it('folds the bar into a menu on a phone, and closes it behind a choice', function (): void {
    $browser = $this->browser->resize(390, 844)->signIn('rosa@ferrow-sound.example')->waitForText('Just finished');
    $isShown = 'return document.querySelector("#main-nav").checkVisibility()';
    expect($browser->run($isShown))->toBeFalse();
    $browser->choose('Menu');
    expect($browser->run($isShown))->toBeTrue();
    $browser->choose('Students')->waitForText('Students', 'h1');
    expect($browser->run($isShown))->toBeFalse()
        ->and($browser->run('return document.documentElement.scrollWidth'))->toBeLessThanOrEqual(390);
});

it('turns from day to dusk and remembers it', function (): void {
    $this->browser
        ->signIn('rosa@ferrow-sound.example')
        ->waitForText('Just finished')
        ->choose('Night mode')
        ->find('html[data-light=dusk]');
    $this->browser->visit('/students')->find('html[data-light=dusk]');
});

it('has no serious fault of accessibility', function (string $light): void {
    $this->browser->signIn('rosa@ferrow-sound.example', '/students')->waitForText('Petra Lindvale');
    $this->browser->run("localStorage.setItem('pasada-light', arguments[0])", [$light]);
    foreach (
        [
            '/' => 'Just finished',
            '/students' => 'Petra Lindvale',
            '/students/5' => 'newest first',
            '/start' => 'items at',
            '/library' => 'Vehicles',
        ] as $path => $ready
    ) {
        $this->browser->visit($path)->waitForText($ready);
        expect([$path => $this->browser->accessibilityFaults($light === 'dusk')])->toBe([$path => []]);
    }
})->with(['day', 'dusk']);

it('has no serious fault of accessibility on the screens of a walk, nor in its result, nor in a draft', function (
    string $light,
): void {
    $browser = $this->browser->signIn('rosa@ferrow-sound.example', '/students')->waitForText('Petra Lindvale');
    $browser->run("localStorage.setItem('pasada-light', arguments[0])", [$light]);
    $browser->beginWalk(12);
    $browser->press('1', '2')->click('.tile .points')->find('.panel');
    expect($browser->accessibilityFaults($light === 'dusk'))->toBe([]);
    $browser->click('[data-test=tools]');
    expect($browser->accessibilityFaults($light === 'dusk'))->toBe([]);
    $browser->click('[data-test=finish]')->waitForText('not complete');
    expect($browser->accessibilityFaults($light === 'dusk'))->toBe([]);
    $browser->click('[data-test=finish-now]')->waitForText('What to say next time');
    expect($browser->accessibilityFaults($light === 'dusk'))->toBe([]);
    $browser
        ->visit('/library')
        ->waitForText('Vehicles')
        ->click('.shelf .head')
        ->choose('Edit')
        ->waitForText('To pass');
    expect($browser->accessibilityFaults($light === 'dusk'))->toBe([]);
})->with(['day', 'dusk']);
