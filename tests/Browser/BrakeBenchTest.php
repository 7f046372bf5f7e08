<?php

declare(strict_types=1);

use Tests\Support\Browser;

beforeEach(function (): void {
    $this->browser = Browser::open();
    $this->id = $this->browser->signIn('rosa@ferrow-sound.example', null)->beginWalk(7, page: 'brakes');
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
    expect($this->browser->accessibilityFaults())->toBe([]);
    ($this->seen)(
        'engine:on', 'cut-out:', 'chocks:in', 'tractor-valve:in', 'trailer-valve:in', 'engine:off', 'key:on',
        'pedal:down',
    );
    $this->browser->waitForText('1 of 9 steps met', '[data-test=standing]');
    $this->browser->click('[data-test=minute]')->waitForText('the minute is running');
    $this->browser->click('[aria-label="−1 Primary"]')->waitForText('1 psi', '[data-test=lost]');
    $this->browser->click('[data-test=minute]')->waitForText('the minute was cut to', '[data-test=standing]');
    // Both the end of the minute and the reading with it are taken back, and the minute runs on.
    $this->browser->click('[data-test=undo]')->waitForText('the minute is running');
    $this->browser->visit("/brakes/$this->id")->waitForText('the minute is running');
    $this->browser->click('[data-test=to-sheet]')->find('.tile');
    $this->browser->allSent();
    $kept = (string) $this->browser->run(
        "const answer = await fetch('/api/v1/attempts/' + arguments[0] + '/marks'); return JSON.stringify(await ".
            'answer.json());',
        [$this->id],
    );
    expect($kept)->toContain('"item":"test.governor"')->not->toContain('test.leak_applied');
});

it('keeps what is seen while the server is away', function (): void {
    $this->browser->offline(true);
    ($this->seen)('engine:on', 'cut-out:');
    $this->browser->waitForText('kept on this device', '[role=alert]');
    // A list from outside would take the place of what is not sent yet.
    $this->browser->run(
        "const held = new DataTransfer(); held.items.add(new File(['at_ms,kind\\n0,restarted\\n'], 'yard.csv'));
         const input = document.querySelector('[data-test=events]');
         input.files = held.files;
         input.dispatchEvent(new Event('change', { bubbles: true }));
         ",
    );
    $this->browser->waitForText('2 events', '.verdict details');
    $this->browser->offline(false)->waitForText('1 of 9 steps met', '[data-test=standing]');
});

it('takes readings by a thumb on the dial, words as they are said, and a list from outside', function (): void {
    $browser = $this->browser;
    // Straight up on the dial stands 75 psi.
    $browser->run(<<<'JS'
        const face = document.querySelector('svg.turnable'); const box = face.getBoundingClientRect();
        const at = { clientX: box.left + box.width / 2, clientY: box.top + 8 };
        face.dispatchEvent(new PointerEvent('pointerdown', { bubbles: true, ...at }));
        JS);
    expect($browser->run("return document.querySelector('[aria-label=\"Primary gauge\"] input').value"))->toBe('75');
    ($this->seen)('engine:on');
    $browser->run(
        "const typed = document.querySelector('[aria-label=\"Primary gauge\"] input'); typed.value = 131; ".
            "typed.dispatchEvent(new Event('input'));",
    );
    $browser->click('[aria-label="+5 Secondary"]');
    ($this->seen)('cut-out:');
    $browser->waitForText('cut out at 125 psi', '.steps');
    $browser
        ->type('[data-test=spoken]', 'it should cut out between 90 and 140')
        ->enter()
        ->waitForText('said 90 as the limit', '[data-test=standing]');
    $browser->run(
        "const held = new DataTransfer(); held.items.add(new File([arguments[0]], 'yard.csv'));
         const input = document.querySelector('[data-test=events]');
         input.files = held.files;
         input.dispatchEvent(new Event('change', { bubbles: true }));
         ",
        ["at_ms,kind,to,primary,secondary\n0,engine,on,,\n60000,cut-out,,126,127\n"],
    );
    $browser->waitForText('cut out at 126 psi', '.steps')->waitForText('2 events', '.verdict details');
    $browser->run(
        "const held = new DataTransfer(); held.items.add(new File(['at_ms,kind\\n0,kee\\n'], 'odd.csv'));
         const input = document.querySelector('[data-test=events]');
         input.files = held.files;
         input.dispatchEvent(new Event('change', { bubbles: true }));
         ",
    );
    $browser->waitForText('line 2, kind', '[role=alert]')->waitForText('2 events', '.verdict details');
});
