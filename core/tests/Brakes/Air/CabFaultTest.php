<?php

declare(strict_types=1);

use Pasada\Core\Brakes\Air\CabFault;
use Pasada\Core\Brakes\BrakedVehicle;
use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Judging\Outcome;
use Pasada\Core\Brakes\Judging\Standing;
use Pasada\Core\Brakes\Judging\StepVerdict;
use Pasada\Core\Brakes\Limits;
use Pasada\Core\Brakes\Sequence;
use Pasada\Core\Brakes\StepChoice;
use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Tests\Brakes\Student;
use Pasada\Core\Tests\Sample;
use Pasada\Core\Vehicle\VehicleReader;

function sequenceOf(string $checklist): Sequence
{
    return (new ChecklistReader)->read(Sample::shipped('checklists', $checklist))->brakeSequence();
}

function brakedOf(string $vehicle): BrakedVehicle
{
    return BrakedVehicle::of((new VehicleReader)->read(Sample::shipped('vehicles', $vehicle)));
}

/** @return Generator<string, array{string, string}> */
function sequencesOnTrucks(string ...$vehicles): Generator
{
    // A combination, and single vehicles as they differ.
    foreach (
        ['whole-walk-round', 'every-axle-every-point', 'short-list-grouped', 'cab-brakes-and-drawn-form'] as $checklist
    ) {
        foreach ($vehicles as $vehicle) {
            yield "$checklist, $vehicle" => [$checklist, $vehicle];
        }
    }
}

it('passes a student who does every step right on a sound truck', function (string $checklist, string $vehicle): void {
    $judged = Student::judged(sequenceOf($checklist), brakedOf($vehicle), '');

    expect(
        array_values(
            array_map(
                static fn (StepVerdict $step): string => $step->test->value.': '.$step->what,
                array_filter($judged->steps, static fn (StepVerdict $step): bool => $step->outcome !== Outcome::Met),
            ),
        ),
    )
        ->toBe([])
        ->and($judged->standing)
        ->toBe(Standing::Passed);
})
    ->with(fn (): Generator => sequencesOnTrucks(
        'dock-tractor-chassis', 'quay-sleeper-van', 'stake-truck', 'ferry-bus',
    ))
    ->group('properties');

it('offers only faults that such a student finds, and finds each by the tests that it names', function (
    string $checklist,
    string $vehicle,
): void {
    [$sequence, $braked] = [sequenceOf($checklist), brakedOf($vehicle)];
    $offered = CabFault::shownBy($sequence, $braked);
    $wrong = [];
    foreach ($offered as $fault) {
        $judged = Student::judged($sequence, $braked, $fault->value);
        $found = array_map(static fn (StepVerdict $step): BrakeTest => $step->test, $judged->findings());
        if ($found !== $fault->tests($sequence, $braked)) {
            $wrong[] =
                $fault->value.
                ': '.
                implode(', ', array_map(static fn (BrakeTest $test): string => $test->value, $found));
        }
    }

    expect($wrong)->toBe([])->and(count($offered))->toBeGreaterThan(7);
})->with(fn (): Generator => sequencesOnTrucks('quay-sleeper-van', 'stake-truck'))->group('properties');

it('says which test finds which fault', function (string $fault, array $tests): void {
    $all = new Sequence(
        array_map(static fn (BrakeTest $test): StepChoice => new StepChoice($test), BrakeTest::cases()),
        0,
    );

    expect(
        array_map(
            static fn (BrakeTest $test): string => $test->value,
            CabFault::from($fault)->tests($all, new BrakedVehicle()),
        ),
    )->toBe($tests);
})->with([
    ['leak:primary:9', ['leak-applied', 'leak-released']],
    ['leak:secondary:9', ['leak-applied', 'leak-released']],
    ['leak:applied:14', ['leak-applied']],
    ['governor-low', ['cut-out', 'cut-in']],
    ['governor-high', ['cut-out']],
    ['governor-stuck', ['cut-in']],
    ['no-warning', ['low-air']],
    ['valve-early', ['spring-pop']],
    ['valve-late', ['spring-pop']],
    ['valve-stuck', ['spring-pop']],
    ['compressor-weak', ['build-up']],
    ['tractor-brake-slips', ['tug-tractor']],
    ['service-pulls', ['service']],
]);

it('offers nothing that the sequence or its limits cannot show', function (array $steps, string $fault): void {
    expect(CabFault::shownBy(new Sequence($steps, 0), new BrakedVehicle))->not->toContain(CabFault::from($fault));
})->with([
    'no test of it' => [[new StepChoice(BrakeTest::LowAir)], 'service-pulls'],
    'limits so wide that it passes' => [
        [new StepChoice(BrakeTest::CutOut, limits: new Limits(100, 140))],
        'governor-low',
    ],
    'a leak below what is allowed' => [
        [new StepChoice(BrakeTest::LeakApplied, limits: new Limits(null, 8))],
        'leak:primary:9',
    ],
    'without cut-in' => [[new StepChoice(BrakeTest::CutOut)], 'governor-stuck'],
]);

it('finds a governor that never cuts in again', function (): void {
    $judged = Student::judged(
        new Sequence([new StepChoice(BrakeTest::CutOut), new StepChoice(BrakeTest::CutIn)], 0),
        new BrakedVehicle(),
        'governor-stuck',
    );

    expect($judged->steps[1]->isOfVehicle)
        ->toBeTrue()
        ->and($judged->steps[1]->what)
        ->toStartWith('did not cut in down to');
});

it('offers what the limits and the truck of a sequence can just show', function (
    BrakeTest $test, array $limits, bool $combination, string $fault, bool $isShown,
): void {
    $shown = CabFault::shownBy(
        new Sequence([new StepChoice($test, new Limits($limits['low'] ?? null, $limits['high'] ?? null))], 0),
        new BrakedVehicle($combination),
    );

    expect(in_array(CabFault::from($fault), $shown, true))->toBe($isShown);
})->with([
    // The gauge shows 6.3 psi of the primary's 9, and 5.6 of the secondary's.
    'primary leak, allowed a little less' => [BrakeTest::LeakApplied, ['high' => 6.2], true, 'leak:primary:9', true],
    'primary leak, allowed' => [BrakeTest::LeakApplied, ['high' => 6.4], true, 'leak:primary:9', false],
    'secondary leak, allowed a little less' => [
        BrakeTest::LeakApplied,
        ['high' => 5.6],
        true,
        'leak:secondary:9',
        true,
    ],
    'secondary leak, allowed' => [BrakeTest::LeakApplied, ['high' => 5.7], true, 'leak:secondary:9', false],
    'an applied leak without the pedal' => [BrakeTest::LeakReleased, [], true, 'leak:applied:14', false],
    'an applied leak, allowed' => [BrakeTest::LeakApplied, ['high' => 9.5], true, 'leak:applied:14', false],
    'an applied leak, allowed a little less' => [
        BrakeTest::LeakApplied,
        ['high' => 9.3],
        true,
        'leak:applied:14',
        true,
    ],
    // It cuts out at 106.5 where it is low, 151.5 where it is high; gauges may show 3 psi less.
    'low governor, allowed' => [BrakeTest::CutOut, ['low' => 106.0], true, 'governor-low', false],
    'low governor' => [BrakeTest::CutOut, ['low' => 107.0], true, 'governor-low', true],
    'high governor, allowed by what gauges may show' => [
        BrakeTest::CutOut,
        ['high' => 149.0],
        true,
        'governor-high',
        false,
    ],
    'high governor' => [BrakeTest::CutOut, ['high' => 148.0], true, 'governor-high', true],
    // The trailer's valve comes out at 53 and the tractor's at 45 where they are early, 22 and 14 where they are late.
    'early valves, allowed' => [BrakeTest::SpringPop, ['high' => 51.0], true, 'valve-early', false],
    'early valves' => [BrakeTest::SpringPop, ['high' => 49.0], true, 'valve-early', true],
    'an early valve of a single vehicle, allowed' => [
        BrakeTest::SpringPop,
        ['high' => 43.0],
        false,
        'valve-early',
        false,
    ],
    'an early valve of a single vehicle' => [BrakeTest::SpringPop, ['high' => 41.0], false, 'valve-early', true],
    'late valves, allowed' => [BrakeTest::SpringPop, ['low' => 13.0], true, 'valve-late', false],
    'late valves' => [BrakeTest::SpringPop, ['low' => 15.0], true, 'valve-late', true],
    'no test of the trailer shows it' => [BrakeTest::TugTrailer, [], true, 'tractor-brake-slips', false],
]);

it('tells every fault from its neighbors, each in words of its own', function (): void {
    $words = array_map(static fn (CabFault $fault): string => $fault->toldApart(), CabFault::cases());

    expect(array_unique($words))->toHaveCount(count(CabFault::cases()));
    foreach ($words as $told) {
        expect($told)->toEndWith('.')->and(str_word_count($told))->toBeGreaterThan(12);
    }
});
