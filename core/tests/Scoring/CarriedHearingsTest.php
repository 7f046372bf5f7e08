<?php

declare(strict_types=1);

use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Scoring\ItemStatus;
use Pasada\Core\Tests\Sample;

/**
 * The sample asked axle by axle, with brake hoses at the wheels, under a carry-over rule. @param  array<string, mixed>
 * $carryOver
 */
function carrying(array $carryOver, array $rules = []): array
{
    $document = Sample::ruled(['axles' => 'each', 'carry_over' => $carryOver, ...$rules]);
    $document['components'][] = [
        'id' => 'brake.hose',
        'name' => 'Brake hose',
        'essential' => ['sealed', 'rubber_ok'],
        'further' => ['mounted'],
    ];
    $document['sections'][1]['stops'][1]['asks'][] = 'brake.hose';
    $document['sections'][1]['stops'][2]['asks'][] = 'brake.hose';

    return $document;
}

$tandem = [Sample::whole(1, 'brake.hose@drive-1'), Sample::carry(2, 'drive-wheel-2', 'drive-1')];
$axle = [Sample::whole(1, 'brake.hose@steer'), Sample::carry(2, 'drive-wheel-1', 'steer')];
$side = [Sample::whole(1, 'side.mirror@left'), Sample::carry(2, 'cab', 'left')];

it('credits a reference within its scope only', function (
    array $scopes, array $marks, string $item, ItemStatus $status,
): void {
    expect(Sample::sheetOf(carrying(['scopes' => $scopes]), null, ...$marks)->outcomes[$item]->status)->toBe($status);
})->with([
    'never: the tandem partner' => [[], $tandem, 'brake.hose@drive-2', ItemStatus::NotReached],
    'never: another axle' => [[], $axle, 'brake.hose@drive-1', ItemStatus::NotReached],
    'never: the other side' => [[], $side, 'side.mirror@right', ItemStatus::NotReached],
    'tandem: the partner' => [['tandem'], $tandem, 'brake.hose@drive-2', ItemStatus::Carried],
    'tandem: another axle' => [['tandem'], $axle, 'brake.hose@drive-1', ItemStatus::NotReached],
    'axle: another axle' => [['axle'], $axle, 'brake.hose@drive-1', ItemStatus::Carried],
    'axle: the tandem partner' => [['axle'], $tandem, 'brake.hose@drive-2', ItemStatus::Carried],
    'side: the other side' => [['side'], $side, 'side.mirror@right', ItemStatus::Carried],
    'side: the same side names itself' => [
        ['side'],
        [Sample::whole(1, 'side.mirror@left'), Sample::carry(2, 'cab', 'left')],
        'side.mirror@left',
        ItemStatus::Whole,
    ],
    'all scopes at once' => [['tandem', 'axle', 'side'], $tandem, 'brake.hose@drive-2', ItemStatus::Carried],
]);

it('lets a group of axles refer only to those that the checklist names', function (
    array $from,
    ItemStatus $status,
): void {
    $sheet = Sample::sheetOf(
        carrying(['scopes' => ['axle'], 'from' => $from]),
        null,
        Sample::whole(1, 'brake.hose@steer'),
        Sample::carry(2, 'drive-wheel-1', 'steer'),
    );

    expect($sheet->outcomes['brake.hose@drive-1']->status)->toBe($status);
})->with([
    'drive from steer' => [['drive' => ['steer']], ItemStatus::Carried],
    'drive from nothing' => [['drive' => []], ItemStatus::NotReached],
    'only the trailer is bound' => [['trailer' => ['drive']], ItemStatus::Carried],
]);

it('says where an inherited item comes from', function () use ($axle): void {
    $outcome = Sample::sheetOf(carrying(['scopes' => ['axle']]), null, ...$axle)->outcomes['brake.hose@drive-1'];

    expect($outcome->hearing?->carriedFrom)->toBe('brake.hose@steer')->and($outcome->earned)->toBe($outcome->possible);
});

it('leaves out the stated exceptions', function (): void {
    $sheet = Sample::sheetOf(
        carrying(['scopes' => ['tandem']]),
        null,
        Sample::whole(1, 'brake.hose@drive-1'),
        Sample::whole(2, 'wheel.tyre@drive-1'),
        Sample::carry(3, 'drive-wheel-2', 'drive-1', ['brake.hose@drive-2']),
    );

    expect($sheet->outcomes['brake.hose@drive-2']->status)->toBe(ItemStatus::NotReached)
        ->and($sheet->outcomes['wheel.tyre@drive-2']->status)->toBe(ItemStatus::Carried);
});

it('misses at the target what was missed at the source', function (array $marks, ItemStatus $status): void {
    expect(
        Sample::sheetOf(
            carrying(['scopes' => ['tandem']]),
            null,
            ...[...$marks, Sample::carry(5, 'drive-wheel-2', 'drive-1'), Sample::finish(6)],
        )->outcomes['brake.hose@drive-2']->status,
    )->toBe($status);
})->with([
    'nothing said there' => [[], ItemStatus::Missed],
    'said in part there' => [[Sample::points(1, 'brake.hose@drive-1', Point::Sealed)], ItemStatus::Partial],
    'said wrong there' => [
        [Sample::whole(1, 'brake.hose@drive-1'), Sample::wrong(2, 'brake.hose@drive-1', Point::Sealed)],
        ItemStatus::Partial,
    ],
    'waved there' => [[Sample::wave(1, 'brake.hose@drive-1')], ItemStatus::Missed],
]);

it('adds what is said at the target itself, and lets a wrong statement there win', function (
    array $marks,
    ItemStatus $status,
): void {
    expect(
        Sample::sheetOf(
            carrying(['scopes' => ['tandem']]),
            null,
            Sample::points(1, 'brake.hose@drive-1', Point::Sealed),
            ...$marks,
        )->outcomes['brake.hose@drive-2']->status,
    )->toBe($status);
})->with([
    'the lacking point' => [
        [Sample::carry(2, 'drive-wheel-2', 'drive-1'), Sample::points(3, 'brake.hose@drive-2', Point::RubberOk)],
        ItemStatus::Carried,
    ],
    'all of it' => [
        [Sample::carry(2, 'drive-wheel-2', 'drive-1'), Sample::whole(3, 'brake.hose@drive-2')],
        ItemStatus::Whole,
    ],
    'the carried point said wrong' => [
        [Sample::carry(2, 'drive-wheel-2', 'drive-1'), Sample::wrong(3, 'brake.hose@drive-2', Point::Sealed)],
        ItemStatus::Wrong,
    ],
]);

it('does not carry a figure that differs at the target', function (): void {
    $sheet = Sample::sheetOf(
        carrying(['scopes' => ['axle', 'tandem']]),
        null,
        Sample::whole(1, 'wheel.tyre@steer'),
        Sample::enter(2, 'drive-wheel-1'),
        Sample::carry(3, 'drive-wheel-1', 'steer'),
        Sample::carry(4, 'drive-wheel-2', 'drive-1'),
    );

    // The tread of the steer axle is no statement about the drive axle: even and matched are carried, the depth is not.
    expect($sheet->outcomes['wheel.tyre@drive-1']->status)->toBe(ItemStatus::Partial)
        ->and($sheet->outcomes['wheel.tyre@drive-1']->missing()->points())->toBe([Point::Depth, Point::Matched])
        ->and($sheet->outcomes['wheel.tyre@drive-2']->status)->toBe(ItemStatus::Partial);
});

it('follows a chain of references to its end, and gives what the source has at the end of the walk', function (): void {
    $sheet = Sample::sheetOf(
        carrying(['scopes' => ['axle', 'tandem']]),
        null,
        Sample::enter(1, 'steer-wheel'),
        Sample::enter(2, 'drive-wheel-1'),
        Sample::carry(3, 'drive-wheel-2', 'drive-1'),
        Sample::carry(4, 'drive-wheel-1', 'steer'),
        Sample::whole(5, 'brake.hose@steer'),
    );

    expect($sheet->outcomes['brake.hose@drive-2']->status)->toBe(ItemStatus::Carried)
        ->and($sheet->outcomes['brake.hose@drive-2']->hearing?->carriedFrom)->toBe('brake.hose@drive-1');
});

it('gives nothing for a circle but what was said in words, and names it', function (): void {
    $circle = [
        Sample::enter(1, 'drive-wheel-1'), Sample::enter(2, 'drive-wheel-2'),
        Sample::carry(3, 'drive-wheel-2', 'drive-1'), Sample::carry(4, 'drive-wheel-1', 'drive-2'),
    ];
    $silent = Sample::sheetOf(carrying(['scopes' => ['tandem']]), null, ...$circle);
    $spoken = Sample::sheetOf(
        carrying(['scopes' => ['tandem']]),
        null,
        ...[...$circle, Sample::whole(5, 'brake.hose@drive-1')],
    );

    expect($silent->overall->earned)
        ->toBe(0)
        ->and($silent->remarks)
        ->toBe(['"Drive wheel 1" and what it was said to be like name each other; that gives nothing.'])
        ->and($spoken->outcomes['brake.hose@drive-2']->status)
        ->toBe(ItemStatus::Carried)
        ->and($spoken->outcomes['brake.hose@drive-1']->hearing?->carriedFrom)
        ->toBeNull();
});

it('credits only what names an axle that was walked before', function (
    array $marks,
    ItemStatus $status,
    int $remarks,
): void {
    $sheet = Sample::sheetOf(carrying(['scopes' => ['axle']]), null, ...$marks);

    expect($sheet->outcomes['brake.hose@drive-1']->status)->toBe($status)->and($sheet->remarks)->toHaveCount($remarks);
})->with([
    'said before' => [
        [Sample::whole(1, 'brake.hose@steer'), Sample::carry(2, 'drive-wheel-1', 'steer')],
        ItemStatus::Carried,
        0,
    ],
    'stood at before, said later' => [
        [
            Sample::enter(1, 'steer-wheel'),
            Sample::carry(2, 'drive-wheel-1', 'steer'),
            Sample::whole(3, 'brake.hose@steer'),
        ],
        ItemStatus::Carried,
        0,
    ],
    'neither' => [
        [Sample::carry(2, 'drive-wheel-1', 'steer'), Sample::whole(3, 'brake.hose@steer')],
        ItemStatus::NotReached,
        1,
    ],
]);

it('never lowers what an item has, whatever is referred to', function (array $rules): void {
    $words = [
        Sample::whole(1, 'brake.hose@drive-1'),
        Sample::wrong(2, 'brake.hose@drive-1', Point::Mounted),
        Sample::whole(3, 'brake.hose@drive-2'),
    ];
    $without = Sample::sheetOf(carrying(['scopes' => ['tandem']], $rules), null, ...$words)->outcomes[
        'brake.hose@drive-2'
    ];
    $with = Sample::sheetOf(
        carrying(['scopes' => ['tandem']], $rules),
        null,
        ...[...$words, Sample::carry(4, 'drive-wheel-2', 'drive-1')],
    )->outcomes['brake.hose@drive-2'];

    expect([$with->earned, $with->status, $with->wrong()->points(), $with->hearing?->carriedFrom])->toBe([
        $without->earned, ItemStatus::Whole, [], null,
    ]);
})->with(['the point' => [['wrong' => 'point']], 'the item' => [['wrong' => 'item']]]);

it('adds up several references, the earliest first', function (): void {
    $sheet = Sample::sheetOf(
        carrying(['scopes' => ['axle', 'tandem']]),
        null,
        Sample::points(1, 'brake.hose@steer', Point::Sealed),
        Sample::points(2, 'brake.hose@drive-1', Point::RubberOk),
        Sample::carry(3, 'drive-wheel-2', 'steer'),
        Sample::carry(4, 'drive-wheel-2', 'drive-1'),
        Sample::whole(5, 'wheel.tyre@steer'),
    );
    $outcome = $sheet->outcomes['brake.hose@drive-2'];

    expect([$outcome->status, $outcome->hearing?->carriedFrom, $outcome->hearing?->firstAtMs])->toBe([
        ItemStatus::Carried,
        'brake.hose@steer',
        3000,
    ]);
});

it('does not carry the figure of a vehicle to an axle that has another', function (
    ?float $drive,
    ItemStatus $status,
): void {
    $document = carrying(['scopes' => ['axle']]);
    $document['figures'][] = [
        'id' => 'hose-length',
        'point' => 'sealed',
        'low' => 10,
        'accepted_low' => 1,
        'accepted_high' => 50,
        'unit' => 'in',
        'source' => 'school',
    ];
    $vehicle = [
        ...Sample::vehicleDocument(),
        'figures' => $drive === null
                ? []
                : [['component' => 'brake.hose', 'point' => 'sealed', 'axles' => 'drive', 'low' => $drive]],
    ];
    $sheet = Sample::sheetOf(
        $document, $vehicle, Sample::whole(1, 'brake.hose@steer'), Sample::carry(2, 'drive-wheel-1', 'steer'),
    );

    expect($sheet->outcomes['brake.hose@drive-1']->status)->toBe($status);
})->with([
    'the same at both' => [null, ItemStatus::Carried],
    'its own at the drive axles' => [20.0, ItemStatus::Partial],
    'its own, which is the usual one, but accepts less' => [10.0, ItemStatus::Partial],
]);

it('completes a two-sided item by a reference to its other side', function (
    array $scopes,
    string $from,
    ItemStatus $status,
): void {
    $document = carrying(['scopes' => $scopes], ['sides' => 'both']);
    $document['components'][6]['repeat'] = 'two-sided';
    $left = Mark::heardWhole(Sample::id(1), 1000, 'brake.hose@steer', Pasada\Core\Inspection\Side::Left);

    expect(
        Sample::sheetOf($document, null, $left, Sample::carry(2, 'steer-wheel', $from))->outcomes['brake.hose@steer']
            ->status,
    )->toBe($status);
})->with([
    'as on the left' => [['side'], 'left', ItemStatus::Carried],
    'as on the right, of which nothing was said' => [['side'], 'right', ItemStatus::Partial],
    'not by this checklist' => [['axle'], 'left', ItemStatus::Partial],
]);

it('is late where the place was shut before the reference', function (): void {
    $sheet = Sample::sheetOf(
        carrying(['scopes' => ['tandem']], ['returns' => 'place']),
        null,
        Sample::enter(1, 'drive-wheel-1'),
        Sample::whole(2, 'brake.hose@drive-1'),
        Sample::enter(3, 'drive-wheel-2'),
        Sample::enter(4, 'cab'),
        Sample::carry(5, 'drive-wheel-2', 'drive-1'),
    );

    expect($sheet->outcomes['brake.hose@drive-2']->status)
        ->toBe(ItemStatus::Late)
        ->and($sheet->outcomes['brake.hose@drive-2']->earned)
        ->toBe(0);
});

it('leaves items said by reference out of the order', function () use ($tandem): void {
    expect(Sample::sheetOf(carrying(['scopes' => ['tandem']]), null, ...$tandem)->order->named)->toBe(1);
});

it('takes a reference back by an undo', function () use ($tandem): void {
    expect(
        Sample::sheetOf(
            carrying(['scopes' => ['tandem']]),
            null,
            ...[...$tandem, Mark::undo(Sample::id(3), 3000, Sample::id(2))],
        )->outcomes['brake.hose@drive-2']->status,
    )->toBe(ItemStatus::NotReached);
});

describe('what is carried', function (): void {
    it('joins what was said at the target with what its source has', function (): void {
        $sheet = Sample::sheetOf(
            carrying(['scopes' => ['tandem']]),
            null,
            Sample::points(2, 'brake.hose@drive-1', Point::Sealed),
            Sample::points(4, 'brake.hose@drive-2', Point::Mounted),
            Sample::carry(7, 'drive-wheel-2', 'drive-1'),
        );
        $hearing = $sheet->outcomes['brake.hose@drive-2']->hearing;

        expect($hearing?->inTime->points())
            ->toBe([Point::Mounted, Point::Sealed, Point::Identified])
            ->and($hearing?->firstAtMs)
            ->toBe(4000)
            ->and($hearing?->lastAtMs)
            ->toBe(7000)
            ->and($hearing?->turn)
            ->toBe(1);
    });

    it('is first heard with the reference where nothing was said at the target', function (): void {
        $hearing = Sample::sheetOf(
            carrying(['scopes' => ['tandem']]),
            null,
            Sample::whole(1, 'brake.hose@drive-1'),
            Sample::carry(2, 'drive-wheel-2', 'drive-1'),
        )->outcomes['brake.hose@drive-2']->hearing;

        expect($hearing?->firstAtMs)
            ->toBe(2000)
            ->and($hearing?->lastAtMs)
            ->toBe(2000)
            ->and($hearing?->late->isEmpty())
            ->toBeTrue()
            ->and($hearing?->notFitted)
            ->toBeFalse();
    });

    it('keeps each side of a two-sided item', function (): void {
        $document = carrying(['scopes' => ['tandem']], ['sides' => 'both']);
        $document['components'][6]['repeat'] = 'two-sided';
        $left = Mark::heardWhole(Sample::id(1), 1000, 'brake.hose@drive-1', Pasada\Core\Inspection\Side::Left);
        $right = Mark::heardWhole(Sample::id(3), 3000, 'brake.hose@drive-2', Pasada\Core\Inspection\Side::Right);
        $carry = Sample::carry(2, 'drive-wheel-2', 'drive-1');

        expect(Sample::sheetOf($document, null, $left, $carry)->outcomes['brake.hose@drive-2']->status)
            ->toBe(ItemStatus::Partial)
            ->and(Sample::sheetOf($document, null, $left, $carry, $right)->outcomes['brake.hose@drive-2']->status)
            ->toBe(ItemStatus::Carried);
    });

    it('is late where the source was late', function (): void {
        $sheet = Sample::sheetOf(
            carrying(['scopes' => ['tandem']], ['returns' => 'place']),
            null,
            Sample::enter(1, 'drive-wheel-1'),
            Sample::enter(2, 'drive-wheel-2'),
            Sample::whole(3, 'brake.hose@drive-1'),
            Sample::carry(4, 'drive-wheel-2', 'drive-1'),
        );

        expect($sheet->outcomes['brake.hose@drive-2']->status)->toBe(ItemStatus::Late);
    });

    it('keeps the sides of items at an axle apart', function (): void {
        $document = carrying(['scopes' => ['tandem']]);
        $document['components'][6]['repeat'] = 'side';
        $sheet = Sample::sheetOf(
            $document, null, Sample::whole(1, 'brake.hose@drive-1.left'), Sample::carry(2, 'drive-wheel-2', 'drive-1'),
        );

        expect($sheet->outcomes['brake.hose@drive-2.left']->status)
            ->toBe(ItemStatus::Carried)
            ->and($sheet->outcomes['brake.hose@drive-2.right']->status)
            ->toBe(ItemStatus::NotReached);
    });

    it('names itself at nothing: an axle is not the same as itself', function (): void {
        $sheet = Sample::sheetOf(
            carrying(['scopes' => ['tandem', 'axle']]),
            null,
            Sample::whole(1, 'brake.hose@drive-2'),
            Sample::carry(2, 'drive-wheel-2', 'drive-2'),
            Sample::carry(3, 'cab', 'steer'),
        );

        expect($sheet->outcomes['brake.hose@drive-2']->hearing?->carriedFrom)
            ->toBeNull()
            ->and($sheet->outcomes['cab.seat_belt']->hearing)
            ->toBeNull();
    });

    it('leaves a part waved at the target waved', function (): void {
        $sheet = Sample::sheetOf(
            carrying(['scopes' => ['tandem']]),
            null,
            Sample::whole(1, 'brake.hose@drive-1'),
            Sample::wave(2, 'brake.hose@drive-2'),
            Sample::carry(3, 'drive-wheel-2', 'drive-1'),
        );

        expect($sheet->outcomes['brake.hose@drive-2']->status)->toBe(ItemStatus::NotFitted);
    });
});

it('goes on behind what is left out or waved, in the order of the place', function (array $marks): void {
    $sheet = Sample::sheetOf(
        carrying(['scopes' => ['tandem']]),
        null,
        Sample::whole(1, 'brake.hose@drive-1'),
        Sample::whole(2, 'wheel.tyre@drive-1'),
        ...$marks,
    );

    expect($sheet->outcomes['brake.hose@drive-2']->status)
        ->toBe(ItemStatus::Carried)
        ->and($sheet->outcomes['wheel.tyre@drive-2']->status)
        ->not->toBe(ItemStatus::Carried);
})->with([
    'the first left out' => [[Sample::carry(3, 'drive-wheel-2', 'drive-1', ['wheel.tyre@drive-2'])]],
    'the first waved here' => [[Sample::wave(3, 'wheel.tyre@drive-2'), Sample::carry(4, 'drive-wheel-2', 'drive-1')]],
    'the first waved there' => [[Sample::wave(3, 'wheel.tyre@drive-1'), Sample::carry(4, 'drive-wheel-2', 'drive-1')]],
]);

it('names only what could have counted and did not', function (array $scopes, array $marks, int $remarks): void {
    expect(Sample::sheetOf(carrying(['scopes' => $scopes]), null, ...$marks)->remarks)->toHaveCount($remarks);
})->with([
    'no reference is credited here' => [[], [Sample::carry(1, 'drive-wheel-1', 'steer')], 0],
    'a side where there is none' => [['side'], [Sample::carry(1, 'engine', 'left')], 0],
    'an axle walked before, out of scope' => [
        ['tandem'],
        [Sample::whole(1, 'brake.hose@steer'), Sample::carry(2, 'drive-wheel-1', 'steer')],
        0,
    ],
    'an axle ahead, twice at one place: told once' => [
        ['axle'],
        [Sample::carry(1, 'drive-wheel-1', 'steer'), Sample::carry(2, 'drive-wheel-1', 'steer')],
        1,
    ],
    'sides that name each other' => [['side'], [Sample::carry(1, 'cab', 'left'), Sample::carry(2, 'cab', 'right')], 1],
    'a chain is no circle' => [
        ['tandem', 'axle'],
        [
            Sample::whole(1, 'brake.hose@steer'), Sample::carry(2, 'drive-wheel-1', 'steer'),
            Sample::enter(3, 'drive-wheel-2'), Sample::carry(4, 'drive-wheel-2', 'drive-1'),
        ],
        0,
    ],
]);

it('gives to each of three axles what was said of any that it leads to', function (): void {
    $marks = [
        Sample::enter(1, 'steer-wheel'),
        Sample::enter(2, 'drive-wheel-1'),
        Sample::enter(3, 'drive-wheel-2'),
        Sample::carry(4, 'drive-wheel-2', 'drive-1'),
        Sample::carry(5, 'drive-wheel-1', 'steer'),
        Sample::points(6, 'brake.hose@steer', Point::Sealed),
        Sample::points(7, 'brake.hose@drive-1', Point::RubberOk),
    ];
    $outcomes = Sample::sheetOf(carrying(['scopes' => ['axle', 'tandem']]), null, ...$marks)->outcomes;

    expect($outcomes['brake.hose@drive-2']->heard->points())
        ->toBe([Point::Sealed, Point::RubberOk, Point::Identified])
        ->and([
            $outcomes['brake.hose@drive-2']->hearing?->firstAtMs,
            $outcomes['brake.hose@drive-1']->hearing?->firstAtMs,
        ])
        ->toBe([4000, 5000])
        ->and($outcomes['brake.hose@steer']->heard->points())
        ->toBe([Point::Sealed, Point::Identified]);
});

it('never refers from or to what the vehicle does not have', function (): void {
    $document = carrying(['scopes' => ['side']], ['not_fitted' => 'spoken']);
    $document['components'][1]['repeat'] = 'side';
    $sheet = Sample::sheetOf(
        $document,
        [...Sample::vehicleDocument(), 'equipment' => []],
        Sample::wave(1, 'cab.horn_air@left'),
        Sample::carry(2, 'cab', 'left'),
    );

    expect($sheet->outcomes['cab.horn_air@right']->status)->toBe(ItemStatus::NotReached);
});
