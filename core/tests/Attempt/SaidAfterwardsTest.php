<?php

declare(strict_types=1);

use Pasada\Core\Attempt\Marks\AmendmentReader;
use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Attempt\Marks\MarkKind;
use Pasada\Core\Attempt\Marks\MarkList;
use Pasada\Core\Attempt\Marks\MarkReader;
use Pasada\Core\Attempt\Marks\MarkWriter;
use Pasada\Core\Attempt\Marks\SaidWhen;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Scoring\ScoreSheet;
use Pasada\Core\Tests\Sample;

/** A walk whose places close when they are left, finished, with marks made afterwards. */
function closedWith(Mark ...$afterwards): ScoreSheet
{
    $walk = [
        Sample::enter(0, 'cab'), Sample::whole(1, 'cab.seat_belt'), Sample::close(2, 'cab'), Sample::enter(3, 'engine'),
        Sample::close(4, 'engine'), Sample::finish(9),
    ];
    $list = MarkList::of(...$walk);

    return Sample::sheet(
        ['returns' => 'place'],
        ...[
            ...$walk,
            ...array_map(
                static fn (Mark $mark, int $n): Mark => $mark->afterwards($list->lastAtMs() + 1 + $n),
                $afterwards,
                array_keys($afterwards),
            ),
        ],
    );
}

function said(Mark $mark, SaidWhen $when): Mark
{
    return $mark->saidWhen($when);
}

it('counts what was told afterwards as said in time, unless it was late', function (Mark $mark, string $status): void {
    expect(closedWith($mark)->outcomes['engine.oil_level']->status->value)->toBe($status);
})->with([
    'complete' => [Sample::whole(20, 'engine.oil_level'), 'whole'],
    'in time' => [said(Sample::whole(20, 'engine.oil_level'), SaidWhen::InTime), 'whole'],
    'late' => [said(Sample::whole(20, 'engine.oil_level'), SaidWhen::Late), 'late'],
    'an essential point' => [Sample::points(20, 'engine.oil_level', Point::Level), 'whole'],
    'said wrong' => [Sample::wrong(20, 'engine.oil_level', Point::Level), 'wrong'],
]);

it('leaves order, time and visits of the walk as they were', function (): void {
    $before = closedWith();
    $after = closedWith(Sample::whole(20, 'cab.horn_air'), Sample::whole(21, 'engine.oil_level'));

    expect($after->order)
        ->toEqual($before->order)
        ->and($after->walk->durationMs)
        ->toBe($before->walk->durationMs)
        ->and($after->walk->visits)
        ->toEqual($before->walk->visits)
        ->and($after->overall->whole)
        ->toBe($before->overall->whole + 2);
});

it('has a turn in the order once it is taken back and said in the walk', function (): void {
    $marks = [
        said(Sample::whole(1, 'cab.seat_belt'), SaidWhen::InTime),
        Sample::takenBack(2, 'cab.seat_belt', Point::Identified),
        Sample::whole(3, 'cab.seat_belt'),
    ];
    expect(Sample::sheet([], ...$marks)->order->named)
        ->toBe(1)
        ->and(Sample::sheet([], $marks[0])->order->named)
        ->toBe(0);
});

it('is written and read', function (): void {
    $mark = said(Sample::whole(1, 'cab.seat_belt'), SaidWhen::Late);
    expect(
        (new MarkReader(Sample::inspection()))->read(
            ['marks' => [MarkWriter::write($mark)]],
            null,
            static fn (): bool => false,
        ),
    )->toEqual([$mark]);
});

it('amends what was said and seen, and not the course of the walk', function (MarkKind $kind): void {
    $fields = array_intersect_key(
        [
            'item' => 'engine.alternator',
            'points' => ['mounted'],
            'text' => 'x',
            'place' => 'cab',
            'from' => 'steer',
            'except' => [],
            'section' => 'cab',
            'value' => 1,
            'undoes' => Sample::id(1),
        ],
        array_flip($kind->fields()),
    );
    if ($kind === MarkKind::FigureHeard) {
        $fields['points'] = ['belt_play'];
    }
    $read = static fn (): array => (new AmendmentReader(Sample::inspection()))->read(
        ['marks' => [['id' => Sample::id(50), 'at_ms' => 0, 'kind' => $kind->value, ...$fields]]],
        MarkList::of(Sample::whole(1, 'cab.seat_belt')),
    );

    $kind->amends() ? expect($read())->toHaveCount(1) : expect($read)->toThrow(DocumentHasFaults::class);
})->with(
    array_combine(
        array_column(MarkKind::cases(), 'value'),
        array_map(static fn (MarkKind $kind): array => [$kind], MarkKind::cases()),
    ),
);

it('does not undo the finish, nor a place', function (Mark $done, string $told): void {
    (new AmendmentReader(Sample::inspection()))->read(
        ['marks' => [MarkWriter::write(Mark::undo(Sample::id(50), 0, $done->id))]],
        MarkList::of($done),
    );
})
    ->with(['the finish' => [Sample::finish(9), 'finished'], 'a place' => [Sample::enter(1, 'cab'), 'place_entered']])
    ->throws(DocumentHasFaults::class, 'cannot be undone in a closed record');
