<?php

declare(strict_types=1);

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Coaching\Debrief;
use Pasada\Core\Tests\Sample;

it('says first what would bring most, and the same lack of several axles as one thing', function (): void {
    $sheet = Sample::sheet([], Sample::finish(1));
    $first = Debrief::first($sheet, 100);
    $lost = array_map(static fn (Debrief $one): int => $one->lost, $first);
    $sorted = $lost;
    rsort($sorted);
    $items = array_merge(...array_map(static fn (Debrief $one): array => $one->items, $first));

    expect($lost)->toBe($sorted)
        ->and(array_sum($lost))
        ->toBe($sheet->overall->possible)
        ->and(count($items))
        ->toBeGreaterThan(count($first))
        ->and(array_unique(array_map(static fn ($item): string => $item->id, $items)))
        ->toHaveCount(count($items));
});

it('puts a defect recited as sound before all credit', function (): void {
    $item = array_key_last(Sample::inspection()->items);
    $marks = [
        Pasada\Core\Attempt\Marks\Mark::defectPlanted(Sample::id(1), 1000, $item, 'cracked'),
        Sample::whole(2, $item), Sample::finish(90),
    ];
    $first = Debrief::first(Sample::sheet([], ...$marks), 1)[0];

    expect([$first->isDefect(), $first->outcome->item->id])->toBe([true, $item]);
});

it('says nothing of what was earned, and no more than is wanted', function (): void {
    $all = Sample::sheet([], ...[...Sample::all(), Sample::finish(90)]);
    $half = Sample::sheet([], Sample::points(1, 'engine.oil_level', Point::Identified), Sample::finish(9));

    expect(Debrief::first($all, 5))->toBe([])->and(Debrief::first($half, 2))->toHaveCount(2);
});

it('names the part with all its axles', function (): void {
    $names = array_map(
        static fn (Debrief $one): string => $one->name(),
        Debrief::first(Sample::sheet([], Sample::finish(1)), 100),
    );

    expect(array_filter($names, static fn (string $name): bool => str_contains($name, ', ')))->not->toBe([]);
});
