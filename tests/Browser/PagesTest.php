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
    expect($this->browser->count('nav a'))->toBe(0);
    $this->browser->visit('/students/2')->waitForText('There is no such student here', '[role=alert]');
});

it('says that an attempt is not there', function (): void {
    $this->browser->signIn('rosa@ferrow-sound.example')->waitForText('Walks just finished');
    $this->browser->visit('/walk/01900000-0000-7000-8000-00000000ffff')->waitForText('could not be opened');
    $this->browser->visit('/no/such/page')->waitForText('There is nothing at this address');
});

it('turns from day to dusk and remembers it', function (): void {
    $this->browser->signIn('rosa@ferrow-sound.example')->waitForText('Walks just finished')->choose('Dusk')->find('html[data-light=dusk]');
    $this->browser->visit('/students')->find('html[data-light=dusk]');
});

it('has no serious fault of accessibility', function (string $path, string $ready, string $light): void {
    $this->browser->signIn('rosa@ferrow-sound.example')->waitForText('Walks just finished');
    $this->browser->run("localStorage.setItem('pasada-light', arguments[0])", [$light]);
    $this->browser->visit($path)->waitForText($ready);
    usleep(500_000);
    $this->browser->run((string) file_get_contents(__DIR__.'/../../node_modules/axe-core/axe.min.js'));
    $faults = $this->browser->driver->executeAsyncScript(<<<'JS'
        const done = arguments[arguments.length - 1];
        axe.run({ resultTypes: ['violations'] }).then(({ violations }) =>
            done(violations.filter(({ impact }) => impact === 'serious' || impact === 'critical')
                .map(({ id, nodes }) => id + ': ' + nodes.slice(0, 3).map((node) => node.target.join(' ')).join(' | '))));
        JS);

    expect($faults)->toBe([]);
})->with([
    ['/', 'Walks just finished', 'day'], ['/', 'Walks just finished', 'dusk'],
    ['/students', 'Petra Lindvale', 'day'], ['/students/5', 'newest first', 'day'], ['/students/5', 'newest first', 'dusk'],
    ['/start', 'items at', 'day'],
]);
