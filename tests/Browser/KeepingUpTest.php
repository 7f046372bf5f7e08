<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Browser;

/** A walk on the straight truck, on the scoring screen. */
function onTheTruck(
    Browser $browser,
    int $student,
    string $checklist = 'Whole walk-around, part by part',
    string $vehicle = 'Pier 2',
): Browser {
    $browser->beginWalk($student, $vehicle, $checklist);

    return $browser;
}

beforeEach(function (): void {
    $this->browser = Browser::open();
    $this->browser->signIn('rosa@ferrow-sound.example', null);
});

afterEach(function (): void {
    $this->browser->close();
});

it(
    'finds an item by its letters, its initials or another name, here first, and marks its points by letters',
    function (): void {
        $browser = onTheTruck($this->browser, 3);
        $browser
            ->press('b', 'e')
            ->waitForText('Seat belt', '.strip .first')
            ->enter()
            ->waitForText('complete', '.tile[data-item="cab.seat_belt"]')
            ->gone('.strip');
        $browser
            ->press('f', 'e')
            ->waitForText('Fire extinguisher', '.strip .first')
            ->waitForText('not asked at this place', '.strip .first');
        $browser->press(WebDriverKeys::SPACE)->find('.panel');
        $browser->press('a')->waitForText('said', '.panel .row')->press(WebDriverKeys::ESCAPE)->gone('.panel');
        $browser
            ->press('q', 'q')
            ->waitForText('No match', '.strip')
            ->press(WebDriverKeys::BACKSPACE, WebDriverKeys::BACKSPACE)
            ->gone('.strip');
        $browser->waitForText('2 of', '.count')->press('?')->waitForText('Find an item by name', '.sheet');
    },
);

it('undoes, redoes, and takes any earlier mark back from the time line and brings it back', function (): void {
    $browser = onTheTruck($this->browser, 4)->press('1', '2', '3');
    $browser->waitForText('3 of', '.count')->press(WebDriverKeys::BACKSPACE)->waitForText('2 of', '.count');
    $browser->chord(WebDriverKeys::SHIFT, WebDriverKeys::BACKSPACE)->waitForText('3 of', '.count')->allSent();
    $browser->click('[data-test=tools]')->click('[data-test=line]')->waitForText('Seat belt: complete', '.line');
    $browser->run(
        "[...document.querySelectorAll('.line li')].find((li) => li.textContent.includes('Three ".
            "points')).querySelector('button').click()",
    );
    $browser->waitForText('2 of', '.count')->waitForText('Bring back', '.line');
    $browser->run(
        "[...document.querySelectorAll('.line li')].find((li) => li.textContent.includes('Three ".
            "points')).querySelector('button').click()",
    );
    $browser->waitForText('3 of', '.count');
});

it('takes a figure as it was said, and says in the result whose figure it was', function (): void {
    onTheTruck($this->browser, 5)->studentGoesTo('steer-wheel');
    $this->browser
        ->click('.tile[data-item="wheel.tyre@steer"] .points')
        ->click('[data-wrong=depth]')
        ->type('[data-test=figure-said]', '2')
        ->enter();
    $this->browser
        ->waitForText('said wrong', '.tile[data-item="wheel.tyre@steer"]')
        ->click('.tile[data-item="wheel.lug_nuts@steer"] .points')
        ->click('[data-test=defect]')
        ->type('#defect', 'loose nut')
        ->click('[data-test=plant]')
        ->waitForText('Known defect: loose nut', '.panel')
        ->click('[data-test=defect]')
        ->type('#defect', 'rust trail')
        ->enter();
    $this->browser
        ->allSent()
        ->click('[data-test=finish]')
        ->click('[data-test=finish-now]')
        ->waitForText('What to say next time');
    $this->browser->run("document.querySelectorAll('details').forEach((one) => (one.open = true))");
    $this->browser->waitForText(
        'You said 2/32 in, which is the figure of the drive axle or trailer axle; here it is at least 4/32 in',
    );
});

it('credits a reference with its exception in two actions', function (): void {
    $browser = onTheTruck($this->browser, 6, 'Short list, lights and linkage as one', 'Dock 4');
    foreach (['steer-suspension', 'steer-brakes', 'steer-wheel'] as $place) {
        $browser->studentGoesTo($place)->click('[data-test=all-here]');
    }
    $browser
        ->studentGoesTo('drive-brakes')
        ->press('=')
        ->click('[data-except="brake.drum@drive"]')
        ->click('[data-from=steer]')
        ->waitForText('carried over', '.tile[data-item="brake.chamber@drive"]');
    expect($browser->find('.tile[data-item="brake.drum@drive"]')->getAttribute('data-state'))->toBe('not_reached');
});

it('stands still in a pause and says why', function (): void {
    $browser = onTheTruck($this->browser, 7)->press('1');
    $browser->click('[data-test=pause]')->choose('Air pressure')->waitForText('paused', '.clock');
    $before = $browser->text('.clock');
    // The device's time goes on by five minutes, and the page draws its clock anew.
    $browser->run(
        'const now = performance.now.bind(performance); performance.now = () => now() + 300_000; return new '.
            'Promise((done) => setTimeout(done, 1100))',
    );
    expect($browser->text('.clock'))->toBe($before);
    $browser
        ->click('[data-test=pause]')
        ->click('[data-test=tools]')
        ->click('[data-test=off-list]')
        ->waitForText('Back on topic', '.tools')
        ->allSent();
});

it('keeps a note by one tap of a phrase, and a phrase for later', function (): void {
    $browser = onTheTruck($this->browser, 8)->press(';')->choose('Very quiet')->gone('.note');
    $browser
        ->press(';')
        ->type('#note-text', 'Hands in pockets')
        ->choose('Save as a phrase')
        ->waitForText('Hands in pockets', '.phrases');
    $browser->press(WebDriverKeys::ESCAPE)->press(';')->choose('Hands in pockets')->gone('.note')->allSent();
});

it('is set for the left hand, big and by what was missing, and remembers it', function (): void {
    $browser = onTheTruck($this->browser, 9)
        ->click('[data-test=tools]')
        ->click('[data-comfort=hand]')
        ->click('[data-comfort=size]')
        ->click('[data-comfort=partly]');
    $browser->find('.screen.left.big');
    $browser->driver->navigate()->refresh();
    $browser->find('.screen.left.big');
    // All of it, then what was missing.
    $browser
        ->click('.tile[data-item="cab.seat_belt"] .points')
        ->waitForText('complete', '.tile[data-item="cab.seat_belt"]')
        ->click('[data-point=works]')
        ->waitForText('2 of 3 points', '.tile[data-item="cab.seat_belt"]');
});

it('says what is wrong with the server or the device, and keeps the marks', function (
    string $spoil,
    string $says,
    ?string $mend,
): void {
    $browser = onTheTruck($this->browser->spoilable('/marks'), 10)->press('1')->allSent();
    $browser->run($spoil);
    $browser->press('2')->waitForText('2 of', '.count')->waitForText($says, '[role=alert]');
    if ($mend !== null) {
        $browser->run($mend);
        $browser->click('[role=alert] button')->allSent()->waitForText('2 of', '.count');
    }
})->with([
    'an error of the server' => [
        "window.spoiled = () => new Response('{\"detail\":\"failed\"}', { status: 500 });",
        'The server does not answer',
        'window.spoiled = undefined;',
    ],
    'a device that is full' => [
        "IDBObjectStore.prototype.add = () => { throw new DOMException('full', 'QuotaExceededError'); };",
        'This device cannot keep marks',
        null,
    ],
]);

it('tells of the same walk in another tab, and both show the same marks', function (): void {
    $browser = onTheTruck($this->browser, 11)->press('1')->allSent();
    $address = $browser->driver->getCurrentURL();
    $first = $browser->driver->getWindowHandle();
    $browser->driver->switchTo()->newWindow();
    $browser->driver->get($address);
    $browser->waitForText('open in another tab', '[role=alert]')->waitForText('1 of', '.count')->press('2')->allSent();
    $browser->driver->switchTo()->window($first);
    $browser->waitForText('open in another tab', '[role=alert]')->waitForText('2 of', '.count');
});

it('forgets the other tab when it is closed, and takes back here what was marked there', function (): void {
    $browser = onTheTruck($this->browser, 10);
    $address = $browser->driver->getCurrentURL();
    $first = $browser->driver->getWindowHandle();
    $browser->driver->switchTo()->newWindow();
    $browser->driver->get($address);
    $browser->waitForText('open in another tab', '[role=alert]')->press('1')->allSent();
    $browser->driver->close();
    $browser->driver->switchTo()->window($first);
    $browser
        ->waitForText('1 of', '.count')
        ->until("return !document.body.innerText.includes('open in another tab')", 'The notice stays.');
    $browser->click('[data-test=undo]')->waitForText('0 of', '.count');
});
