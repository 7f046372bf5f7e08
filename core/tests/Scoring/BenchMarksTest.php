<?php

declare(strict_types=1);

use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Events\BrakeEvent;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Brakes\Judging\Question;
use Pasada\Core\Brakes\Judging\StepVerdict;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Scoring\BenchMarks;
use Pasada\Core\Tests\Sample;

/** The sample with a leak test among its items, after others. */
function benchInspection(): Inspection
{
    $document = Sample::checklistDocument();
    $document['components'][] = [
        'id' => 'test.leak_applied', 'name' => 'Leak test', 'essential' => ['works'], 'further' => ['reading'],
    ];
    $document['sections'][0]['stops'][0]['asks'][] = 'test.leak_applied';

    return Sample::inspectionOf($document);
}

it('marks the item of a step as the bench judged it', function (StepVerdict $step, array $marks): void {
    expect(BenchMarks::of($step, benchInspection()))->toBe($marks);
})->with([
    'met' => [
        fn () => StepVerdict::met(BrakeTest::LeakApplied, 1000, 'lost 2 psi'),
        [['kind' => 'heard_whole', 'item' => 'test.leak_applied']],
    ],
    'broken: its essential points are wrong, with the reason' => [
        fn () => StepVerdict::broken(BrakeTest::LeakApplied, 1000, 'lost 9 psi'),
        [[
            'kind' => 'said_wrong', 'item' => 'test.leak_applied', 'points' => ['works'], 'text' => 'lost 9 psi',
        ]],
    ],
    'not finished' => [fn () => StepVerdict::notYet(BrakeTest::LeakApplied, 1000, 'x', 'y'), []],
    'not done' => [fn () => StepVerdict::notDone(BrakeTest::LeakApplied), []],
    'a reading lacks' => [
        fn () => StepVerdict::notJudged(BrakeTest::LeakApplied, 1, Question::reading('What did it read?', 1)), [],
    ],
    'a test that the sheet does not ask' => [fn () => StepVerdict::met(BrakeTest::CutOut, 1000, 'x'), []],
]);

it('marks the chocks as they were seen at the bench, out only after in', function (array $seen, array $items): void {
    $document = Sample::checklistDocument();
    foreach (['safety.chocks_set', 'safety.chocks_removed'] as $id) {
        $document['components'][] = ['id' => $id, 'name' => $id, 'essential' => ['works']];
        $document['sections'][0]['stops'][0]['asks'][] = $id;
    }
    $events = array_map(
        static fn (string $to, int $n): BrakeEvent => new BrakeEvent(1000 * $n, EventKind::Chocks, $to),
        $seen,
        array_keys($seen),
    );
    $marks = BenchMarks::ofChocks(
        [new BrakeEvent(0, EventKind::Key, 'on'), ...$events],
        Sample::inspectionOf($document),
    );

    expect(array_column($marks, 'item'))->toBe($items)
        ->and(array_unique(array_column($marks, 'kind')))
        ->toBe($items === [] ? [] : ['heard_whole']);
})->with([
    'in and out' => [['in', 'out'], ['safety.chocks_set', 'safety.chocks_removed']],
    'in alone' => [['in'], ['safety.chocks_set']],
    'out, never in' => [['out'], []],
    'not seen' => [[], []],
    'in, out and in again' => [['in', 'out', 'in'], ['safety.chocks_set', 'safety.chocks_removed']],
]);
