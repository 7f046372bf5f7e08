<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Browser;

// A day without devices: the sheet printed, filled by hand, entered by keys alone.

beforeEach(function (): void {
    $this->browser = Browser::open();
    $this->browser->signIn('rosa@ferrow-sound.example', null);
});

afterEach(function (): void {
    $this->browser->close();
});

it('enters a filled sheet by keys, survives a reload, and shows what it gives', function (): void {
    $browser = $this->browser->visit('/start?student=6')->waitForText('Unmarked checklist as PDF', '.paper');
    // Out from under the row that stays at the foot.
    $browser->run("document.querySelector('.paper').scrollIntoView({ block: 'center' })");
    $browser->choose('Enter a paper sheet that was filled')->waitForText('lines are open');
    $browser->fill('Day and start', "11202026\t0930AM")->fill('Minutes it took', '38');
    $browser->run('document.querySelector("[data-test=paper-lines]").focus()');
    // Whole, nothing, the first point alone, one more whole that is wiped again.
    $browser->press(' ', '0', '1', WebDriverKeys::ENTER, ' ', WebDriverKeys::ARROW_UP, WebDriverKeys::BACKSPACE);
    expect($browser->accessibilityFaults())->toBe([]);
    $browser->visit('/paper')->waitForText('whole', '[data-line] .said');
    expect($browser->run("return document.querySelectorAll('.said:not(:empty)').length"))->toBe(3);
    if (getenv('PASADA_LOOK') !== false) {
        $browser->shot(getenv('PASADA_LOOK').'/paper.png');
    }
    $browser->click('[data-test=keep-paper]')->waitForText('Scored on paper and entered afterwards', 'main');
    expect($browser->text('main'))->toContain('38:00');
});

it('says what is missing, and keeps what was entered', function (): void {
    $browser = $this->browser->visit('/paper?student=6')->waitForText('lines are open');
    $browser->run('document.querySelector("[data-test=paper-lines]").focus()');
    $browser->press(' ')->click('[data-test=keep-paper]')->waitForText('Say on which day and when', '.alert');
    $browser->fill('Day and start', "11202026\t0930AM")->click('[data-test=keep-paper]')
        ->waitForText('Say how many minutes it took');
    expect($browser->text('[data-line] .said'))->toBe('whole');
});
