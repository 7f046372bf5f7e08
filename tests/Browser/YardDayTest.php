<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Browser;

// What a day in the yard needs beside fast marks.

beforeEach(function (): void {
    $this->browser = Browser::open();
    $this->browser->signIn('rosa@ferrow-sound.example', null);
});

afterEach(function (): void {
    $this->browser->close();
});

it('discards a walk begun by mistake, with a reason that stays', function (): void {
    $this->browser->beginWalk(7, 'Pier 2');
    $this->browser->press('1')->allSent()->click('[data-test=tools]')->click('[data-test=discard]');
    expect($this->browser->find('[data-test=discard-now]')->isEnabled())->toBeFalse();
    $this->browser->choose('Wrong student')->click('[data-test=discard-now]')->waitForText('Who should walk next');
    $this->browser->visit('/students/7')->waitForText('Discarded')->waitForText('Wrong student');
});

it('tells since when and where a walk is under way', function (): void {
    $this->browser->beginWalk(8, 'Pier 2');
    $this->browser->press('1', '.')->allSent()->visit('/');
    $this->browser->waitForText('since', '.under-way')->waitForText('at External lights', '.under-way');
});

it('tells in the result what to say first, what is wrong with the vehicle, and every mark', function (): void {
    $this->browser->beginWalk(9, 'Pier 2');
    $this->browser->click('.tile[data-item="cab.seat_belt"] .points')->click('[data-test=defect]');
    $this->browser->type('#defect', 'frayed webbing')->enter();
    $this->browser->press(';')->type('#note-text', 'speaks too softly')->enter()->gone('.note')->press("'");
    $this->browser->allSent()->click('[data-test=finish]')->click('[data-test=finish-now]');
    $this->browser
        ->waitForText('First of all')
        ->waitForText('noticed: frayed webbing')
        ->waitForText('Seat belt: speaks too softly')
        ->click('[data-test=time-line]')
        ->waitForText('Seat belt: defect noticed, frayed webbing')
        ->waitForText('went to Seat and start');
    expect($this->browser->count('ol li'))->toBeGreaterThan(5)
        ->and($this->browser->count('[data-test=take-out]'))
        ->toBe(0);
});

it('is signed without a pointer, by a typed name that the record tells of', function (): void {
    $this->browser->beginWalk(10, 'Pier 2');
    $this->browser->press('1')->allSent()->click('[data-test=finish]')->click('[data-test=finish-now]');
    $this->browser->find('[data-test=sign-typed-student]')->sendKeys('');
    $this->browser->run("document.querySelector('[data-test=sign-typed-student]').focus()");
    $this->browser->press(WebDriverKeys::ENTER)->waitForText("by typing the name on the scorer's device");
});

it('flags a pace that no mouth has before the record is signed', function (): void {
    $this->browser->beginWalk(11);
    for ($place = 0; $place < 6; $place++) {
        $this->browser->click('[data-test=all-here]')->click('[data-test=next]');
    }
    $this->browser->allSent()->click('[data-test=finish]')->click('[data-test=finish-now]');
    $this->browser->waitForText('Nobody speaks so fast', '[data-test=pace]');
});

it('takes a reference that earns nothing, of some places of the axle only, and tells of it', function (): void {
    $this->browser->beginWalk(12);
    $this->browser
        ->studentGoesTo('drive-brakes')
        ->press('=')
        ->waitForText('steer axle, earns nothing', '.same')
        ->click('[data-meant=drive-wheel]')
        ->click('[data-from=steer]')
        ->gone('.same');
    $this->browser->allSent()->click('[data-test=finish]')->click('[data-test=finish-now]');
    $this->browser->waitForText('said it was the same as the steer axle; this checklist credits no such reference');
    $text = $this->browser->text('.verdict');
    expect($text)->toContain('Drive brakes')->and($text)->not->toContain('Drive wheel');
});

it('says since when what it shows is old, while there is no server', function (): void {
    $this->browser->visit('/')->waitForText('Who should walk next');
    $this->browser->until('return navigator.serviceWorker.controller !== null', 'The worker did not take over.');
    $this->browser->visit('/')->waitForText('Who should walk next')->offline(true)->visit('/');
    $this->browser->waitForText('the server cannot be reached', '[data-test=as-of]');
    $this->browser->offline(false)->visit('/')->waitForText('Who should walk next')->gone('[data-test=as-of]');
});

it('names every select for a screen reader', function (string $page, string $shows, int $least): void {
    $this->browser->visit($page)->waitForText($shows);
    $names = $this->browser->run(
        'return [...document.querySelectorAll(".n-base-selection")].map((e) => e.querySelector("[role=combobox]")'.
            '?.getAttribute("aria-label") ?? "")',
    );
    expect($names)->toBeArray()
        ->and(count((array) $names))
        ->toBeGreaterThanOrEqual($least)
        ->and($names)
        ->not->toContain('');
})->with([
    'new attempt' => ['/start', 'items at', 4],
    'air cab' => ['/cab', 'Start practice', 3],
]);

it('gives the height to the tiles on a phone on its side, and the plan on demand', function (): void {
    $this->browser->beginWalk(5, 'Pier 2');
    $this->browser->resize(844, 390)->gone('.plan');
    $heights = $this->browser->run('return [...document.querySelectorAll(".chip, .main")].map((e) => e.offsetHeight)');
    expect(min((array) $heights))->toBeGreaterThanOrEqual(48);
    $this->browser->click('[data-test=show-plan]')->find('.plan');
    $this->browser->lookAt('engine-left')->gone('.plan');
});

it('keeps Start in sight and everything within a narrow phone', function (): void {
    $this->browser->resize(390, 844)->visit('/start?student=2')->waitForText('items at', '.preview');
    $seen = $this->browser->run(
        'const b = document.querySelector("[data-test=start]").getBoundingClientRect(); '.
            'return [b.bottom <= innerHeight, document.documentElement.scrollWidth <= innerWidth]',
    );
    expect($seen)->toBe([true, true]);
});

it('lets the manager take a vehicle out of service from what a walk found', function (): void {
    $id = $this->browser->beginWalk(6, 'Silo 3');
    $this->browser->click('.tile[data-item="cab.seat_belt"] .points')->click('[data-test=defect]');
    $this->browser->type('#defect', 'frayed webbing')->enter()->allSent();
    $this->browser->click('[data-test=finish]')->click('[data-test=finish-now]')->waitForText('First of all');
    $this->browser->signIn('paul@ferrow-sound.example', "/result/$id")->click('[data-test=take-out]');
    $this->browser->waitForText('Out of service: Seat belt: frayed webbing', '[data-test=out-of-service]');
    $this->browser->visit('/library')->waitForText('out of service');
    $this->browser->visit("/result/$id")->click('[data-test=bring-back]')->gone('[data-test=out-of-service]');
});

it('has the step at hand above the controls and needles in a quarter of a phone, in the air cab', function (): void {
    $this->browser->resize(390, 844)->visit('/cab')->find('[data-test=climb]');
    $wide = 'return document.documentElement.scrollWidth <= innerWidth';
    expect($this->browser->run($wide))->toBeTrue();
    $this->browser->click('[data-test=climb]')->find('[data-test=at-hand]');
    $seen = $this->browser->run(
        'const top = (css) => document.querySelector(css).getBoundingClientRect().top; '.
            'return [document.querySelector(".dash").offsetHeight <= innerHeight / 4, '.
            'top("[data-test=at-hand]") < top("[data-control]")]',
    );
    expect($seen)->toBe([true, true])->and($this->browser->run($wide))->toBeTrue();
});

it('gives the focus back to where it was when a note is closed', function (): void {
    $this->browser->beginWalk(4, 'Pier 2');
    $focused = 'return document.activeElement?.getAttribute("aria-label")';
    $this->browser->run('document.querySelector(\'.tile[data-item="cab.seat_belt"] .points\').focus()');
    $this->browser->press(';')->until('return document.activeElement.id === "note-text"', 'The note has no focus.');
    $this->browser->press(WebDriverKeys::ESCAPE)->gone('#note-text');
    $this->browser->until("$focused === 'Points of Seat belt'", 'The focus did not come back.');
    expect($this->browser->run($focused))->toBe('Points of Seat belt');
});
