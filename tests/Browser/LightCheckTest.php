<?php

declare(strict_types=1);

use Tests\Support\Browser;

// Two devices: the scorer's screen, and the phone of a helper outside who has no account.

beforeEach(function (): void {
    $this->browser = Browser::open(390, 844)->withTouch();
    $this->browser->signIn('rosa@ferrow-sound.example', null);
});

it('checks all lights of a combination in at most fourteen actions, and tells what is dark', function (): void {
    $browser = $this->browser;
    $id = $browser->beginWalk(6);
    $actions = 0;
    $touch = function (string $css) use ($browser, &$actions): Browser {
        $actions++;

        return $browser->touch($css);
    };
    $touch('[data-test=next]')->find('[data-function]');
    expect($browser->accessibilityFaults())->toBe([])
        ->and($browser->run('return document.documentElement.scrollWidth <= innerWidth'))->toBeTrue();
    $functions = $browser->run(
        'return [...document.querySelectorAll("[data-function]")].map((e) => e.dataset.function)',
    );
    foreach ($functions as $function) {
        $touch("[data-function=$function]");
    }
    $browser->until(
        'return document.querySelectorAll("[data-function][data-state=whole]").length === 10', 'Not all are called.',
    )->allSent();
    expect($functions)->toHaveCount(10)->and($actions)->toBeLessThanOrEqual(14);
    // Held, a function was not called; a hold is no tap.
    $held = $browser->driver->action()->clickAndHold($browser->find('[data-function=plate]'));
    $held->perform();
    $browser->find('[data-function=plate][data-state=not_reached]');
    $browser->driver->action()->release()->perform();
    $browser->allSent()->find('[data-function=plate][data-state=not_reached]');
    // One lamp is dark, and the student sees it.
    $browser->touch('[data-lamp="brake rear"]')->find('[data-dark]');
    $browser->choose('Student noticed it')->waitForText('noticed by the student')->allSent();
    $sheet = $browser->client()->send('GET', "/attempts/$id")['sheet']['outcomes'];
    $brake = array_column($sheet, null, 'item')['cab.light_check@brake'];
    expect($brake['defect'])->toBe('dark trailer rear')->and($brake['noticed'])->not->toBeNull();
});

it('lets a helper answer from outside, loses nothing with the network, and ends with the walk', function (): void {
    $browser = $this->browser;
    $id = $browser->beginWalk(7, 'Pier 2');
    $browser->touch('[data-test=next]')->click('[data-test=invite-helper]');
    $code = $browser->text('[data-test=helper-code]');
    $phone = Browser::open(390, 844);
    $phone->visit('/helper')->find('#code');
    expect($phone->run('return document.documentElement.scrollWidth <= innerWidth'))->toBeTrue();
    $phone->type('#code', strtolower($code))->press("\n")->waitForText('Wait for the next light');
    expect($phone->accessibilityFaults())->toBe([]);
    $browser->touch('[data-function="low-beam"]')->touch('[data-function="left-turn"]')->allSent();
    $phone->waitForText('Low beams', '[data-test=helper-function]');
    // No name, no score, nothing but the light.
    expect($phone->text('main'))->not->toContain('Marrowby')->not->toContain('%');
    $phone->click('[data-test=works]')->waitForText('Left turn signals', '[data-test=helper-function]');
    $phone->offline(true)->click('[data-test=works-not]')->waitForText('Kept here until it is back: 1');
    $phone->offline(false)->gone('[role=alert]');
    $kept = $browser->client()->send('GET', "/attempts/$id")['sheet']['outcomes'];
    expect(array_column($kept, 'defect', 'item')['cab.light_check@left-turn'])->toBe('dark');
    // Used once: another phone is refused with the reason.
    $other = Browser::open(390, 844);
    $other->visit('/helper')->type('#code', $code)->press("\n")->waitForText('was used on another phone');
    $other->close();
    $browser->click('[data-test=finish]')->click('[data-test=finish-now]')->waitForText('First of all');
    $phone->waitForText('is over')->close();
});

afterEach(function (): void {
    $this->browser->close();
});
