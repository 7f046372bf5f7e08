<?php

declare(strict_types=1);

use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Listening\Sheet\SheetMatcher;
use Pasada\Core\Listening\Sheet\Suggestion;
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

/** @return array<string, list<string>> what is proposed of one component, by item: points and figures */
function proposedOf(string $component, string $checklist, string ...$said): array
{
    $of = [];
    foreach (proposed($checklist, 'dock-tractor-chassis', ...$said) as $key => $one) {
        if (str_starts_with($key, $component)) {
            $of[$key] = explode(', ', $one->said);
            sort($of[$key]);
        }
    }

    return $of;
}

it('proposes what was said twice at a tandem for its two axles, in the order said', function (string ...$said): void {
    $of = proposedOf('brake.drum', 'every-axle-every-point', ...$said);

    expect(array_keys($of))->toBe(['brake.drum@drive-1', 'brake.drum@drive-2'])
        ->and($of['brake.drum@drive-1'])->toContain('intact')
        ->and($of['brake.drum@drive-2'])->toContain('intact');
})->with([
    'gone through again' => [
        'drive axles now', 'brake drum no cracks', 'brake hose not cut no leaks', 'drum no cracks', 'hose not leaking',
    ],
    'told by number' => [
        'on the first drive axle the drum has no cracks and on the second drive axle the drum has no cracks',
    ],
    'told by where they stand' => [
        'Forward drive axle.', 'Brake drum, no cracks.', 'Rear drive axle.', 'Brake drum, no cracks.',
    ],
    'the other one' => ['drive axle brake drum no cracks', 'other drive axle brake drum no cracks'],
]);

it('leaves what is said once, or said again at once, with the first axle', function (string ...$said): void {
    expect(array_keys(proposedOf('brake.drum', 'every-axle-every-point', ...$said)))->toBe(['brake.drum@drive-1']);
})->with([
    'once' => ['drive axles', 'brake drum no cracks', 'brake hose not leaking'],
    'again at once' => ['drive axles', 'brake drum no cracks', 'I say the drum has no cracks'],
    'more of it later' => ['drive axles', 'brake drum no cracks', 'hose not leaking', 'drum no oil or grease on it'],
]);

it('goes straight to the axle that is told', function (): void {
    expect(
        array_keys(
            proposedOf('brake.drum', 'every-axle-every-point', 'on the rear drive axle', 'brake drum no cracks'),
        ),
    )->toBe(['brake.drum@drive-2']);
});

it('keeps the figures of two axles apart', function (): void {
    $of = proposedOf(
        'wheel.tyre', 'every-axle-every-point', 'forward drive axle', 'tires four thirty seconds',
        'rear drive axle', 'tires six thirty seconds',
    );

    expect($of['wheel.tyre@drive-1'])->toContain('4/32 in')->and($of['wheel.tyre@drive-2'])->toContain('6/32 in');
});

it('tells sides by their words, and in the order said without', function (array $items, string ...$said): void {
    expect(array_keys(proposedOf('side.steps', 'every-axle-every-point', ...$said)))->toBe($items);
})->with([
    'the right one alone' => [['side.steps@right'], 'on the passenger side', 'cab steps secure'],
    'one and the other' => [
        ['side.steps@left', 'side.steps@right'],
        'driver side cab steps secure', 'door opens and closes', 'other side', 'cab steps secure',
    ],
    'without a word of it' => [
        ['side.steps@left', 'side.steps@right'],
        'cab steps secure', 'fuel tank not leaking', 'cab steps secure',
    ],
    'by the word before the name' => [
        ['side.steps@left', 'side.steps@right'],
        'left cab steps secure', 'right cab steps secure',
    ],
]);

it('takes "the second the same" for the partner of a tandem, with its exceptions', function (string ...$said): void {
    $all = proposed(
        'cab-brakes-and-drawn-form', 'dock-tractor-chassis', 'drive axles', 'brake drum no cracks', ...$said,
    );
    $marks = [];
    foreach ($all as $key => $one) {
        if (str_starts_with($key, 'reference')) {
            $marks[$one->marks[0]['place']] = $one->marks[0];
        }
    }

    expect(array_keys($marks))->toBe(['drive-suspension-2', 'drive-brakes-2', 'drive-wheel-2'])
        ->and(array_unique(array_column($marks, 'from')))->toBe(['drive-1'])
        ->and($marks['drive-brakes-2']['except'])->toBe(['brake.hose@drive-2']);
})->with([
    ['second drive axle same thing except the brake hose'],
    ['The other drive axle is the same as the first drive axle, but the hose is new.'],
    ['it is the same on the second axle except my hoses'],
]);

it('shows a part that was only named in passing as a maybe, and not as heard', function (string $said): void {
    $account = Ear::hears($said);
    $of = proposed('whole-walk-round', 'dock-tractor-chassis', $said);

    expect(array_column($account->heard, 'component'))->not->toContain('engine.turbo')
        ->and(array_column($account->maybe, 'component'))->toBe(['engine.turbo'])
        ->and($of['engine.turbo']->isMaybe)->toBeTrue()
        ->and($of['engine.turbo']->marks[0]['points'])->toBe([]);
})->with(['radiator is mounted and not leaking turbo', 'radiator is not leaking and there the turbo charger']);

it('drops the maybe where more is said of the part elsewhere', function (): void {
    $of = proposed(
        'whole-walk-round', 'dock-tractor-chassis',
        'radiator is not leaking and there the turbo charger', 'the turbo charger is mounted and not leaking',
    )['engine.turbo'];

    expect($of->isMaybe)->toBeFalse()->and($of->marks[0]['kind'])->toBe('heard_whole');
});
