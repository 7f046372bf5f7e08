<?php

declare(strict_types=1);

use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Progress\Agreement;
use Pasada\Core\Scoring\ScoreSheet;
use Pasada\Core\Tests\Sample;

/** A finished sheet of a walk to the end, in which these items, by number from 0, were heard whole. */
function heardOnly(int ...$items): ScoreSheet
{
    return heardAt(
        array_map(static fn ($place): string => $place->id, array_values(Sample::inspection()->places)),
        ...$items,
    );
}

/** @param  list<string>  $places  that the student came to */
function heardAt(array $places, int ...$items): ScoreSheet
{
    $all = Sample::all();
    $entered = array_map(
        static fn (string $place, int $n): Mark => Sample::enter(50 + $n, $place),
        $places,
        array_keys($places),
    );

    return Sample::sheet(
        ['half_for_part' => true],
        ...[...array_map(static fn (int $n): Mark => $all[$n], $items), ...$entered, Sample::finish(90)],
    );
}

it('measures agreement, and how much of it is more than chance', function (
    ScoreSheet $one, ScoreSheet $other, int $agreed, ?int $kappa,
): void {
    $agreement = Agreement::between($one, $other);

    expect($agreement->items)
        ->toBe(8)
        ->and($agreement->agreed)
        ->toBe($agreed)
        ->and($agreement->kappaPermille)
        ->toBe($kappa)
        ->and($agreement->agreedPermille())
        ->toBe(intdiv(1000 * $agreed, 8))
        ->and($agreement->differing)
        ->toHaveCount(8 - $agreed);
})->with([
    'the same of both kinds' => [heardOnly(0, 1, 2, 3), heardOnly(0, 1, 2, 3), 8, 1000],
    // 6 of 8 agreed; chance would give (4 x 4 + 4 x 4) / 64: kappa (48 - 32) / (64 - 32).
    'two differ' => [heardOnly(0, 1, 2, 3), heardOnly(1, 2, 3, 4), 6, 500],
    // 4 of 8 agreed, which is what chance gives.
    'no more than chance' => [heardOnly(0, 1, 2, 3), heardOnly(0, 1, 4, 5), 4, 0],
    'worse than chance' => [heardOnly(0, 1, 2, 3), heardOnly(4, 5, 6, 7), 0, -1000],
    'all and nothing' => [heardOnly(0, 1, 2, 3, 4, 5, 6, 7), heardOnly(), 0, 0],
    'both all in one class, where chance agrees as well' => [heardOnly(), heardOnly(), 8, null],
]);

it('says how much that is', function (ScoreSheet $one, ScoreSheet $other, string $said): void {
    expect(Agreement::between($one, $other)->said())->toBe($said);
})->with([
    'all' => [heardOnly(0, 1, 2, 3), heardOnly(0, 1, 2, 3), 'almost perfect (kappa 1.00)'],
    'seven of eight' => [heardOnly(0, 1, 2, 3), heardOnly(0, 1, 2, 3, 4), 'substantial (kappa 0.75)'],
    'six of eight' => [heardOnly(0, 1, 2, 3), heardOnly(1, 2, 3, 4), 'moderate (kappa 0.50)'],
    'five of eight' => [heardOnly(0, 1, 2, 3), heardOnly(1, 2, 3, 4, 5), 'fair (kappa 0.25)'],
    'half' => [heardOnly(0, 1, 2, 3), heardOnly(0, 1, 4, 5), 'slight (kappa 0.00)'],
    'none' => [heardOnly(0, 1, 2, 3), heardOnly(4, 5, 6, 7), 'less than chance (kappa -1.00)'],
    'one class only' => [heardOnly(), heardOnly(), 'chance alone would agree as well, so there is no more to say'],
]);

it('names the items judged differently in walking order', function (): void {
    expect(Agreement::between(heardOnly(4, 1), heardOnly(0, 1))->differing)->toBe([
        'cab.seat_belt',
        'engine.alternator',
    ]);
});

it('tells some of the worth from none and from all', function (): void {
    $part = Sample::sheet(
        ['half_for_part' => true],
        Sample::points(1, 'cab.seat_belt', Point::Works),
        Sample::finish(9),
    );

    expect(Agreement::between($part, heardOnly(0))->differing)
        ->toBe(['cab.seat_belt'])
        ->and(Agreement::between($part, heardOnly())->differing)
        ->toBe(['cab.seat_belt']);
});

it('leaves out what the student reached on neither sheet', function (): void {
    $all = array_keys(Sample::inspection()->items);
    $one = Agreement::between(heardAt([], 0), heardAt([], 0, 1));
    $both = Agreement::between(heardAt([]), heardAt([]));

    expect([$one->items, $one->agreed, $one->differing])
        ->toBe([2, 1, [$all[1]]])
        ->and([$both->items, $both->agreedPermille(), $both->kappaPermille])
        ->toBe([0, 0, null]);
});

it('leaves out what only one of them asks', function (): void {
    $without = Sample::sheetOf(
        Sample::checklistDocument(),
        [...Sample::vehicleDocument(), 'equipment' => []],
        Sample::finish(9),
    );

    expect(Agreement::between(heardOnly(1), $without)->items)->toBe(7);
});
