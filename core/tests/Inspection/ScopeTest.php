<?php

declare(strict_types=1);

use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\Item;
use Pasada\Core\Inspection\Place;
use Pasada\Core\Inspection\Scope;
use Pasada\Core\Tests\Sample;

/** The shipped walk of a tractor with a container chassis. */
function dockWalk(): Inspection
{
    return Sample::inspectionOf(
        json_decode(Sample::shipped('checklists', 'whole-walk-round'), true),
        json_decode(Sample::shipped('vehicles', 'dock-tractor-chassis'), true),
    );
}

it('is the part of an inspection that it names, in walking order, and all of that part', function (
    string $written, string $label, callable $isIn,
): void {
    $whole = dockWalk();
    $scope = Scope::of($written);
    $part = $scope->in($whole);
    $expected = array_keys(array_filter($whole->items, $isIn));

    expect($expected)->not->toBe([])
        ->and(array_keys($part?->items ?? []))->toBe($expected)
        ->and(array_merge(...array_map(
            static fn (Place $place): array => array_column($place->items, 'id'), $part->places ?? [],
        )))->toBe($expected)
        ->and(array_keys($part->sections ?? []))->toBe(array_values(array_unique(array_column(
            $part->places ?? [], 'section',
        ))))
        ->and($scope->label($whole))->toBe($label)
        ->and($scope->written())->toBe($written);
})->with([
    'all of it' => ['whole', 'The whole vehicle', static fn (Item $item): bool => true],
    'a place' => ['place:seat', 'Seat and start', static fn (Item $item): bool => $item->place === 'seat'],
    'an axle' => [
        'axle:steer', 'Steer axle', static fn (Item $item): bool => $item->position->axle === 'steer',
    ],
    'an item' => [
        'item:cab.seat_belt', 'Seat belt', static fn (Item $item): bool => $item->id === 'cab.seat_belt',
    ],
    'a section' => [
        'section:in-cab', 'In the cab',
        static fn (Item $item): bool => in_array($item->place, ['seat', 'lights', 'dash', 'cab-equipment'], true),
    ],
]);

it('is nothing where the inspection has nothing of it', function (string $written): void {
    $whole = dockWalk();
    expect(Scope::of($written)->in($whole))->toBeNull()->and(Scope::of($written)->label($whole))->toBe('');
})->with(['', 'whole:x', 'place:', 'place:moon', 'axle:', 'axle:drive-9', 'section:moon', 'item:', 'engine', 'Whole']);

it('offers all of it, each section, place and axle once, each with something to say', function (): void {
    $whole = dockWalk();
    $counts = [];
    $items = [];
    foreach (Scope::choicesOf($whole) as $one) {
        $part = $one->in($whole);
        expect($part)->not->toBeNull()->and($one->label($whole))->not->toBe('');
        $counts[$one->kind] = ($counts[$one->kind] ?? 0) + 1;
        $items[$one->kind] = ($items[$one->kind] ?? 0) + count($part->items ?? []);
    }

    $atAxles = array_filter($whole->items, static fn (Item $item): bool => $item->position->axle !== null);
    expect($counts)->toBe([
        'whole' => 1, 'section' => count($whole->sections), 'place' => count($whole->places),
        'axle' => count(array_unique(array_map(
            static fn (Item $item): ?string => $item->position->axle, array_values($atAxles),
        ))),
    ])->and($items)->toBe([
        'whole' => count($whole->items), 'section' => count($whole->items), 'place' => count($whole->items),
        'axle' => count($atAxles),
    ]);
});
