<?php

declare(strict_types=1);

use Pasada\Bench\Timing;
use Pasada\Core\Brakes\Air\AirFaults;
use Pasada\Core\Brakes\Air\AirMakeup;
use Pasada\Core\Brakes\Air\AirSystem;
use Pasada\Core\Brakes\Air\AirTrace;
use Pasada\Core\Brakes\BrakedVehicle;
use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Events\BrakeEvent;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Brakes\Judging\Judge;
use Pasada\Core\Brakes\Judging\Judgment;
use Pasada\Core\Brakes\Sequence;
use Pasada\Core\Brakes\StepChoice;
use Pasada\Core\Tests\Brakes\Scene;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/Timing.php';

// Judging and air; medians of one run. ./pasada bench brakes
$judge = new Judge(
    new Sequence(array_map(static fn (BrakeTest $test): StepChoice => new StepChoice($test), BrakeTest::cases()), 2),
    new BrakedVehicle(),
);
$judged = static function (int $count, bool $talks) use ($judge): float {
    $scene = (new Scene)->ready()->leakTest();
    $n = 0;
    while (count($scene->events) < $count - 20) {
        $scene->reads(118 - $n % 9 / 10);
        if ($talks && $n++ % 10 === 0) {
            $scene->events[] = new BrakeEvent(
                $scene->atMs,
                EventKind::Spoken,
                text: 'it may not lose more than four psi in one minute, and now the gauge reads one hundred sixteen',
            );
        }
    }
    $scene->warns()->pops()->readyToMove()->tug('out', 'in')->tug('in', 'out');

    return Timing::median(40, static fn (): Judgment => $judge->judge($scene->events));
};
fwrite(STDOUT, "Judging a run of every test\n");
foreach ([250, 500, 1000] as $count) {
    Timing::say(
        sprintf('%d events', $count),
        sprintf('%.2f ms', $judged($count, false)),
        $count === 500 ? 'wanted: under 5 ms' : '',
    );
}
Timing::say(
    '500 events, every tenth of them words to be read',
    sprintf('%.2f ms', $judged(500, true)),
    'wanted: under 5 ms',
);

fwrite(STDOUT, "\nAir, at the step that is used\n");
$controls = [
    new BrakeEvent(0, EventKind::Key, 'on'),
    new BrakeEvent(0, EventKind::Engine, 'on'),
    new BrakeEvent(0, EventKind::TractorValve, 'in'),
    new BrakeEvent(0, EventKind::TrailerValve, 'in'),
];
for ($at = 120_000; $at < 600_000; $at += 3000) {
    $controls[] = new BrakeEvent($at, EventKind::Pedal, $at % 6000 === 0 ? 'down' : 'up');
}
foreach ([5, 10, 20] as $minutes) {
    $air = Timing::median(
        15,
        static fn (): AirTrace => (new AirSystem(new AirMakeup(), AirFaults::read('leak:primary:3'), 60))->run(
            $controls,
            $minutes * 60_000,
            250,
        ),
    );
    Timing::say(
        sprintf('%d minutes', $minutes),
        sprintf('%.1f ms', $air),
        $minutes === 10 ? 'wanted: under 60 ms' : '',
    );
}
