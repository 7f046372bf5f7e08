<?php

declare(strict_types=1);

use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Events\BrakeEvent;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Brakes\Judging\WordsHeard;
use Pasada\Core\Brakes\Spoken;

/** The limits heard in words, said just before a minute of a leak test where there is one. @return list<string> */
function limitsIn(string $words, ?bool $pedalDown = null): array
{
    $events = [new BrakeEvent(1000, EventKind::Spoken, text: $words)];
    if ($pedalDown !== null) {
        $events = [
            new BrakeEvent(0, EventKind::Pedal, $pedalDown ? 'down' : 'up'),
            ...$events,
            new BrakeEvent(9000, EventKind::MinuteStarted),
        ];
    }
    $said = array_filter(
        (new WordsHeard(true))->in($events),
        static fn (BrakeEvent $event): bool => $event->kind === EventKind::Said && $event->to === Spoken::Limit->value,
    );

    return array_values(
        array_map(static fn (BrakeEvent $event): string => $event->test?->value.' '.$event->primary, $said),
    );
}

/** @return array<string, array{string}> */
function ways(string ...$ways): array
{
    return array_combine($ways, array_map(static fn (string $way): array => [$way], $ways));
}

it('hears the limit of the leak with the pedal down, said at its minute', function (string $words): void {
    expect(limitsIn($words, true))->toBe([BrakeTest::LeakApplied->value.' 4']);
})->with(
    ways(
        'the limit is four psi', 'no more than four', 'max four', 'maximum of 4 psi', 'four psi max',
        'four is the most I can have', 'I am allowed four pounds', 'four psi is allowed here',
        'it must stay within four psi', 'not over 4', 'not to exceed four psi', 'up to four psi', 'at most four pounds',
        'four or less', '4 psi or under', 'four pounds tops', 'I can lose up to four',
        'it should not lose over four psi', 'a loss of no more than four',
        'my air loss may not be greater than four psi', 'we may leak 4 psi at the most',
        'the drop has to be under 4 psi', 'the allowed drop is four pounds', 'for a combination the limit is 4',
        'less than or equal to four psi', 'my ceiling is four psi', 'four psi is my limit', 'never more than four psi',
        'it can\'t fall more than four', 'within one minute no more than 4 psi',
    ),
);

it('hears the limit of the leak with the brakes released, said at its minute', function (string $words): void {
    expect(limitsIn($words, false))->toBe([BrakeTest::LeakReleased->value.' 3']);
})->with(
    ways(
        'the limit is three psi',
        'no more than three',
        'max three',
        'maximum of 3 psi',
        'three psi max',
        'three is the most I can have',
        'I am allowed three pounds',
        'three psi is allowed here',
        'it must stay within three psi',
        'not over 3',
        'not to exceed three psi',
        'up to three psi',
        'at most three pounds',
        'three or less',
        '3 psi or under',
        'three pounds tops',
        'with my foot off the pedal I may lose three psi',
        'brakes released it should not lose over three psi',
        'no pedal, a loss of no more than three',
        'with the brakes released the air loss may not be greater than three psi',
        'without the pedal it may leak 3 psi at the most',
        'released, the drop has to be under 3 psi',
        'the allowed drop without the pedal is three pounds',
        'my limit with the pedal up is 3',
        'less than or equal to three psi',
        'my ceiling is three psi',
        'three psi is my limit',
        'never more than three psi',
        'with no pedal it can\'t fall more than three',
        'within one minute no more than 3 psi',
    ),
);

it('hears the limit of the low-air warning', function (string $words): void {
    expect(limitsIn($words))->toBe([BrakeTest::LowAir->value.' 55']);
})->with(
    ways(
        'the warning has to come on at or above 55 psi',
        'my buzzer must sound by 55',
        'low air light should be on before fifty five',
        'the alarm may come no later than 55',
        'at 55 psi at the latest the buzzer comes',
        'the low air warning comes on at 55 or above',
        'the lamp has to light up at no less than 55',
        'no lower than 55 for the warning',
        'the buzzer should go off above 55',
        'warning light and buzzer at 55 psi minimum',
        'the minimum for my warning is 55',
        'my low air alarm has to work before it is below 55',
        'the warning device must activate at or before 55 psi',
        'the limit for the warning light is fifty five',
        '55 is the limit for the warning',
        'it should beep at 55 or higher',
        'I am looking for the buzzer at 55 or more',
        'the light must come on no lower than fifty five pounds',
        'a warning at least by 55 psi',
        'the buzzer is allowed at 55 at the lowest',
        'my warning lamp needs to come at 55 psi or above',
        'the warning should come on around 55',
        'low air warning minimum fifty five',
        'the lamp should be on by fifty five psi',
        'buzzer has to come on at or above fifty five',
        'the alarm must not wait past 55',
        'the light is supposed to come on at 55',
        'the warning is to come at 55 or better',
        'at or above 55 I need to hear the buzzer',
        'the warning signal must come on before 55 psi',
    ),
);

it('hears the range of the spring brakes', function (string $words): void {
    expect(limitsIn($words))->toBe([BrakeTest::SpringPop->value.' 20', BrakeTest::SpringPop->value.' 45']);
})->with(
    ways(
        'both knobs should pop between 20 and 45 psi',
        'the valves come out between twenty and forty five',
        'spring brakes set from 20 to 45',
        'twenty to forty five for the spring brakes',
        'they should pop out anywhere from 20 to 45 psi',
        'the parking brakes have to come on between 20 and 45',
        'my range for the pop out is 20 to 45',
        'between 20 and 45 both buttons pop',
        'the buttons must come out between twenty and forty five pounds',
        'in the range of 20 to 45 the valves pop',
        'they are supposed to pop between twenty and forty five',
        'the springs take over between 20 and 45',
        'I expect the knobs to come out between 20 and 45',
        'protection valve and parking valve pop at 20 to 45',
        'pop out should happen between 20 and 45',
        'both valves pop out by themselves between 20 and 45',
        'the red and the yellow knob go out between 20 and 45',
        'spring brakes between 20 to 45 psi',
        'pop off between twenty and forty five psi',
        'the limits of the spring brakes are 20 and 45',
        'the valves need to come out between 20 and 45',
        'the brakes set themselves between 20 and 45 pounds',
        'somewhere between 20 and 45 the valves have to pop',
        'springs engage from twenty to forty five',
        'I am watching for both valves from 20 to 45',
        'knobs out between 20 and 45',
        'the tractor and trailer valves must pop between 20 and 45',
        'valve pops between twenty and forty-five psi',
        'spring brakes 20 to 45',
        'emergency brakes come out between 20 and 45',
    ),
);

it('hears the range of the cut-out', function (string $words): void {
    expect(limitsIn($words))->toBe([BrakeTest::CutOut->value.' 120', BrakeTest::CutOut->value.' 140']);
})->with(
    ways(
        'the governor cuts out between 120 and 140',
        'cut out should be 120 to 140 psi',
        'my governor should cut out between one twenty and one forty',
        'governor range is 120 to 140',
        'the dryer purges between 120 and 140',
        'it has to cut out between 120 and 140 psi',
        'cutoff is from 120 to 140',
        'between 120 and 140 the governor cuts out',
        'one hundred twenty to one hundred forty for the cut out',
        'the compressor stops pumping between 120 and 140',
        'the cutout pressure is between 120 and 140',
        'the governor must cut out in the range of 120 to 140',
        'I listen for the dryer between 120 and 140',
        'air dryer spits between 120 and 140',
        'cutting out at 120 to 140',
        'the purge should come between 120 and 140',
        'governor 120 to 140',
        'the governor shuts off between 120 and 140',
        'cut-out between 120 and 140 psi',
        'allowed for the governor is 120 to 140',
        'the governor is supposed to cut out from 120 to 140',
        'normal cut out is 120 to 140 psi',
        'my limits for the governor are 120 and 140',
        'the compressor stops building between 120 and 140',
        'the governor needs to cut out somewhere between 120 and 140',
        'cut out anywhere from 120 to 140',
        'purging between 120 and 140',
        'governor cut out one twenty to one forty psi',
        'I expect cut out between 120 and 140',
        'the dryer should purge from 120 to 140 psi',
    ),
);

it('hears how far below it the governor cuts in', function (string $words): void {
    expect(limitsIn($words))->toBe([BrakeTest::CutIn->value.' 20', BrakeTest::CutIn->value.' 25']);
})->with(
    ways(
        'cut in should be 20 to 25 below',
        'it cuts in 20 to 25 psi below cut out',
        'the governor cuts back in between 20 and 25 below',
        'cut in between twenty and twenty five below that',
        'the governor kicks in 20 to 25 psi lower',
        'it should kick back in between 20 and 25 below cut out',
        'cut in range is 20 to 25 below',
        'cutting in from 20 to 25 under',
        'my cut in has to be between 20 and 25 psi below',
        'the cut in pressure is 20 to 25 below cut out',
        'cut-in 20 to 25 psi below',
        'cuts in within 20 to 25 below',
        'cut in must come between 20 and 25 below',
        'cut in at 20 to 25 below the cut out',
        'the compressor cuts in between 20 and 25 psi below cut out',
        'the compressor starts pumping again 20 to 25 below',
        'it starts building again between 20 and 25 below',
        'cut in anywhere from 20 to 25 below',
        'my cut in is supposed to be 20 to 25 below',
        'it is supposed to cut in 20 to 25 below',
        'normal cut in is twenty to twenty five below',
        'the cut in limits are 20 and 25 below',
        'cut in needs to be from 20 to 25 below',
        'it has to cut back in between 20 and 25 psi',
        'cuts in between 20 to 25 lower',
        'cut in comes 20 to 25 psi under cut out',
        'the governor cut in is between twenty and twenty five below',
        'the allowed cut in is 20 to 25 below',
        'the compressor kicks in between 20 and 25 below',
        'cut in, twenty to twenty five below',
    ),
);

it('hears how long pressure may take to build', function (string $words): void {
    expect(limitsIn($words))->toBe([BrakeTest::BuildUp->value.' 45']);
})->with(
    ways(
        'it has to build from 85 to 100 within 45 seconds',
        '85 to 100 in no more than 45 seconds',
        'building up takes at most 45 seconds',
        'forty five seconds max from 85 to 100',
        'pressure builds within forty five seconds',
        'not more than 45 seconds to build up',
        'the limit is 45 seconds',
        'it must build in under 45 seconds',
        '45 seconds is the limit',
        'it may take up to 45 seconds',
        'max 45 seconds',
        'I am allowed forty five seconds for it',
        'from 85 to 100 psi it has 45 seconds at most',
        'air builds in 45 seconds or less',
        'should build within 45 seconds',
        '45 seconds or less from 85 to 100',
        'the build up has to be done within 45 seconds',
        'it must not take more than 45 seconds',
        'less than 45 seconds for the build up',
        'the air has to climb from 85 to 100 within 45 seconds',
        'pumping up from 85 to 100 in at most 45 seconds',
        'the maximum is forty five seconds',
        'within forty-five seconds from 85 to 100',
        'build up time is allowed to be 45 seconds',
        'from eighty five to one hundred within 45 seconds',
        'my limit for build up is 45 seconds',
        'up to 45 seconds is allowed',
        'raise it from 85 to 100 within 45 seconds',
        'the system has to build within 45 seconds',
        'it needs to be there within 45 seconds',
        '85 to 100 under 45 seconds',
    ),
);

it('takes a value that is said of a test for a reading', function (string $words, array $limits): void {
    expect(limitsIn($words))->toBe($limits);
})->with([
    'cut out at' => ['governor cut out at 126 psi', []],
    'and the range with it' => ['governor cut out at 126 psi, between 120 and 140', ['cut-out 120', 'cut-out 140']],
    'the warning came' => ['the buzzer came on at 68', []],
    'the valves came out' => ['knobs popped at 34', []],
    'the time it took' => ['that took 31 seconds', []],
]);
