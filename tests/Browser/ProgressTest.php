<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Illuminate\Support\Carbon;
use Tests\Support\Browser;

// Am I ready, what do I practice, who is ready, and who walks when: in a real browser, on the demo school.

beforeEach(function (): void {
    $this->browser = Browser::open();
});

afterEach(function (): void {
    $this->browser->close();
});

it('tells an instructor how ready a student is, why and where it is weak', function (): void {
    $this->browser->signIn('rosa@ferrow-sound.example')->visit('/students/4')->waitForText('Ready on');
    $this->browser->waitForText('in 100', '[data-test=readiness]')
        ->waitForText('Most at', '[data-test=mastery]')
        ->choose('40 minutes')
        ->waitForText('and', '[data-test=next-practice] h2');

    expect($this->browser->text('[data-test=readiness] h2'))->toMatch('/Ready on .*\d+% \(\d+ to \d+\)/')
        ->and($this->browser->accessibilityFaults())->toBe([]);
});

it('records the result of a real exam and takes it back', function (): void {
    $this->browser->signIn('rosa@ferrow-sound.example')->visit('/students/6')->waitForText('What came of real exams?');
    $this->browser->choose('Not passed')->waitForText('✕ not passed', '[data-test=exams]');
    $this->browser->choose('Withdraw')->waitForText('None is recorded', '[data-test=exams]');
});

it('lets a student recite a part, tells what was missing, and counts it', function (): void {
    $this->browser->signIn('mira@ferrow-sound.example')->waitForText('Mira Tallgrass', 'h1');
    $this->browser->choose('My practice')->find('[data-test=spoken]');
    $this->browser->type('[data-test=spoken]', 'let me see')->press(WebDriverKeys::ENTER)
        ->waitForText('Not heard', '[data-test=card-answer]')
        ->waitForText('1 recited today', '[data-test=card-answer]');
    expect($this->browser->accessibilityFaults())->toBe([]);
    $this->browser->click('[data-test=next-card]')->waitForText('Part 2 of');
});

it('shows the class with who is ready, and what one lesson would bring', function (): void {
    $this->browser->signIn('paul@ferrow-sound.example')->visit('/class')->waitForText('Who is ready?');
    $this->browser->waitForText('not yet', '[data-test=class]')
        ->waitForText('passes', '[data-test=lessons]');
    expect($this->browser->count('[data-test=class] tbody tr'))->toBe(12)
        ->and($this->browser->accessibilityFaults())->toBe([]);
    $this->browser->choose('How alike do we score?')->waitForText('Rosa Kettering', '[data-test=scorers]');
    expect($this->browser->accessibilityFaults())->toBe([]);
});

it('proposes a week, keeps it, and takes it back', function (): void {
    $this->browser->signIn('paul@ferrow-sound.example')->visit('/week')->waitForText('Who walks when?');
    $monday = Carbon::now('America/New_York')->startOfWeek(Carbon::MONDAY)->addWeek();
    $this->browser->choose('Week after')->waitForText('Week of '.$monday->format('M j'))
        ->waitForText('Nothing is planned');
    $this->browser->click('[data-test=propose]')->waitForText('nothing of it is kept yet')
        ->click('[data-test=keep-week]')->gone('[data-test=keep-week]');
    expect($this->browser->count('.walk'))->toBeGreaterThan(5)
        ->and($this->browser->accessibilityFaults())->toBe([]);
    $this->browser->choose('Undo')->waitForText('Nothing is planned');
});

it('sets a walk by hand on the vehicle that the student is examined on, and says why one cannot be', function (): void {
    $monday = Carbon::now('America/New_York')->startOfWeek(Carbon::MONDAY);
    $this->browser->signIn('paul@ferrow-sound.example')->visit('/week')->waitForText('Who walks when?');
    // A week that nothing else plans.
    foreach ([1, 2, 3] as $weeks) {
        $this->browser->choose('Week after')
            ->waitForText('Week of '.$monday->copy()->addWeeks($weeks)->format('M j'));
    }
    // Both are examined on the stake-bed truck.
    foreach (['Wren Castellan', 'Bram Quillow'] as $n => $name) {
        $this->browser->click("[aria-label='Set a walk on Mon at 08:00']")->find('[data-test=slot-form]');
        $this->browser->type('[data-test=slot-form] input[aria-label=Student]', substr($name, 0, 4))->choose($name)
            ->waitForText('Pier 2', '[data-test=slot-form]')
            ->click('[data-test=set-walk]');
        $n === 0
            ? $this->browser->gone('[data-test=slot-form]')->waitForText($name, '.walk')
            : $this->browser->waitForText('the vehicle is taken', '[role=alert]')->find('[data-test=slot-form]');
    }
    $this->browser->choose('Leave it')->click('.walk')->choose('Take it out')->waitForText('Nothing is planned');
});

it('prints the whole walk in words', function (): void {
    $this->browser->signIn('mira@ferrow-sound.example')->waitForText('Mira Tallgrass', 'h1');
    $this->browser->choose('Study guide')->waitForText('What do I say on the whole walk?')->waitForText('49 CFR');
    expect($this->browser->count('section ol li'))->toBeGreaterThan(150)
        ->and($this->browser->accessibilityFaults())->toBe([]);
});
