<?php

declare(strict_types=1);

use Pasada\Bench\TapTime;
use Pasada\Bench\Timing;
use Symfony\Component\Process\Process;
use Tests\Support\Browser;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/Timing.php';
require __DIR__.'/TapTime.php';

// What recording costs the scoring screen: taps with and without it by turns, in one page. ./pasada bench recording
$wave = sys_get_temp_dir().'/pasada-bench-'.getmypid().'.wav';
(new Process([
    'flite', '-voice', 'rms', '-o', $wave, '-t', 'my seat belt is securely mounted. it is not cut or frayed. '.
        'the air pressure gauge shows one hundred and twenty. the oil pressure gauge is in its range.',
]))->mustRun();
$browser = Browser::hearing($wave);
$client = $browser->signIn('paul@ferrow-sound.example', then: null)->client();
$client->send('PUT', '/students/3/sound', ['agrees' => true]);
$school = array_intersect_key(
    $client->send('GET', '/school'),
    array_flip(['name', 'state', 'time_zone', 'two_factor_roles', 'start_is_done']),
);
$client->send('PUT', '/school', [...$school, 'keeps_sound' => true]);
$browser->signIn('rosa@ferrow-sound.example', then: null)->resize(820, 1180)->beginWalk(3);
TapTime::of($browser, 10);
$times = ['without' => [], 'with' => []];
foreach (['without', 'with', 'without', 'with', 'without', 'with'] as $turn) {
    if ($turn === 'with') {
        $browser->click('[data-test=record]')->waitForText('Recording', '[data-test=record]');
    }
    array_push($times[$turn], ...TapTime::of($browser, 28));
    if ($turn === 'with') {
        $browser->click('[data-test=record]')->waitForText('Record', '[data-test=record]');
    }
}
foreach ($times as $turn => $taps) {
    Timing::say(
        sprintf('tap to painted change %s recording, median of %d', $turn, count($taps)),
        sprintf('%.1f ms, p95 %.1f ms', Timing::middle($taps), Timing::middle($taps, 0.95)),
    );
}
Timing::say(
    'with against without',
    sprintf('%.2f times', Timing::middle($times['with']) / Timing::middle($times['without'])), 'wanted: at most 1.10',
);
$browser->close();
unlink($wave);
