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
        ->click('[data-figure=depth]')
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
    // Kept and sent, and not only shown.
    $browser->allSent()->driver->navigate()->refresh();
    $browser->waitForText('carried over', '.tile[data-item="brake.chamber@drive"]');
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

it('is set for the left hand and big, and remembers it', function (): void {
    $browser = onTheTruck($this->browser, 9)
        ->click('[data-test=tools]')
        ->click('[data-comfort=hand]')
        ->click('[data-comfort=size]');
    $browser->find('.screen.left.big');
    $browser->driver->navigate()->refresh();
    $browser->find('.screen.left.big');
    $kept = $browser->run(
        'return localStorage.getItem(Object.keys(localStorage).find((key) => key.startsWith("pasada-comfort")))',
    );
    expect($kept)
        ->toContain('"hand":"left"')
        ->toContain('"size":"big"');
});

it('marks half of a part by taps and strokes, and takes what was missing off the whole', function (): void {
    $browser = onTheTruck($this->browser, 9)->withTouch();
    $tile = '.tile[data-item="cab.seat_belt"]';
    $chip = static fn (string $point): string => "[data-chip='cab.seat_belt $point']";
    // The row: named, no damage, works, secure.
    $browser->touch($chip('works'))->waitForText('1 of 3 points', $tile);
    $browser->touch($chip('works'))->waitForText('named only', $tile);
    $browser->touch($chip('intact'), $chip('works'))->waitForText('2 of 3 points', $tile);
    // A stroke that begins on what stands adds the rest; it takes back where all of it stands.
    $browser->touch($chip('identified'), $chip('intact'), $chip('works'), $chip('mounted'));
    $browser->waitForText('complete', $tile)->touch($chip('mounted'))->waitForText('2 of 3 points', $tile);
    // A tap right behind a stroke counts, too.
    $browser->touch($chip('intact'), $chip('works'))->touch($chip('mounted'))->waitForText('1 of 3 points', $tile);
    $browser->touch("$tile .text")->waitForText('complete', $tile)->touch($chip('intact'));
    $browser->waitForText('2 of 3 points', $tile)->touch($chip('identified'))->waitForText('0 of', '.count');
    expect($browser->text($tile))->not->toContain('points');
});

it('marks with one tap what was said in part, and asks at the finish which points', function (): void {
    $browser = onTheTruck($this->browser, 9)->withTouch();
    $belt = static fn (string $point): string => "[data-chip='cab.seat_belt $point']";
    $tile = '.tile[data-item="cab.seat_belt"]';
    $browser->touch($belt('identified'))->waitForText('in part: which points?', $tile);
    // Once more: it was named and nothing else; and once more: not said.
    $browser->touch($belt('identified'))->waitForText('named only', $tile);
    $browser->touch($belt('identified'))->find($tile.'[data-state=not_reached]');
    $browser->touch($belt('identified'))->waitForText('in part: which points?', $tile);
    // By keys: found by its letters, then said in part.
    $browser->press('h', 'o', 'r', 'n', '/')->allSent()->choose('Finish')->find('[data-test=open-points]');
    expect($browser->count('[data-open]'))->toBe(2);
    $open = '[data-open="cab.seat_belt"]';
    $browser->touch("$open {$belt('works')}")->touch("$open {$belt('intact')}")->find("$open .chip.on + .chip.on");
    $browser->choose('Back to the walk')->waitForText('2 of 3 points', $tile)->choose('Finish');
    $browser->until(
        'return document.querySelectorAll("[data-open]").length === 1', 'What was told is asked for once more.',
    );
});

it('marks the usual half by one chord, the next by another, and offers them in the panel', function (): void {
    $browser = onTheTruck($this->browser, 9);
    $tile = '.tile[data-item="cab.seat_belt"]';
    $said = fn (): string => (string) $this->browser->run(
        'return [...document.querySelectorAll(arguments[0])].map((e) => e.dataset.chip.split(" ")[1]).join()',
        ["$tile .chip.on:not([data-chip$=identified])"],
    );
    $browser->chord(WebDriverKeys::ALT, '2')->waitForText('of 3 points', $tile);
    $first = $said();
    $browser->chord(WebDriverKeys::ALT, '2');
    $browser->until("return document.querySelectorAll('[data-half]').length > 1", 'No halves are offered.');
    $this->browser->until(
        'return [...document.querySelectorAll(".tile[data-item=\"cab.seat_belt\"] .chip.on:not([data-chip$=identified'.
            '])")].map((e) => e.dataset.chip.split(" ")[1]).join() !== "'.$first.'"',
        'The second chord gives the same half.',
    );
    $browser->click('[data-half]');
    $this->browser->until(
        'return [...document.querySelectorAll(".tile[data-item=\"cab.seat_belt\"] .chip.on:not([data-chip$=identified'.
            '])")].map((e) => e.dataset.chip.split(" ")[1]).join() === "'.$first.'"',
        'The first half of the panel is not the first of the key.',
    );
    expect($said())->toBe($first);
});

it('finds a part by touch: what was left open first, then by letters and initials', function (): void {
    $browser = onTheTruck($this->browser, 9)->withTouch()->press('1')->studentGoesTo('engine-left');
    $browser
        ->touch('[data-test=find]')
        ->waitForText('Seat belt', '.strip')
        ->touch('[data-letter=f]')
        ->touch('[data-letter=e]')
        ->waitForText('Fire extinguisher', '.strip .first')
        ->touch('[data-found="cab.extinguisher"]')
        ->gone('.strip')
        ->waitForText('2 of', '.count');
    $browser->touch('[data-test=find]')->touch('[data-letter=s]')->touch('[data-test=close-finder]')->gone('.strip');
    $browser->waitForText('Engine, left side', '.place');
});

it('takes a limit said the wrong way round, and one that nobody noted, by one touch each', function (): void {
    onTheTruck($this->browser, 5)->studentGoesTo('steer-wheel');
    $tile = '.tile[data-item="wheel.tyre@steer"]';
    $this->browser->click("$tile .points")->click('[data-round=depth]')->waitForText('said wrong', $tile)->allSent();
    $this->browser->click('[data-test=tools]')->click('[data-test=line]')->waitForText('the wrong way round', '.line');
    $this->browser->press(WebDriverKeys::ESCAPE)->click('[data-wrong=depth]')->click('[data-none=depth]');
    $this->browser->waitForText('said wrong', $tile)->allSent();
});

it('judges a figure with the limits it has while there is no network', function (): void {
    onTheTruck($this->browser, 5)->studentGoesTo('steer-wheel')->allSent()->offline(true);
    $tile = '.tile[data-item="wheel.tyre@steer"]';
    $this->browser
        ->click("$tile .points")
        ->click('[data-figure=depth]')
        ->type('[data-test=figure-said]', '2/32')
        ->enter()
        ->waitForText('said wrong', "$tile.waiting")
        ->click('[data-figure=depth]')
        ->type('[data-test=figure-said]', 'four')
        ->waitForText('That is no figure', '.panel form.figure')
        ->press(...array_fill(0, 4, WebDriverKeys::BACKSPACE))
        ->type('[data-test=figure-said]', '4')
        ->enter()
        ->waitForText('1 of', "$tile.waiting")
        ->offline(false)
        ->allSent();
});

it('asks once before a part that the vehicle has is taken as not equipped', function (): void {
    $browser = onTheTruck($this->browser, 9)->click('.tile[data-item="cab.seat_belt"] .points');
    $browser->click('[data-test=wave]')->waitForText("This vehicle's file has a seat belt", '.panel');
    expect($browser->text('.tile[data-item="cab.seat_belt"]'))->not->toContain('not equipped');
    $browser->click('[data-test=not-equipped]')->waitForText('not equipped', '.tile[data-item="cab.seat_belt"]');
});

it('keeps a noticed defect in sight on its tile and in its panel', function (): void {
    $browser = onTheTruck($this->browser, 9)->click('.tile[data-item="cab.seat_belt"] .points');
    $browser->click('[data-test=defect]')->type('#defect', 'frayed webbing')->enter();
    $browser
        ->waitForText('Noticed: frayed webbing', '.tile[data-item="cab.seat_belt"]')
        ->waitForText('frayed webbing', '.panel .defect')
        ->allSent();
    $browser->driver->navigate()->refresh();
    $browser->waitForText('Noticed: frayed webbing', '.tile[data-item="cab.seat_belt"]');
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

it('goes along when the student is moved in another tab, so that nothing marked here is late', function (): void {
    $browser = onTheTruck($this->browser, 11, 'Every axle, every point')->press('1')->allSent();
    $address = $browser->driver->getCurrentURL();
    $first = $browser->driver->getWindowHandle();
    $browser->driver->switchTo()->newWindow();
    $browser->driver->get($address);
    $browser->find('.board');
    $browser->click('[data-test=next]')->waitForText('Seat and start', '.place')->allSent();
    $browser->driver->switchTo()->window($first);
    $browser->waitForText('Seat and start', '.place')->press('1')->allSent();
    $browser->waitForText('2 of', '.count');
    expect($browser->count('.tile.late'))->toBe(0);
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
