<?php

declare(strict_types=1);

use Tests\Support\Browser;

beforeEach(function (): void {
    $this->browser = Browser::open();
    $this->browser->signIn('rosa@ferrow-sound.example')->waitForText('Walks just finished');
    $this->browser->visit('/start?student=7')->waitForText('items at', '.preview')->click('[data-test=start]')->find('.tile');
    $this->id = basename((string) $this->browser->run('return location.pathname'));
    $this->seen = function (string ...$keys): void {
        foreach ($keys as $key) {
            $this->browser->click("[data-seen='$key']");
        }
    };
});

afterEach(function (): void {
    $this->browser->close();
});

it('judges the brake tests as they are seen, names a minute cut short, and puts them on the sheet', function (): void {
    $this->browser->visit("/brakes/$this->id")->waitForText('Start the minute');
    expect($this->browser->accessibilityFaults())->toBe([]);
    ($this->seen)('engine:on', 'cut-out:', 'chocks:in', 'tractor-valve:in', 'trailer-valve:in', 'engine:off', 'key:on', 'pedal:down');
    $this->browser->waitForText('1 of 4 steps met', '[data-test=standing]');
    $this->browser->click('[data-test=minute]')->waitForText('the minute is running');
    $this->browser->click('[aria-label="−1 Primary"]')->waitForText('1 psi', '[data-test=lost]');
    $this->browser->click('[data-test=minute]')->waitForText('the minute was cut to', '[data-test=standing]');
    // Both the end of the minute and the reading with it are taken back, and the minute runs on.
    $this->browser->click('[data-test=undo]')->waitForText('the minute is running');
    $this->browser->visit("/brakes/$this->id")->waitForText('the minute is running');
    $this->browser->click('[data-test=to-sheet]')->find('.tile');
    $kept = (string) $this->browser->run("const answer = await fetch('/api/v1/attempts/' + arguments[0] + '/marks'); return JSON.stringify(await answer.json());", [$this->id]);
    expect($kept)->toContain('"item":"test.governor"')->not->toContain('test.leak_applied');
});

it('keeps what is seen while the server is away', function (): void {
    $this->browser->visit("/brakes/$this->id")->waitForText('Start the minute');
    $this->browser->offline(true);
    ($this->seen)('engine:on', 'cut-out:');
    $this->browser->waitForText('kept on this device', '[role=alert]');
    $this->browser->offline(false)->waitForText('1 of 4 steps met', '[data-test=standing]');
});
