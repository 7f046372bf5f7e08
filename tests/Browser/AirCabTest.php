<?php

declare(strict_types=1);

use Tests\Support\Browser;

beforeEach(function (): void {
    $this->browser = Browser::open();
    $this->browser->signIn('mira@ferrow-sound.example', null);
    $this->open = function (): void {
        $this->browser->visit('/cab')->waitForText('Start practice');
        // Nobody waits a real minute in a test: the clock of the device goes forward instead, as it does when a device
        // slept.
        $this->browser->run(<<<'JS'
            const real = Date.now;
            let ahead = 0;
            Date.now = () => real() + ahead;
            window.skip = (ms) => { ahead += ms; };
            const rest = () => new Promise((done) => setTimeout(done, 25));
            const key = (kind, letter) => document.body
            .dispatchEvent(new KeyboardEvent(kind, { key: letter, bubbles: true }));
            window.keys = async (...letters) => {
                for (const letter of letters) {
                key('keydown', letter); skip(300); key('keyup', letter); skip(700);
                await rest();
            }
            };
            window.fan = async (times) => {
                for (let n = 0; n < times; n++) {
                key('keydown', 'p'); skip(1500); key('keyup', 'p'); skip(1500);
                await rest();
            }
            };
            window.until = async (seen) => {
                for (let n = 0; n < 400 && !seen(); n++) { skip(1500); await rest(); }
                return seen();
            };
            window.told = (words) => () => document.querySelector('[data-test=told]').textContent.includes(words);
            window.psi = () => Number(document.querySelector('figure strong').textContent);
            JS);
    };
    $this->choose = function (int $place, string $option): void {
        $this->browser->click("form label:nth-of-type($place) .n-base-selection")->choose($option);
    };
    $this->keys = fn (string $letters) => $this->browser->run('await keys(...arguments[0])', [explode(' ', $letters)]);
    $this->skip = fn (int $seconds) => $this->browser->run('skip(arguments[0])', [$seconds * 1000]);
    $this->say = fn (string $words) => $this->browser->type('[aria-label="Say in your own words"]', $words)->enter();
    $this->leakAndFan = function (): void {
        ($this->keys)('e');
        $this->browser->click('[data-test=stays]');
        ($this->keys)('p');
        ($this->skip)(8);
        $this->browser->click('[data-say=start]');
        ($this->say)('I may lose no more than 4 psi in a minute');
        ($this->keys)('s');
        ($this->skip)(60);
        ($this->keys)('s');
        $this->browser->click('[data-say=end]');
        ($this->keys)('p');
        $this->browser->click('[data-test=stays]')->run('await fan(66)');
        $this->browser->waitForText('out', '[data-control=tractor-valve]');
    };
    $this->practice = function (): void {
        $browser = $this->browser->click('[data-test=climb]')->waitForText('Foot pedal');
        ($this->keys)('x b c k e t r 3');
        $browser->find('[data-control=engine][data-state=on]');
        expect($browser->run("return await until(told('Psssh'))"))->toBeTrue();
        ($this->leakAndFan)();
        ($this->keys)('e 3 t r');
        expect($browser->run('return await until(() => psi() > 110)'))->toBeTrue();
        ($this->keys)('t r');
        $browser->click('[data-say=clear]');
        // Chocks out, low gear; one valve out after the other, then the hand valve.
        ($this->keys)('x g t u t r u r h u h l');
        $browser->click('[data-test=stays]');
        ($this->keys)('p o p');
        $browser->click('[data-test=done]')->find('[data-test=practiced]');
    };
});

afterEach(function (): void {
    $this->browser->close();
});

it('passes whoever does every step of the longest sequence by keyboard', function (): void {
    ($this->open)();
    ($this->choose)(2, 'Short list');
    ($this->choose)(4, 'Alone');
    ($this->practice)();
    expect($this->browser->text('[data-test=practiced]').' '.$this->browser->text('.result > p'))->toStartWith(
        'Every step is met 9 of 9 steps met',
    );
    $this->browser->click('[data-test=leave]')->waitForText('Start practice');
});

it('guides, says at once what is broken and why, and shows the course of the pressures', function (): void {
    $browser = $this->browser;
    ($this->open)();
    expect($browser->accessibilityFaults())->toBe([]);
    ($this->choose)(2, 'Whole walk-around');
    $browser->click('[data-test=climb]')->waitForText('Foot pedal');
    expect($browser->accessibilityFaults())->toBe([]);
    // The step at hand lies open with all that it asks, and marks the controls that it moves; the others are behind.
    $browser->waitForText('Now: Governor cut-out', '[data-test=at-hand]')->find('[data-control=engine].moves');
    expect($browser->run('return document.querySelector("[data-step=leak-applied]").checkVisibility()'))->toBeFalse();
    // What a cab would not do is not done.
    $browser
        ->click('[data-control=engine]')
        ->waitForText('key on first', '[data-test=told]')
        ->find('[data-control=engine][data-state=off]');
    $browser
        ->click('[data-control=key]')
        ->click('[data-control=engine]')
        ->waitForText('clutch down first', '[data-test=told]');
    $browser
        ->click('[data-control=clutch]')
        ->click('[data-control=engine]')
        ->find('[data-control=engine][data-state=on]:not(.moves)');
    expect($browser->run('const before = psi(); return await until(() => psi() > before + 3)'))->toBeTrue();
    // The engine runs and no valve is in: the minute is worth nothing.
    $browser
        ->click('[data-test=stays]')
        ->click('[data-control=pedal]')
        ->click('[data-test=watch]')
        ->waitForText('the engine was running', '.guide');
    $browser->click('[data-test=done]')->waitForText('the engine was running', '[data-test=practiced]');
    expect($browser->count('polyline'))->toBe(2)->and($browser->accessibilityFaults())->toBe([]);
    $browser->visit('/students/1')->waitForText('the engine was running', '[data-test=practices]');
});

it('keeps a practice through a reload and a server that is away', function (): void {
    $browser = $this->browser;
    ($this->open)();
    $browser
        ->click('[data-test=climb]')
        ->waitForText('Foot pedal')
        ->click('[data-control=chocks]')
        ->click('[data-control=key]');
    $browser->find('[data-control=key][data-state=on]');
    $browser
        ->visit('/cab')
        ->waitForText('is not finished')
        ->click('[data-test=go-on]')
        ->find('[data-control=chocks][data-state=in]');
    $browser->offline(true)->click('[data-control=belt]')->find('[role=alert]');
    $browser->find('[data-control=belt][data-state=on]');
    $browser->offline(false)->gone('[role=alert]');
    $browser->click('[data-test=done]')->waitForText('Not all steps were done', '[data-test=practiced]');
    // What is judged is over: it waits for nobody.
    $browser->visit('/cab')->waitForText('Start practice');
    expect($browser->count('[data-test=go-on]'))->toBe(0);
});

it('lets a student say what is wrong with a truck before it is told', function (): void {
    $browser = $this->browser;
    ($this->open)();
    ($this->choose)(4, 'As in the exam');
    ($this->choose)(5, 'find it');
    $browser->click('[data-test=climb]')->waitForText('Foot pedal');
    expect($browser->count('.guide'))->toBe(0);
    $browser
        ->click('[data-test=suspect] .n-base-selection')
        ->choose('the parking valves stick')
        ->click('[data-test=done]')
        ->find('[data-test=practiced]');
    // Which fault was drawn is chance; that it is told beside what was said is not.
    $told = $browser->text('[data-test=practiced]').' '.$browser->text('.result > p');
    expect($told)->toMatch(
        '/You found what was wrong with this truck .*It was this: the parking valves stick\.|You said that the '.
            'parking valves stick; what was wrong: (the|a) .+\./s',
    );
});

it('practices the tugs alone, with the truck as the test before leaves it', function (): void {
    $browser = $this->browser;
    ($this->open)();
    ($this->choose)(2, 'Short list');
    ($this->choose)(3, 'tugs');
    $browser->waitForText('as the test before leaves it')->click('[data-test=climb]')->waitForText('Foot pedal');
    $browser->find('[data-control=engine][data-state=on]');
    $browser->find('[data-control=tractor-valve][data-state=in]');
    ($this->keys)('x b g');
    $browser->click('[data-say=clear]');
    ($this->keys)('t u t r u r h u h l');
    $browser->click('[data-test=stays]');
    ($this->keys)('p o p');
    $browser->click('[data-test=done]')->waitForText('Every step is met', '[data-test=practiced]');
    $browser->visit('/students/1')->waitForText('only the tugs', '[data-test=practices]');
});
