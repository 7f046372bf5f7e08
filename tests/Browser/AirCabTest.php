<?php

declare(strict_types=1);

use Tests\Support\Browser;

beforeEach(function (): void {
    $this->browser = Browser::open();
    $this->browser->signIn('mira@ferrow-sound.example')->waitForText('Mira Tallgrass', 'h1');
    $this->browser->visit('/cab')->waitForText('Climb in');
});

afterEach(function (): void {
    $this->browser->close();
});

it('lets a student practise on a simulated air system, and says what broke it', function (): void {
    $browser = $this->browser;
    expect($browser->accessibilityFaults())->toBe([]);
    $browser->click('[data-test=climb]')->waitForText('Foot pedal');
    expect($browser->accessibilityFaults())->toBe([]);
    $browser->click('[data-control=engine]')->click('[data-control=tractor-valve]')->find('[data-control=tractor-valve][data-state=in]');
    $before = (float) $browser->run("return document.querySelector('figure strong').textContent");
    usleep(4_000_000);
    expect((float) $browser->run("return document.querySelector('figure strong').textContent"))->toBeGreaterThan($before);
    // The engine runs and no valve of the trailer is in: the minute is worth nothing.
    $browser->click('[data-control=pedal]')->click('[data-test=watch]')->waitForText('the engine was running', '.guide');
    $browser->click('[data-test=done]')->waitForText('the engine was running', '[data-test=practised]');
    expect($browser->count('polyline'))->toBe(2)->and($browser->accessibilityFaults())->toBe([]);
});
