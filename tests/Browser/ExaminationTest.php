<?php

declare(strict_types=1);

use Tests\Support\Browser;

beforeEach(function (): void {
    $this->browser = Browser::open();
});

afterEach(function (): void {
    $this->browser->close();
});

it('is confirmed, silent, finished, signed by both, and amended only with a reason', function (): void {
    $browser = $this->browser
        ->signIn('ilse@ferrow-sound.example', '/start?student=4')
        ->waitForText('items at', '.preview')
        ->waitForText('Examination', '[data-test=mode]')
        ->click('[data-test=start]');
    $browser->waitForText('Before the examination begins');
    expect($browser->find('[data-test=begin]')->isEnabled())->toBeFalse();
    foreach (['student', 'vehicle', 'told'] as $confirm) {
        $browser->click("[data-confirm=$confirm]");
    }
    $browser->click('[data-test=begin]')->find('.tile');
    $browser->press('1', '2')->allSent();

    // Nothing that a student could read over a shoulder: no totals, no words in the tiles, nothing left to say.
    expect($browser->count('.count'))
        ->toBe(0)
        ->and($browser->count('.tile .word'))
        ->toBe(0)
        ->and($browser->text('.work'))
        ->not->toContain(' left')
        ->and(
            $browser->run(
                "return getComputedStyle(document.querySelector('.tile[data-state=whole]')).backgroundColor === ".
                    "getComputedStyle(document.querySelector('.tile[data-state=not_reached]')).backgroundColor",
            ),
        )
        ->toBeTrue();
    $browser
        ->click('[data-test=tools]')
        ->choose('Show totals')
        ->waitForText('2 of', '.count')
        ->choose('Cover the screen')
        ->waitForText('Screen covered', '.cover')
        ->click('.cover')
        ->gone('.cover');

    $browser->click('[data-test=finish]')->click('[data-test=finish-now]')->waitForText('Not passed');
    $browser->signOn('scorer');
    $browser->waitForText('Ilse Drumlin, scorer');
    $browser->signOn('student');
    $browser->waitForText('Corin Ashgrove, student')->waitForText('Confirmed at the start: identity of Corin Ashgrove');

    // What is changed after it was signed is told beside the signature, and can be signed again.
    $browser->run("document.querySelectorAll('details').forEach((one) => (one.open = true))");
    $browser
        ->click('[data-test=amend-item]')
        ->press('Voltmeter')
        ->choose('Voltmeter')
        ->click('[data-test=amend-change]')
        ->choose('these points were said')
        ->click('[data-amend-point=reading]');
    $browser
        ->type('[aria-label="Reason"]', 'It was read; a truck went by.')
        ->choose('Amend')
        ->waitForText('The record was changed since this was signed.');
    $browser->waitForText('Voltmeter: was missed, now', '[data-test=amended-item]');
    $browser->signOn('scorer');
    $browser->gone('[data-test=changed-scorer]')->find('[data-test=changed-student]');
});

it('is amended with a reason, and stays readable as it was closed', function (): void {
    $browser = $this->browser
        ->signIn('paul@ferrow-sound.example', '/students/12')
        ->waitForText('newest first')
        ->click('.side-by-side section:last-child .row')
        ->waitForText('What to say next time');
    $browser->run("document.querySelectorAll('details').forEach((one) => (one.open = true))");
    $browser->click('[data-test=amend-item]')->press('Voltmeter')->choose('Voltmeter');
    $browser->type('[aria-label="Reason"]', 'It was said; the wind took it.')->choose('Amend');
    $browser->waitForText('Amended since it was closed')->waitForText('It was said; the wind took it.');
});

it('is watched by the scorer\'s leave, two seconds behind at the most', function (): void {
    $browser = $this->browser;
    $walk = $browser->signIn('anton@ferrow-sound.example', null)->beginWalk(1);
    $browser
        ->press('1')
        ->click('[data-test=tools]')
        ->click('[data-test=live]')
        ->waitForText('can watch this walk', '.tools');

    $student = Browser::open();
    $student
        ->signIn('mira@ferrow-sound.example', "/watch/$walk")
        ->waitForText('complete', '[data-watched="safety.three_points"]');
    $browser->press('2')->allSent();
    $from = microtime(true);
    $student->waitForText('complete', '[data-watched="cab.seat_belt"]');
    expect(microtime(true) - $from)->toBeLessThan(2.5);
    $browser->click('[data-test=live]')->waitForText('Let others watch', '.tools');
    $student->waitForText('has not opened it for others to watch');
    $student->close();
});

it('is scored by two, blind to each other, and compared afterwards', function (): void {
    $browser = $this->browser;
    $browser->signIn('rosa@ferrow-sound.example', null)->beginWalk(2, 'Pier 2');
    $browser->press('1', '2', '3')->allSent();
    $second = Browser::open();
    $second->signIn('ilse@ferrow-sound.example')->waitForText('In the yard now');
    $second->run(
        "[...document.querySelectorAll('.row')].find((r) => r.textContent.includes('Odell') && ".
            "r.textContent.includes('Rosa')).querySelector('[data-test=alongside]').click()",
    );
    $second->find('.tile');
    $second
        ->press('1', '2')
        ->allSent()
        ->click('[data-test=finish]')
        ->click('[data-test=finish-now]')
        ->waitForText('What to say next time');
    $browser
        ->click('[data-test=finish]')
        ->click('[data-test=finish-now]')
        ->waitForText('Did both scorers see the same?')
        ->waitForText('Ilse Drumlin');
    $browser->waitForText('kappa', '[data-test=agreement]')->waitForText('of 3 items', '[data-test=agreement]');
    $second->close();
});
