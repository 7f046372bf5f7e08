<?php

declare(strict_types=1);

use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Listening\SheetMatcher;
use Pasada\Core\Listening\Suggestion;
use Pasada\Core\Tests\Listening\Ear;
use Pasada\Core\Vehicle\VehicleReader;

/** @return array<string, Suggestion> what is proposed for a shipped checklist and vehicle, by key */
function proposed(string $checklist, string $vehicle, string ...$said): array
{
    $root = dirname(__DIR__, 3);
    $read = (new ChecklistReader())->read((string) file_get_contents("$root/checklists/$checklist.json"));
    $inspection = Inspection::of(
        $read,
        (new VehicleReader())->read((string) file_get_contents("$root/vehicles/$vehicle.json")),
    );
    $suggestions = [];
    foreach ((new SheetMatcher($inspection, $read))->suggestions(Ear::hears(...$said)) as $one) {
        $suggestions[$one->key] = $one;
    }

    return $suggestions;
}

it('proposes the points that the item has, with their time and words', function (): void {
    $one = proposed(
        'whole-walk-round',
        'dock-tractor-chassis',
        'so here we go',
        'my radiator is mounted no leaks nobody drilled it',
    )['engine.radiator'];

    expect($one->marks)->toBe([
        [
            'kind' => 'points_heard',
            'item' => 'engine.radiator',
            'points' => ['mounted', 'sealed'],
            'at_ms' => 10000,
            'evidence' => 'radiator is mounted no leaks',
        ],
    ]);
});

it('proposes the whole item where all of it was said', function (): void {
    expect(
        proposed('whole-walk-round', 'dock-tractor-chassis', 'turbo charger is mounted and not leaking')['engine.turbo']
            ->marks[0]['kind'],
    )->toBe('heard_whole');
});

it('proposes a figure as it was said, so that the checklist judges it', function (
    string $said, string $item, string $point, float $value,
): void {
    $marks = proposed('whole-walk-round', 'dock-tractor-chassis', $said)[$item]->marks;
    $figure = array_values(array_filter($marks, static fn (array $mark): bool => $mark['kind'] === 'figure_heard'))[0];

    expect($figure['points'])->toBe([$point])->and($figure['value'])->toBe($value);
})->with([
    ['steer axle tire two thirty seconds even wear', 'wheel.tyre@steer', 'depth', 2.0],
    ['brake lining at least a quarter inch', 'brake.lining@steer', 'thickness', 0.25],
    ['governor cuts out between 120 and 140 psi', 'test.governor', 'reading', 140.0],
    ['governor cuts out between 90 and 120 psi', 'test.governor', 'reading', 90.0],
]);

it('does not earn a point twice: what has a figure is judged by it', function (): void {
    $marks = proposed('whole-walk-round', 'dock-tractor-chassis', 'steer axle tire four thirty seconds even wear')[
        'wheel.tyre@steer'
    ]->marks;

    expect($marks[0]['points'])->toBe(['even'])->and($marks[1]['points'])->toBe(['depth']);
});

it('proposes what was waved and what was found defective', function (): void {
    expect(
        proposed(
            'every-axle-every-point',
            'dock-tractor-chassis',
            'steering box tight I do not have leaf springs on this',
        )['susp.leaf_springs@steer']->marks[0]['kind'] ?? null,
    )
        ->toBe('not_fitted')
        ->and(
            proposed(
                'whole-walk-round',
                'dock-tractor-chassis',
                'Alternator tight. Hey look, the alternator is cracked.',
            )['engine.alternator']->marks[1],
        )
        ->toMatchArray(['kind' => 'defect_noticed', 'text' => 'cracked']);
});

it('brings parts of a grouped item together', function (): void {
    $suggestions = proposed(
        'short-list-grouped',
        'dock-tractor-chassis',
        'clearance lights amber not cracked headlights white not broken',
    );

    expect(count($suggestions))->toBe(1)->and(count(array_values($suggestions)[0]->evidence))->toBe(2);
});

it('proposes nothing for what the checklist does not ask', function (): void {
    expect(proposed('whole-walk-round', 'dock-tractor-chassis', 'front bumper not bent'))->toBe([]);
});
