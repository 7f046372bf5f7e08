<?php

declare(strict_types=1);

use Opis\JsonSchema\Validator;
use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Fault;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Progress\History\HistoryReader;
use Pasada\Core\Progress\History\PastAttempt;
use Pasada\Core\Progress\History\PastStudent;
use Pasada\Core\Progress\Readiness\Readiness;
use Pasada\Core\Progress\Readiness\ReadinessWriter;
use Pasada\Core\Progress\Readiness\StudentReadiness;
use Pasada\Core\Tests\Progress\Law;
use Pasada\Core\Tests\Progress\Scores;
use Pasada\Core\Tests\Progress\SimulatedSchool;
use Pasada\Core\Tests\Sample;
use Pasada\Core\Vehicle\VehicleReader;

function readyUnder(string $checklist, string $vehicle = 'stake-truck'): Readiness
{
    return Readiness::under(
        (new ChecklistReader)->read(Sample::shipped('checklists', $checklist)),
        (new VehicleReader)->read(Sample::shipped('vehicles', $vehicle)),
    );
}

/**
 * @param  list<array<string, int>|int>  $attempts  what was earned of all items, or of each, five days apart
 */
function past(Readiness $readiness, array $attempts, float $firstDay = 20_000, ?float $examOn = null): PastStudent
{
    $made = [];
    foreach ($attempts as $n => $earned) {
        $made[] = new PastAttempt(
            $firstDay + 5 * $n, 'a', is_int($earned) ? array_fill_keys($readiness->plan->ids, $earned) : $earned,
        );
    }

    return new PastStudent('s01', $examOn, $made);
}

function ready(Readiness $readiness, PastStudent $past, PastStudent ...$others): ?StudentReadiness
{
    return $readiness->of($readiness->school([$past, ...$others]), $past);
}

it('says nothing from nothing', function (array $attempts): void {
    $readiness = readyUnder('short-list-grouped');

    expect(ready($readiness, past($readiness, $attempts)))->toBeNull();
})->with([
    'no attempt' => [[]],
    'an attempt of nothing' => [[[]]],
    'items that are not asked any more' => [[['engine.flux_capacitor' => 1000]]],
]);

it('gives a wide answer after one attempt, and a narrower one after six alike', function (): void {
    $readiness = readyUnder('short-list-grouped');
    $most = [];
    foreach ($readiness->plan->ids as $n => $id) {
        $most[$id] = $n % 10 < 8 ? 1000 : 0;
    }
    $school = $readiness->school([past($readiness, [$most])]);
    $width = static function (int $times) use ($readiness, $school, $most): float {
        $one = $readiness->of($school, past($readiness, array_fill(0, $times, $most)));
        [, $low, $high] = $one === null ? [0.0, 0.0, 0.0] : $one->forecast->share();

        return $high - $low;
    };

    expect($width(1))->toBeGreaterThan($width(6));
});

it('expects most of who earned all, and least of who earned nothing, and never all or nothing', function (): void {
    $readiness = readyUnder('short-list-grouped');
    $best = ready($readiness, past($readiness, [1000, 1000, 1000, 1000]));
    $worst = ready($readiness, past($readiness, [0, 0, 0, 0]));

    expect($best?->forecast->chance())->toBeGreaterThan(0.5)->toBeLessThan(1.0)
        ->and($worst?->forecast->chance())->toBeLessThan(0.05);
});

it('does not care in which order attempts and students come, and answers the same twice', function (): void {
    $inspection = Inspection::of(
        (new ChecklistReader)->read(Sample::shipped('checklists', 'short-list-grouped')),
        (new VehicleReader)->read(Sample::shipped('vehicles', 'stake-truck')),
    );
    $readiness = readyUnder('short-list-grouped');
    $made = array_column((new SimulatedSchool($inspection, Law::Known, 5))->students(5, 2, 4), 0);
    $turned = array_reverse(array_map(
        static fn (PastStudent $one): PastStudent => new PastStudent(
            $one->id, $one->examOn, array_reverse($one->attempts),
        ),
        $made,
    ));
    $told = static function (array $students) use ($readiness): array {
        $school = $readiness->school($students);
        $told = [];
        foreach ($students as $one) {
            $ready = $readiness->of($school, $one);
            $told[$one->id] = $ready === null ? null : ReadinessWriter::write($ready, $readiness->plan);
        }
        ksort($told);

        return $told;
    };

    expect(json_encode($told($turned)))->toBe(json_encode($told($made)));
});

it('never thinks less of an item of which more was earned', function (): void {
    $readiness = readyUnder('short-list-grouped');
    $some = [];
    foreach ($readiness->plan->ids as $n => $id) {
        $some[$id] = $n % 3 === 0 ? 0 : 1000;
    }
    $school = $readiness->school([past($readiness, [$some, $some])]);
    $before = $readiness->of($school, past($readiness, [$some, $some]));
    foreach ([0, 9, 30] as $i) {
        $more = [$readiness->plan->ids[$i] => 1000] + $some;
        $after = $readiness->of($school, past($readiness, [$some, $more]));

        expect($after?->forecast->item($i)[0])->toBeGreaterThan($before?->forecast->item($i)[0] ?? 1.0);
    }
});

it('lets an attempt of long ago count less', function (): void {
    $readiness = readyUnder('short-list-grouped');
    $past = past($readiness, [1000, 1000]);
    $school = $readiness->school([$past]);
    $soon = $readiness->of($school, past($readiness, [1000, 1000], 20_000, 20_010));
    $late = $readiness->of($school, past($readiness, [1000, 1000], 20_000, 20_300));

    expect($soon?->forecast->item(3)[0])->toBeGreaterThan($late?->forecast->item(3)[0] ?? 1.0);
});

it('answers for the day of the exam, or for a week on where none is ahead', function (?float $exam, bool $is): void {
    $readiness = readyUnder('short-list-grouped');
    $one = ready($readiness, past($readiness, [1000, 500], 20_000, $exam));

    expect([$one?->isForExam, $one?->on])->toBe([$is, $is ? $exam : 20_012.0]);
})->with(['ahead' => [20_020.0, true], 'in the past' => [19_990.0, false], 'none' => [null, false]]);

it('names what is least sure, and drills it first', function (): void {
    $readiness = readyUnder('every-axle-every-point');
    $earned = array_fill_keys($readiness->plan->ids, 1000);
    $earned['test.low_air'] = 0;
    $one = ready($readiness, past($readiness, array_fill(0, 4, $earned)));

    expect($one?->limits)->toContain('all of "Brake tests"')->toContain('Low-air warning')
        ->and($one?->drills[0]->item)->toBe('test.low_air');
});

it('tells each form by itself', function (): void {
    $readiness = readyUnder('cab-brakes-and-drawn-form', 'dock-tractor-chassis');
    $one = ready($readiness, past($readiness, [1000]));
    $written = $one === null ? [] : ReadinessWriter::write($one, $readiness->plan);

    expect(array_keys((array) ($written['by_form'] ?? [])))->toBe(['a', 'b', 'c']);
});

it('keeps to its published schema', function (): void {
    $readiness = readyUnder('short-list-grouped');
    $one = ready($readiness, past($readiness, [1000, 500]));
    assert($one !== null);
    $written = json_decode((string) json_encode(['students' => [
        ReadinessWriter::write($one, $readiness->plan), ReadinessWriter::nothingKnown('s02'),
    ]]));
    $schema = json_decode((string) file_get_contents(dirname(__DIR__, 3).'/schemas/readiness.schema.json'));

    expect((new Validator)->validate($written, $schema)->isValid())->toBeTrue();
});

it('foretells exams better than the last time does', function (): void {
    $inspection = Inspection::of(
        (new ChecklistReader)->read(Sample::shipped('checklists', 'short-list-grouped')),
        (new VehicleReader)->read(Sample::shipped('vehicles', 'stake-truck')),
    );
    $readiness = readyUnder('short-list-grouped');
    $made = (new SimulatedSchool($inspection, Law::Logistic, 7))->students(40, 2, 6);
    $school = $readiness->school(array_column($made, 0));
    $scores = new Scores;
    foreach ($made as [$past, $true, $isPassed, $passedLast, $share]) {
        $one = $readiness->of($school, $past);
        assert($one !== null);
        $scores->add($one->forecast->chance(), $one->forecast->interval(), $true, $isPassed, $passedLast, $share);
    }

    expect($scores->brier())->toBeLessThan(0.67 * $scores->brierOfLastTime(), $scores->said())
        ->and($scores->calibration())->toBeLessThan(0.1, $scores->said())
        ->and($scores->held())->toBeGreaterThan(0.6, $scores->said());
});

it('names the place of a fault in a history and the remedy', function (array $student, string $expected): void {
    $faults = [];
    try {
        (new HistoryReader)->read((string) json_encode(
            ['checklist' => 'x', 'vehicle' => 'y', 'students' => [$student, ['id' => 's09']]],
        ), ['a.b']);
    } catch (DocumentHasFaults $caught) {
        $faults = array_map(static fn (Fault $fault): string => (string) $fault, $caught->faults);
    }

    expect($faults)->toContain($expected);
})->with([
    'no date' => [
        ['id' => 's01', 'attempts' => [['at' => 'tomorrow', 'earned' => []]]],
        'students[0].attempts[0].at: "tomorrow" is no date; write it as 2026-12-01 or 2026-12-01T14:00:00Z',
    ],
    'a day that is none' => [
        ['id' => 's01', 'exam_on' => '2026-02-30'],
        'students[0].exam_on: "2026-02-30" is no date; write it as 2026-12-01 or 2026-12-01T14:00:00Z',
    ],
    'an old year' => [
        ['id' => 's01', 'attempts' => [['at' => '0026-10-01', 'earned' => []]]],
        'students[0].attempts[0].at: lies before 1990; check the year',
    ],
    'more than the whole' => [
        ['id' => 's01', 'attempts' => [['at' => '2026-10-01', 'earned' => ['a.b' => 1001]]]],
        'students[0].attempts[0].earned.a.b: asks for thousandths of the item\'s worth, a whole number from 0 to 1000',
    ],
    'a student twice' => [
        ['id' => 's09'], 'students[1].id: "s09" is listed twice; put all attempts of a student together',
    ],
]);

it('reads times with their zones', function (string $at, float $day): void {
    $history = (new HistoryReader)->read((string) json_encode([
        'checklist' => 'x', 'vehicle' => 'y',
        'students' => [['id' => 's', 'attempts' => [['at' => $at, 'earned' => ['a.b' => 1, 'c.d' => 2]]]]],
    ]), ['a.b']);

    expect($history->students[0]->attempts[0]->day)->toEqualWithDelta($day, 1e-9)
        ->and($history->unknown)->toBe(['c.d']);
})->with([
    ['1990-01-01', 7305.0], ['1990-01-01T12:00:00Z', 7305.5], ['1990-01-01T12:00:00+06:00', 7305.25],
    ['1990-01-01T12:00-06:00', 7305.75],
]);
