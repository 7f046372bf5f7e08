<?php

declare(strict_types=1);

use Tests\Support\Browser;

beforeEach(function (): void {
    $this->browser = Browser::open();
    $this->browser->signIn('anton@ferrow-sound.example', null);
    $this->walk = function (string $vehicle): Browser {
        $this->browser->beginWalk(11, $vehicle);

        return $this->browser;
    };
});

afterEach(function (): void {
    $this->browser->close();
});

it('is made for a thumb: targets of 48 px, no stand over another, at every size', function (string $vehicle): void {
    $browser = ($this->walk)($vehicle);
    foreach ([[1280, 800], [820, 1180], [390, 844]] as [$width, $height]) {
        $found = $browser->resize($width, $height)->run(<<<'JS'
            await new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done)));
            const box = (e) => e.getBoundingClientRect();
            const targets = document.querySelectorAll('.tile .main, .tile .points, .steps button, .acts button');
            const isSmall = (e) => e.offsetParent !== null && (box(e).height < 48 || box(e).width < 48);
            const small = [...targets].filter(isSmall);
            const stands = [...document.querySelectorAll('.stand .rim')].map((e) => {
                const b = box(e);
                return [b.x + b.width / 2, b.y + b.height / 2];
            });
            const near = (a, b) => Math.hypot(a[0] - b[0], a[1] - b[1]) < 48;
            const close = stands.flatMap((a, i) => stands.slice(i + 1).filter((b) => near(a, b)));
            const wide = document.documentElement.scrollWidth;
            return { small: small.map((e) => e.textContent), close: close.length, stands: stands.length, wide };
            JS);

        expect($found)
            ->toMatchArray(['small' => [], 'close' => 0])
            ->and($found['stands'])
            ->toBeGreaterThan(15)
            ->and($found['wide'])
            ->toBeLessThanOrEqual($width);
    }
})->with(['Dock 4', 'Quay 9', 'Pier 2']);

it('goes on marking when signed out in the middle, and sends after signing in again', function (): void {
    $browser = ($this->walk)('Pier 2');
    $browser->press('1')->allSent();
    $browser->driver->manage()->deleteAllCookies();
    $browser
        ->press('2', '3')
        ->waitForText('3 of', '.count')
        ->waitForText('You were signed out', '[role=alert]')
        ->choose('Sign in');
    $browser->type('#email', 'anton@ferrow-sound.example')->type('#password', 'walk-the-yard')->enter();
    $browser->waitForText('3 of', '.count')->allSent();
});

it('does not send what waits for another user of the same tablet', function (): void {
    $browser = ($this->walk)('Pier 2');
    $address = $browser->driver->getCurrentURL();
    $browser->offline(true)->press('1', '2')->waitForText('kept here', '[data-test=keeping]');
    // Signed out first: with the network back and his session alive, Anton's own page would rightly send them.
    $browser->driver->manage()->deleteAllCookies();
    // Away from his page: it would send with whatever session the browser has.
    $browser->driver->get('about:blank');
    $browser->offline(false)->signIn('rosa@ferrow-sound.example', null)->driver->get($address);
    // Rosa may read Anton's attempt, so she is shown its sheet: with nothing of his unsent marks in it.
    $browser->waitForText('This attempt could not be opened')->waitForText('Anton Veyra is scoring this walk');
});

it('waits with the offer to finish until it is asked, and finds the way back from it', function (): void {
    $browser = ($this->walk)('Pier 2');
    $browser
        ->click('[data-test=finish]')
        ->waitForText('items are not complete')
        ->choose('Back to the walk')
        ->find('.tile');
    $browser->click('[data-test=finish]')->choose('Engine, left side');
    $browser->waitForText('Engine, left side', '.place')->allSent();
});
