<?php

declare(strict_types=1);

use Pasada\Bench\Timing;
use Tests\Support\Browser;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/Timing.php';

// The Air cab in this machine's browser: frames while the needles move, and a stroke of the pedal until its course is
// there. ./pasada bench cab
$browser = Browser::open();
$browser->signIn('mira@ferrow-sound.example')->waitForText('Mira Tallgrass', 'h1');
$browser->visit('/cab')->waitForText('Climb in')->click('[data-test=climb]')->waitForText('Foot pedal');
foreach (['chocks', 'key', 'clutch', 'engine', 'tractor-valve', 'trailer-valve'] as $control) {
    $browser->click("[data-control=$control]");
}
$frames = static fn (string $meanwhile): array => (array) $browser->run(<<<JS
    const gaps = []; let last; let running = true;
    const count = (now) => {
        if (last !== undefined) gaps.push(now - last);
        last = now;
        if (running) requestAnimationFrame(count);
    };
    requestAnimationFrame(count);
    const rest = (ms) => new Promise((done) => setTimeout(done, ms));
    const key = (kind) => document.body.dispatchEvent(new KeyboardEvent(kind, { key: 'p', bubbles: true }));
    const lags = []; const cab = document.querySelector('.cab');
    const seen = new MutationObserver(() => lags.push(Number(cab.dataset.lag)));
    seen.observe(cab, { attributes: true, attributeFilter: ['data-lag'] });
    $meanwhile
    running = false; seen.disconnect();
    return { gaps, lags };
    JS);
$say = static function (string $what, array $found): void {
    /** @var non-empty-list<float> $gaps */
    $gaps = $found['gaps'];
    Timing::say(
        $what,
        sprintf('%.1f a second', (1000 * count($gaps)) / array_sum($gaps)),
        sprintf('wanted: 60; longest frame %.0f ms, 95 in 100 within %.1f ms', max($gaps), Timing::middle($gaps, 0.95)),
    );
};
fwrite(STDOUT, "Air cab, 1280x800, headless Chromium\n");
$say('frames while pressure builds, 6 s', $frames('await rest(6000);'));
$strokes = $frames("for (let n = 0; n < 20; n++) { key('keydown'); await rest(350); key('keyup'); await rest(350); }");
$say('frames while it is fanned, 20 strokes', $strokes);
/** @var list<float> $lags */
$lags = $strokes['lags'];
Timing::say('from the pedal to its course, median', sprintf('%.0f ms', Timing::middle($lags)), 'wanted: under 120 ms');
Timing::say('from the pedal to its course, p95', sprintf('%.0f ms', Timing::middle($lags, 0.95)));
$browser->run('const real = Date.now; Date.now = () => real() + 600000;');
$late = $frames("for (let n = 0; n < 15; n++) { key('keydown'); await rest(400); key('keyup'); await rest(400); }");
/** @var list<float> $lags */
$lags = $late['lags'];
Timing::say(
    'the same after ten minutes in the cab, median',
    sprintf('%.0f ms', Timing::middle($lags)),
    'wanted: under 120 ms',
);
$browser->close();
