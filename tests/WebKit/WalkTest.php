<?php

declare(strict_types=1);

use Tests\Support\Browser;
use Tests\Support\Lane;
use Tests\Support\WebKit;

/** Marks items with their keys, those without Shift, until so many are said; it moves on where none is left. */
function keyedInWebKit(Browser $browser, int $from, int $to): void
{
    for ($said = $from; $said < $to;) {
        $key = $browser->run(
            'return [...document.querySelectorAll(".tile[data-state=not_reached]")].map((tile) => tile.dataset.key)'.
            '.find((key) => key?.length === 1) ?? "";',
        );
        if ($key === '' || $key === null) {
            $browser->press('.');

            continue;
        }
        $browser->press((string) $key)->waitForText(++$said.' of', '.count');
    }
}

it('carries a whole walk by touch and key, through a server that goes, to the result', function (): void {
    $browser = Browser::openWebKit();
    $browser->visit('/sign-in')->signInByForm('rosa@ferrow-sound.example')->waitForText('Just finished');

    $browser->visit('/start?student=3')->waitForText('items at', '.preview')->click('[data-test=start]')->find('.tile');
    for ($tapped = 0; $tapped < 30;) {
        $isTapped = $browser->run(
            'const tile = document.querySelector(".tile[data-state=not_reached] .main"); tile?.click(); return !!tile;',
        );
        $isTapped === true ? $tapped++ : $browser->click('[data-test=next]');
    }
    $browser->waitForText('30 of', '.count')->waitForText('all sent', '[data-test=keeping]');

    $lane = Lane::first();
    $lane->stop();
    keyedInWebKit($browser, 30, 40);
    $browser->waitForText('40 of', '.count')->waitForText('kept here', '[data-test=keeping]');

    $lane->start();
    $browser->allSent();

    $browser->driver->navigate()->refresh();
    $browser->find('.tile');
    $browser->waitForText('40 of', '.count');
    $browser->click('[data-test=finish]')->click('[data-test=finish-now]')->waitForText('What to say next time');
    WebKit::leave();
});

it('judges the brake tests, and runs the air cab', function (): void {
    $browser = Browser::openWebKit();
    $browser->visit('/sign-in')->signInByForm('rosa@ferrow-sound.example')->waitForText('Just finished');
    $browser->visit('/start?student=4')->waitForText('items at', '.preview')->click('[data-test=start]')->find('.tile');
    $id = basename((string) parse_url($browser->driver->getCurrentURL(), PHP_URL_PATH));
    $browser->visit("/brakes/$id")->waitForText('Start the minute');
    $chain = ['engine:on', 'cut-out:', 'chocks:in', 'tractor-valve:in', 'trailer-valve:in', 'engine:off', 'key:on'];
    foreach ($chain as $seen) {
        $browser->click("[data-seen='$seen']");
    }
    $browser->waitForText('1 of 9 steps met', '[data-test=standing]');

    $browser->visit('/cab')->waitForText('Start practice')->click('[data-test=climb]')->waitForText('Foot pedal');
    $browser->click('[data-control=key]')->find('[data-control=key][data-state=on]');
    WebKit::leave();
});
