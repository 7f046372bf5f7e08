<?php

declare(strict_types=1);

use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Attempt\Marks\MarkList;
use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Checklist\Rules\LightRule;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\Item;
use Pasada\Core\Lights\LightFunction;
use Pasada\Core\Lights\LightPlace;
use Pasada\Core\Scoring\Credit;
use Pasada\Core\Scoring\ItemStatus;
use Pasada\Core\Scoring\ScoreSheet;
use Pasada\Core\Tests\Sample;

/** @param  array<string, string>|null  $lights  the rule; null leaves it out */
function lit(?array $lights, string $vehicle = 'dock-tractor-chassis', array $rules = []): Inspection
{
    $document = json_decode(Sample::shipped('checklists', 'whole-walk-round'), true);
    unset($document['rules']['lights'], $document['rules']['reasons']['lights']);
    $document['rules'] = [...$document['rules'], ...($lights === null ? [] : ['lights' => $lights]), ...$rules];

    return Sample::inspectionOf($document, json_decode(Sample::shipped('vehicles', $vehicle), true));
}

/** @return list<Item> */
function partsOf(Inspection $inspection): array
{
    return array_values(array_filter(
        $inspection->items, static fn (Item $item): bool => $item->component === LightRule::CHECK,
    ));
}

/** @return list<string> behind the "@" */
function keysOf(Inspection $inspection): array
{
    return array_map(
        static fn (Item $item): string => explode('@', $item->id)[1] ?? '', partsOf($inspection),
    );
}

it('is asked as one item, by function, or by function and place, of what this vehicle has', function (
    ?array $rule, string $vehicle, array $keys,
): void {
    expect(keysOf(lit($rule, $vehicle)))->toBe($keys);
})->with([
    'nothing said: one' => [null, 'dock-tractor-chassis', ['']],
    'one' => [['ask' => 'one'], 'dock-tractor-chassis', ['']],
    'functions of a combination: reversing shows nowhere' => [
        ['ask' => 'function'], 'dock-tractor-chassis',
        ['low-beam', 'high-beam', 'left-turn', 'right-turn', 'four-way', 'brake', 'tail', 'clearance', 'side-markers',
            'plate'],
    ],
    'functions of a truck' => [
        ['ask' => 'function'], 'stake-truck',
        ['low-beam', 'high-beam', 'left-turn', 'right-turn', 'four-way', 'brake', 'tail', 'clearance', 'side-markers',
            'plate', 'reverse'],
    ],
    'each place, function by function' => [
        ['ask' => 'function-and-place'], 'stake-truck',
        ['low-beam.front', 'high-beam.front', 'left-turn.front', 'left-turn.tractor-side', 'left-turn.truck-rear',
            'right-turn.front', 'right-turn.tractor-side', 'right-turn.truck-rear', 'four-way.front',
            'four-way.tractor-side', 'four-way.truck-rear', 'brake.truck-rear', 'tail.front', 'tail.truck-rear',
            'clearance.front', 'clearance.truck-rear', 'side-markers.tractor-side', 'plate.truck-rear',
            'reverse.truck-rear'],
    ],
    'each place along the route: front, sides, rear' => [
        ['ask' => 'function-and-place', 'order' => 'route'], 'stake-truck',
        ['low-beam.front', 'high-beam.front', 'left-turn.front', 'right-turn.front', 'four-way.front', 'tail.front',
            'clearance.front', 'left-turn.tractor-side', 'right-turn.tractor-side', 'four-way.tractor-side',
            'side-markers.tractor-side', 'left-turn.truck-rear', 'right-turn.truck-rear', 'four-way.truck-rear',
            'brake.truck-rear', 'tail.truck-rear', 'clearance.truck-rear', 'plate.truck-rear', 'reverse.truck-rear'],
    ],
]);

it('names each part, where it is, and its color', function (): void {
    $item = lit(['ask' => 'function-and-place'])->item('cab.light_check@left-turn.rear');

    expect($item?->fullName())->toBe('Left turn signals, trailer rear')
        ->and($item?->say['works'])->toBe('shown working, red or amber at the trailer rear')
        ->and(lit(['ask' => 'function'])->item('cab.light_check@tail')?->say['works'])
        ->toBe('shown working, amber or white at the front, red at the trailer rear');
});

it('never asks a place that the vehicle has not, and each function at one place at least', function (
    string $vehicle,
): void {
    $has = LightPlace::of(lit(null, $vehicle)->vehicle->features);
    foreach (LightFunction::cases() as $function) {
        $all = $function->places(LightPlace::cases());
        expect(array_diff(array_column($function->places($has), 'value'), array_column($has, 'value')))
            ->toBe([])
            ->and($all)->not->toBe([]);
    }
    expect($has)->toContain(LightPlace::Front)
        ->and(in_array(LightPlace::TrailerRear, $has, true))->toBe(in_array(LightPlace::TrailerSide, $has, true))
        ->and(array_intersect(
            array_column($has, 'value'), [LightPlace::TrailerRear->value, LightPlace::TruckRear->value],
        ))->not->toBe([]);
})->with(shippedVehicles(...));

/** @return list<string> */
function shippedVehicles(): array
{
    return array_map(
        static fn (string $file): string => basename($file, '.json'),
        (array) glob(dirname(__DIR__, 3).'/vehicles/*.json'),
    );
}

it('is never worth more than the check, whatever is called of it', function (array $rule, string $vehicle): void {
    $whole = Credit::possible(partsOf(lit(null, $vehicle))[0]);
    $inspection = lit($rule, $vehicle);
    $parts = partsOf($inspection);
    $possible = array_sum(array_map(Credit::possible(...), $parts));
    $earned = 0;
    foreach ($parts as $n => $part) {
        $sheet = ScoreSheet::ofInspection($inspection, MarkList::of(...array_map(
            static fn (Item $one, int $k): Mark => Mark::heardWhole(Sample::id($k + 1), $k, $one->id),
            array_slice($parts, 0, $n + 1), range(0, $n),
        )));
        $now = array_sum(array_map(static fn (Item $one): int => $sheet->outcomes[$one->id]->earned, $parts));
        expect($now)->toBeGreaterThan($earned);
        $earned = $now;
    }

    expect($earned)->toBe($possible)->toBeLessThanOrEqual($whole)
        // Less a rounded unit for each part at most.
        ->and($possible)->toBeGreaterThan($whole - count($parts) - 1);
})->with([
    [['ask' => 'function'], 'dock-tractor-chassis'], [['ask' => 'function'], 'stake-truck'],
    [['ask' => 'function-and-place'], 'dock-tractor-chassis'],
    [['ask' => 'function-and-place', 'order' => 'route'], 'stake-truck'],
]);

it('is one question where misses are counted', function (): void {
    $inspection = lit(['ask' => 'function-and-place']);
    $one = lit(null);
    $all = static fn (Inspection $of, string ...$but): ScoreSheet => ScoreSheet::ofInspection($of, MarkList::of(
        ...array_map(
            static fn (Item $item, int $n): Mark => Mark::heardWhole(Sample::id($n + 1), $n, $item->id),
            $said = array_values(array_filter(
                $of->items, static fn (Item $item): bool => ! in_array($item->id, $but, true),
            )), array_keys($said),
        ),
    ));

    expect($all($inspection)->overall->asked)->toBe($all($one)->overall->asked)
        ->and($all($inspection)->overall->misses())->toBe(0)
        ->and($all($inspection, 'cab.light_check@brake.rear', 'cab.light_check@plate.rear')->overall->misses())
        ->toBe(1);
});

it('tells by the order rule what was called out of its turn', function (array $rule, array $called, array $out): void {
    $inspection = lit($rule, rules: ['order' => ['sections' => 'fixed', 'items' => 'fixed']]);
    $sheet = ScoreSheet::ofInspection($inspection, MarkList::of(...array_map(
        static fn (string $key, int $n): Mark => Mark::heardWhole(Sample::id($n + 1), $n, "cab.light_check@$key"),
        $called, array_keys($called),
    )));

    expect(array_keys($sheet->order->outOfPlace))
        ->toBe(array_map(static fn (string $key): string => "cab.light_check@$key", $out));
})->with([
    'in turn' => [['ask' => 'function'], ['low-beam', 'left-turn', 'brake'], []],
    'brakes called first' => [['ask' => 'function'], ['brake', 'low-beam', 'left-turn'], ['brake']],
    'by function, and called so' => [
        ['ask' => 'function-and-place'], ['left-turn.front', 'left-turn.rear', 'right-turn.front'], [],
    ],
    'by route, and called by function' => [
        ['ask' => 'function-and-place', 'order' => 'route'],
        ['left-turn.front', 'left-turn.rear', 'right-turn.front', 'four-way.front'], ['left-turn.rear'],
    ],
]);

it('takes a dark lamp for a defect like any other, until it is seen working', function (
    array $marks, ItemStatus $status, ?string $defect, bool $isNoticed,
): void {
    $inspection = lit(['ask' => 'function-and-place'], rules: ['defects' => ['recited_over' => 'nothing']]);
    $outcome = ScoreSheet::ofInspection($inspection, MarkList::of(...$marks))->outcomes[DARK];

    expect([$outcome->status, $outcome->defect, $outcome->defectNoticed])->toBe([$status, $defect, $isNoticed]);
})->with(static function (): array {
    $dark = Mark::lampDark(Sample::id(1), 1, DARK);
    $called = Mark::heardWhole(Sample::id(2), 2, DARK);

    return [
        'called, and dark' => [[$dark, $called], ItemStatus::OverDefect, 'dark', false],
        'noticed by the student' => [
            [$dark, $called, Mark::defectNoticed(Sample::id(3), 3, DARK, 'left one is out')], ItemStatus::Whole, 'dark',
            true,
        ],
        'lit after all' => [
            [$dark, $called, Mark::lampLit(Sample::id(3), 3, DARK)], ItemStatus::Whole, null, false,
        ],
        'not called' => [[$dark], ItemStatus::NotReached, 'dark', false],
        'planted, and seen lit: what was planted stays' => [
            [Mark::defectPlanted(Sample::id(1), 1, DARK, 'bulb loose'), Mark::lampLit(Sample::id(2), 2, DARK)],
            ItemStatus::NotReached, 'bulb loose', false,
        ],
    ];
});

const DARK = 'cab.light_check@brake.rear';

it('says which place of a function is dark where all places are one item', function (): void {
    $sheet = ScoreSheet::ofInspection(lit(['ask' => 'function']), MarkList::of(
        Mark::lampDark(Sample::id(1), 1, 'cab.light_check@tail', 'front rear'),
    ));

    expect($sheet->outcomes['cab.light_check@tail']->defect)->toBe('dark front, trailer rear')
        ->and($sheet->walk->dark)->toBe(['cab.light_check@tail' => [LightPlace::Front, LightPlace::TrailerRear]]);
});

it('refuses a rule that means nothing, with its place', function (array $rule, string $path): void {
    $document = json_decode(Sample::shipped('checklists', 'whole-walk-round'), true);
    $document['rules']['lights'] = $rule;
    $read = static fn (): mixed => (new ChecklistReader)->read((string) json_encode($document));

    expect($read)->toThrow(DocumentHasFaults::class, $path);
})->with([
    'no way to ask' => [['ask' => 'twice'], 'rules.lights.ask'],
    'an order that is none' => [['ask' => 'function-and-place', 'order' => 'backward'], 'rules.lights.order'],
    'something else' => [['ask' => 'one', 'helper' => true], 'rules.lights'],
]);
