<?php

declare(strict_types=1);

use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Events\BrakeEvent;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Brakes\Judging\WordsHeard;
use Pasada\Core\Tests\Brakes\Scene;

/** @return list<string> what was made of the words, in short */
function meant(string $text, ?int $minuteMs = null, bool $combination = true): array
{
    $events = [
        ...$minuteMs === null ? [] : [new BrakeEvent(0, EventKind::MinuteStarted)],
        new BrakeEvent($minuteMs ?? 0, EventKind::Spoken, text: $text),
    ];
    $said = array_filter(
        (new WordsHeard($combination))->in($events),
        static fn (BrakeEvent $event): bool => $event->kind === EventKind::Said,
    );

    return array_values(
        array_map(
            static fn (BrakeEvent $event): string => trim(
                $event->to.' '.$event->primary.' '.$event->test?->value,
            ),
            $said,
        ),
    );
}

it('hears what words mean for the tests', function (string $text, array $meant): void {
    expect(meant($text))->toBe($meant);
})->with([
    ['The area is clear, I am moving.', ['area-clear']],
    ['okay all clear', ['area-clear']],
    ['nobody behind me, nobody in front', ['area-clear']],
    ['it is not clear yet', []],
    'a reading before the minute' => ['My reading is 118.', ['start-reading 118']],
    'in words' => ['starting at one hundred eighteen psi', ['start-reading 118']],
    'the end said so' => ['and it ended at 116', ['end-reading 116']],
    'lost' => ['we lost two pounds', ['end-reading']],
    'a limit in words' => ['it should not lose more than four psi in one minute', ['limit 4 leak-applied']],
    'a limit behind its figure' => [
        'no more than 3 psi of leakage with the brakes released',
        ['limit 3 leak-released'],
    ],
    'released' => ['with the brakes released it may lose at most 3', ['limit 3 leak-released']],
    'the warning' => ['the low air warning must come on at or above 55 psi', ['limit 55 low-air']],
    'the valves' => [
        'both valves should pop out between 20 and 45 psi',
        ['limit 20 spring-pop', 'limit 45 spring-pop'],
    ],
    'two tests in one breath' => [
        'the buzzer comes at or above 60 and the knobs pop between twenty and forty',
        ['limit 60 low-air', 'limit 20 spring-pop', 'limit 40 spring-pop'],
    ],
    'build-up' => ['it builds from 85 to 100 psi within 45 seconds', ['limit 45 build-up']],
    'the other kind of vehicle' => ['no more than 4 psi lost, 3 psi for a single vehicle', ['limit 4 leak-applied']],
    'what is no figure of a test' => ['I wait one full minute and roll at 5 miles an hour', []],
    'talk' => ['nice weather we have today', []],
]);

it('takes a bare reading for the one at the end once the minute runs', function (int $minuteMs, string $which): void {
    expect(meant('one hundred sixteen', $minuteMs))->toBe([$which.' 116']);
})->with([[5_000, 'start-reading'], [30_000, 'start-reading'], [30_001, 'end-reading'], [61_000, 'end-reading']]);

it('judges a wrong limit that was said in the student\'s own words', function (string $words, string $told): void {
    $scene = new Scene;
    $scene->ready();
    $scene->events[] = new BrakeEvent($scene->atMs, EventKind::Spoken, text: $words);
    expect($scene->leakTest()->told(BrakeTest::LeakApplied))->toBe($told);
})->with([
    ['I may not lose more than 4 psi', 'met: lost 2 psi in 60 s, 4 allowed for a combination'],
    ['I may not lose more than 5 psi', 'broken: said 5 as the limit, it is no more than 4'],
]);

it('takes a limit that names no test for that of the leak around its minute only', function (
    int $atMs,
    array $meant,
): void {
    $events = [
        new BrakeEvent(100_000, EventKind::Pedal, 'down'),
        new BrakeEvent(100_000, EventKind::MinuteStarted),
        new BrakeEvent(160_000, EventKind::MinuteEnded),
        new BrakeEvent($atMs, EventKind::Spoken, text: 'no more than four'),
    ];
    usort($events, static fn (BrakeEvent $a, BrakeEvent $b): int => $a->atMs <=> $b->atMs);
    $said = array_filter(
        (new WordsHeard(true))->in($events),
        static fn (BrakeEvent $event): bool => $event->kind === EventKind::Said,
    );

    expect(
        array_values(
            array_map(
                static fn (BrakeEvent $event): string => $event->to.' '.$event->primary.' '.$event->test?->value,
                $said,
            ),
        ),
    )->toBe($meant);
})->with([
    'long before' => [69_999, []],
    'half a minute before' => [70_000, ['limit 4 leak-applied']],
    'within' => [130_000, ['limit 4 leak-applied']],
    'half a minute after' => [190_000, ['limit 4 leak-applied']],
    'long after' => [190_001, []],
]);
