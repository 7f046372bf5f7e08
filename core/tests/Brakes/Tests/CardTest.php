<?php

declare(strict_types=1);

use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Spoken;
use Pasada\Core\Brakes\StateNeed;
use Pasada\Core\Brakes\StepInstructions;

// All of every brake test that is no judging, side by side as a card in the yard would have it: a slip in a word or a
// limit is seen here. Limits stand as low and high, of a combination and of a single vehicle.
it('has its card', function (
    BrakeTest $test,
    ?string $component,
    array $settings,
    string $observed,
    array $needs,
    array $says,
    array $limits,
    string $told,
    string $toldOfSingle,
): void {
    $procedure = $test->procedure();
    [$usual, $single] = [$procedure->usual(true), $procedure->usual(false)];

    expect($procedure->component())->toBe($component)
        ->and($procedure->settings())->toBe($settings)
        ->and($procedure->observed())->toBe(explode(' ', $observed))
        ->and(array_map(static fn (StateNeed $need): string => $need->value, $usual->needs))->toBe($needs)
        ->and(array_map(static fn (Spoken $spoken): string => $spoken->value, $usual->say))->toBe($says)
        ->and([[$usual->limits->low, $usual->limits->high], [$single->limits->low, $single->limits->high]])
        ->toEqual($limits)
        ->and(StepInstructions::of($usual, true))->toBe(explode(' | ', $told))
        ->and(StepInstructions::of($single, false))->toBe(explode(' | ', $toldOfSingle));
})->with([
    'governor cut-out' => [
        BrakeTest::CutOut,
        'test.governor',
        ['low' => 'psi', 'high' => 'psi', 'least_rpm' => 'rpm'],
        'engine:on cut-out:',
        ['engine-on'],
        [],
        [[120, 140], [120, 140]],
        'wheels chocked while brakes are released | engine running | until the dryer purges',
        'wheels chocked while brakes are released | engine running | until the dryer purges',
    ],
    'governor cut-in' => [
        BrakeTest::CutIn,
        'test.governor',
        ['low' => 'psi below cut-out', 'high' => 'psi below cut-out'],
        'pedal:down pedal:up cut-in:',
        ['engine-on'],
        [],
        [[20, 25], [20, 25]],
        'wheels chocked while brakes are released | engine running | fan down until the needles rise again',
        'wheels chocked while brakes are released | engine running | fan down until the needles rise again',
    ],
    'build-up' => [
        BrakeTest::BuildUp,
        'test.build_rate',
        ['high' => 's', 'build_from_psi' => 'psi', 'build_to_psi' => 'psi', 'least_rpm' => 'rpm'],
        'engine:on',
        ['engine-on'],
        [],
        [[null, 45], [null, 45]],
        'wheels chocked while brakes are released | engine running | 85 to 100 psi by the clock',
        'wheels chocked while brakes are released | engine running | 85 to 100 psi by the clock',
    ],
    'leak test, brakes applied' => [
        BrakeTest::LeakApplied,
        'test.leak_applied',
        ['high' => 'psi', 'single_high' => 'psi', 'from_psi' => 'psi', 'slack_seconds' => 's'],
        'chocks:in engine:off key:on tractor-valve:in trailer-valve:in pedal:down said:start-reading '.
            'said:end-reading pedal:up',
        ['engine-off', 'key-on', 'valves-in', 'chocks-in'],
        ['start-reading', 'end-reading'],
        [[null, 4], [null, 3]],
        'nobody under the vehicle | engine off | key on | both valves in | wheels chocked | full pedal, gauges '.
            'still | a whole minute | says the reading at the start | says the reading at the end',
        'nobody under the vehicle | engine off | key on | valve in | wheels chocked | full pedal, gauges still '.
            '| a whole minute | says the reading at the start | says the reading at the end',
    ],
    'leak test, brakes released' => [
        BrakeTest::LeakReleased,
        null,
        ['high' => 'psi', 'single_high' => 'psi', 'from_psi' => 'psi', 'slack_seconds' => 's'],
        'chocks:in engine:off key:on tractor-valve:in trailer-valve:in said:start-reading said:end-reading',
        ['engine-off', 'key-on', 'valves-in', 'chocks-in'],
        ['start-reading', 'end-reading'],
        [[null, 3], [null, 2]],
        'nobody under the vehicle | engine off | key on | both valves in | wheels chocked | no pedal | a whole '.
            'minute | says the reading at the start | says the reading at the end',
        'nobody under the vehicle | engine off | key on | valve in | wheels chocked | no pedal | a whole minute '.
            '| says the reading at the start | says the reading at the end',
    ],
    'low-air warning' => [
        BrakeTest::LowAir,
        'test.low_air',
        ['low' => 'psi'],
        'key:on engine:off pedal:down pedal:up warning:',
        ['key-on'],
        [],
        [[55, null], [55, null]],
        'wheels chocked while brakes are released | key on | engine off | fan the pedal down',
        'wheels chocked while brakes are released | key on | engine off | fan the pedal down',
    ],
    'spring brakes' => [
        BrakeTest::SpringPop,
        'test.spring_pop',
        ['low' => 'psi', 'high' => 'psi', 'single_low' => 'psi', 'single_high' => 'psi'],
        'pedal:down pedal:up popped:trailer popped:tractor popped:both',
        [],
        [],
        [[20, 45], [20, 45]],
        'wheels chocked while brakes are released | engine off | fan on; hands off the valves',
        'wheels chocked while brakes are released | engine off | fan on; hands off the valves',
    ],
    'tractor parking-brake tug' => [
        BrakeTest::TugTractor,
        'test.park_tractor',
        [],
        'chocks:out belt:on engine:on gear:low tractor-valve:out trailer-valve:in tug:held tug:moved',
        ['chocks-out', 'belt-on', 'low-gear'],
        [],
        [[null, null], [null, null]],
        'area clear | chocks out | belt on | low gear | trailer valve in, tractor valve out | a gentle tug',
        'area clear | chocks out | belt on | low gear | valve out | a gentle tug',
    ],
    'trailer parking-brake tug' => [
        BrakeTest::TugTrailer,
        'test.park_trailer',
        [],
        'chocks:out belt:on engine:on gear:low tractor-valve:in trailer-valve:out tug:held tug:moved',
        ['chocks-out', 'belt-on', 'low-gear'],
        [],
        [[null, null], [null, null]],
        'area clear | chocks out | belt on | low gear | tractor valve in, trailer valve out | a gentle tug',
        'area clear | chocks out | belt on | low gear | tractor valve in, trailer valve out | a gentle tug',
    ],
    'trailer hand-valve tug' => [
        BrakeTest::TugHand,
        'test.trailer_service',
        [],
        'chocks:out belt:on engine:on gear:low tractor-valve:in trailer-valve:in hand-valve:on tug:held tug:moved',
        ['chocks-out', 'belt-on', 'low-gear'],
        [],
        [[null, null], [null, null]],
        'area clear | chocks out | belt on | low gear | both valves in, hand valve on | a gentle tug',
        'area clear | chocks out | belt on | low gear | both valves in, hand valve on | a gentle tug',
    ],
    'service brake' => [
        BrakeTest::Service,
        'test.service_brake',
        [],
        'chocks:out belt:on tractor-valve:in trailer-valve:in said:area-clear rolling: pedal:down '.
            'stopped:straight stopped:pulled',
        ['chocks-out', 'belt-on', 'valves-in'],
        ['area-clear'],
        [[null, null], [null, null]],
        'area clear | chocks out | belt on | both valves in | about 5 mph, then the pedal | says that the area '.
            'is clear',
        'area clear | chocks out | belt on | valve in | about 5 mph, then the pedal | says that the area is clear',
    ],
    'brake pedal held' => [
        BrakeTest::PedalHold,
        'test.pedal_hold',
        ['low' => 's'],
        'pumped: pedal:down pedal-held:firm pedal-held:sank',
        ['pumped'],
        [],
        [[5, null], [5, null]],
        'wheels chocked while brakes are released | pedal pumped three times | the pedal pressed firmly and held for '.
            '5 seconds',
        'wheels chocked while brakes are released | pedal pumped three times | the pedal pressed firmly and held for '.
            '5 seconds',
    ],
    'parking brake' => [
        BrakeTest::ParkBrake,
        'test.park_brake',
        [],
        'chocks:out belt:on engine:on gear:low parking-brake:set tug:held tug:moved',
        ['chocks-out', 'belt-on', 'low-gear'],
        [],
        [[null, null], [null, null]],
        'area clear | chocks out | belt on | low gear | parking brake set | a gentle tug',
        'area clear | chocks out | belt on | low gear | parking brake set | a gentle tug',
    ],
]);
