<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Browser;

/** Starts an attempt for a student and leaves the browser on the scoring screen. */
function startWalk(Browser $browser, string $student, string $vehicle = 'Dock 4'): Browser
{
    $browser->signIn('rosa@ferrow-sound.example')->waitForText('Just finished')->choose('New attempt');
    $browser->click('[data-test=student]')->press($student)->choose($student);
    if ($vehicle !== 'Dock 4') {
        $browser->click('[data-test=vehicle]')->choose($vehicle);
    }
    $browser->waitForText('items at', '.preview')->click('[data-test=start]');
    $browser->find('.tile');

    return $browser;
}

function keyed(Browser $browser, int $times): int
{
    for ($done = 0; $done < $times;) {
        $tiles = $browser->count('.tile[data-state=not_reached]');
        if ($tiles === 0) {
            $browser->press('.');

            continue;
        }
        $browser->tile(
            (string) $browser->run(
                "return [...document.querySelectorAll('.tile')].find((t) => t.dataset.state === ".
                    "'not_reached').dataset.key;",
            ),
        );
        $done++;
    }

    return $done;
}

beforeEach(function (): void {
    $this->browser = Browser::open();
});

afterEach(function (): void {
    $this->browser->close();
});

it(
    'scores thirty items by touch and thirty by keyboard, through a server that goes away, to a result',
    function (): void {
        $browser = startWalk($this->browser, 'Odell');
        $browser->waitForText('Seat and start', '.work');

        // By touch: whole places, one tap an item, moving on by the button.
        for ($tapped = 0; $tapped < 30;) {
            $open = $browser->count('.tile[data-state=not_reached] .main');
            if ($open === 0) {
                $browser->click('[data-test=next]');

                continue;
            }
            $browser->click('.tile[data-state=not_reached] .main');
            $tapped++;
        }
        $browser->waitForText('30 of 202', '.count')->allSent();

        // The server goes away in the middle; marks are shown and kept all the same.
        $browser->offline(true);
        keyed($browser, 20);
        $browser->waitForText('50 of 202', '.count')->waitForText('kept here', '[data-test=keeping]');
        $browser->offline(false);
        keyed($browser, 10);
        $browser->waitForText('60 of 202', '.count')->allSent();

        // Undo takes back the last one; a reload shows what the server has.
        $browser->press(WebDriverKeys::BACKSPACE)->waitForText('59 of 202', '.count')->allSent();
        $browser->driver->navigate()->refresh();
        $browser->waitForText('59 of 202', '.count');

        $browser
            ->click('[data-test=finish]')
            ->waitForText('143 items are not complete')
            ->click('[data-test=finish-now]');
        $browser->waitForText('Not passed')->waitForText('59 of 193 items complete');
        $browser
            ->waitForText('What to say next time')
            ->waitForText('Was the order kept?')
            ->waitForText('How does it compare?');
    },
);

it('takes points back and adds them, waves an item and keeps a note', function (): void {
    $browser = startWalk($this->browser, 'Wren', 'Pier 2');
    $browser->press('2')->waitForText('complete', '.tile[data-item="cab.seat_belt"]');
    // A second press opens the points, where taking back is meant.
    $browser->press('2')->click('[data-point=works]')->waitForText('2 of 3 points', '.tile[data-item="cab.seat_belt"]');
    $browser
        ->click('[data-test=wave]')
        ->click('[data-test=not-equipped]')
        ->waitForText('not equipped', '.tile[data-item="cab.seat_belt"]');
    $browser->click('[data-point=works]')->waitForText('1 of 3 points', '.tile[data-item="cab.seat_belt"]');
    $browser->press(WebDriverKeys::ESCAPE)->gone('.panel');
    $browser->press(';')->type('#note-text', 'speaks too softly')->enter()->gone('.note');
    $browser->allSent()->click('[data-test=finish]')->click('[data-test=finish-now]');
    $browser->waitForText('speaks too softly');
});

it('keeps what was marked when the page is closed while the server is away', function (): void {
    $browser = startWalk($this->browser, 'Bram', 'Pier 2');
    $address = $browser->driver->getCurrentURL();
    $browser
        ->offline(true)
        ->press('1', '2', '3')
        ->waitForText('3 of', '.count')
        ->waitForText('kept here', '[data-test=keeping]');
    $browser->offline(false)->driver->get('about:blank');
    $browser->driver->get($address);
    $browser->waitForText('3 of', '.count')->allSent();
});

it('looks at another place without leaving the student, and is back by itself after a mark', function (): void {
    $browser = startWalk($this->browser, 'Hollis', 'Pier 2');
    // Exploring before the start starts nothing.
    $browser->lookAt('engine-left')->waitForText('Looking at Engine, left side. The student is at Seat and start.');
    expect($browser->text('.clock'))->toContain('0:00')
        ->and($browser->count('.stand.current[data-place=seat], .stand.looked[data-place=engine-left]'))
        ->toBe(2);
    $browser->press(WebDriverKeys::ESCAPE)->gone('[data-test=student-here]')->waitForText('Seat and start', '.place');
    // One part spoken of in passing; then its points, which stay open as long as they are marked.
    $browser->lookAt('engine-left')->press('1')->waitForText('Seat and start', '.place');
    $browser
        ->lookAt('engine-left')
        ->click('.tile:nth-child(2) .points')
        ->click('.panel [data-point]')
        ->waitForText('Engine, left side', '.place')
        ->press(WebDriverKeys::ESCAPE)
        ->waitForText('Seat and start', '.place')
        ->press('1')
        ->waitForText('3 of', '.count')
        ->allSent();
    expect($browser->count('.stand.closed'))->toBe(0)
        ->and($browser->count('.stand.current'))
        ->toBe(1)
        ->and($browser->count('[data-test=student-here]'))
        ->toBe(0);
});

it('walks along the plan by arrows: one stop for Tab, Space and Enter look', function (): void {
    $browser = startWalk($this->browser, 'Hollis', 'Pier 2');
    expect($browser->count('.stand[tabindex="0"]'))->toBe(1);
    $browser->run("document.querySelector('[data-place=seat]').focus()");
    $browser
        ->press(WebDriverKeys::ARROW_RIGHT)
        ->press(WebDriverKeys::SPACE)
        ->waitForText('Looking at External lights.')
        ->press(WebDriverKeys::ARROW_LEFT)
        ->press(WebDriverKeys::ENTER)
        ->gone('[data-test=student-here]');
    expect($browser->count('.stand[tabindex="0"]'))->toBe(1);
});

it('keeps the tiles, Undo and the next place in reach beside the points of a part', function (
    int $width, int $height,
): void {
    $browser = startWalk($this->browser, 'Hollis', 'Pier 2');
    $browser->resize($width, $height)->click('.tile:nth-child(2) .points')->find('.panel');
    // Another tile is marked, and the points go along with it.
    $browser->click('.tile:nth-child(1) .main')->find('.tile:nth-child(1).opened[data-state=whole]');
    $inSight = $browser->run(
        'return ["[data-test=next]", "[data-test=undo]", ".tile.opened", ".panel header"].map((css) => { '.
            'const box = document.querySelector(css).getBoundingClientRect(); '.
            'const at = document.elementFromPoint(box.x + box.width / 2, box.y + box.height / 2); '.
            'return document.querySelector(css).contains(at); })',
    );

    expect($inSight)->toBe([true, true, true, true]);
})->with(['a laptop' => [1280, 800], 'a tablet' => [820, 1180], 'a phone' => [390, 844]]);

it('closes what is open on the way back, and asks before it leaves', function (): void {
    $browser = startWalk($this->browser, 'Hollis', 'Pier 2')->press('1');
    $back = function () use ($browser): void {
        $browser->driver->navigate()->back();
    };
    $browser->click('.tile .points')->find('.panel');
    $back();
    $browser->gone('.panel')->lookAt('engine-left');
    $back();
    $browser->gone('[data-test=student-here]');
    $back();
    $browser->waitForText('Leave this walk?')->click('[data-test=stay]')->gone('[data-test=stay]')->find('.tile');
    $back();
    $browser->click('[data-test=leave-walk]')->waitForText('under way');
});

it('keeps a half-typed note, of several lines, until it is saved', function (): void {
    $browser = startWalk($this->browser, 'Hollis', 'Pier 2');
    $browser
        ->press(';')
        ->type('#note-text', 'spoke softly')
        ->chord(WebDriverKeys::SHIFT, WebDriverKeys::ENTER)
        ->press(...str_split('and fast'))
        ->press(WebDriverKeys::ESCAPE)
        ->gone('#note-text');
    $browser->driver->navigate()->refresh();
    $browser->find('.tile');
    $note = static fn (): mixed => $browser->run('return document.querySelector("#note-text").value');
    $browser->press(';')->find('#note-text');
    expect($note())->toBe("spoke softly\nand fast");
    $browser->press(WebDriverKeys::ENTER)->gone('#note-text')->press(';')->find('#note-text');
    expect($note())->toBe('');
});

it('resumes a walk from Today and goes back and forth between places', function (): void {
    $browser = startWalk($this->browser, 'Hollis', 'Pier 2');
    $browser
        ->press('1', '.')
        ->waitForText('External lights', '.place')
        ->press(WebDriverKeys::BACKSPACE)
        ->waitForText('Seat and start', '.place');
    $browser->studentGoesTo('engine-left')->waitForText('Engine, left side', '.place')->allSent();
    $browser->visit('/')->waitForText('under way');
    $browser->click('.under-way .row')->waitForText('Engine, left side', '.place')->waitForText('1 of', '.count');
});
