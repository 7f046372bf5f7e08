<?php

declare(strict_types=1);

use Pasada\Core\Attempt\Mark;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Scoring\ItemStatus;
use Pasada\Core\Tests\Sample;

/** The sample asked axle by axle, with brake hoses at the wheels, under a carry-over rule. @param  array<string, mixed>  $carryOver */
function carrying(array $carryOver, array $rules = []): array
{
    $document = Sample::ruled(['axles' => 'each', 'carry_over' => $carryOver, ...$rules]);
    $document['components'][] = ['id' => 'brake.hose', 'name' => 'Brake hose', 'essential' => ['sealed', 'rubber_ok'], 'further' => ['mounted']];
    $document['sections'][1]['stops'][1]['asks'][] = 'brake.hose';
    $document['sections'][1]['stops'][2]['asks'][] = 'brake.hose';

    return $document;
}

$tandem = [Sample::whole(1, 'brake.hose@drive-1'), Sample::carry(2, 'drive-wheel-2', 'drive-1')];
$axle = [Sample::whole(1, 'brake.hose@steer'), Sample::carry(2, 'drive-wheel-1', 'steer')];
$side = [Sample::whole(1, 'side.mirror@left'), Sample::carry(2, 'cab', 'left')];

it('credits a reference within its scope only', function (array $scopes, array $marks, string $item, ItemStatus $status): void {
    expect(Sample::sheetOf(carrying(['scopes' => $scopes]), null, ...$marks)->outcomes[$item]->status)->toBe($status);
})->with([
    'never: the tandem partner' => [[], $tandem, 'brake.hose@drive-2', ItemStatus::NotReached],
    'never: another axle' => [[], $axle, 'brake.hose@drive-1', ItemStatus::NotReached],
    'never: the other side' => [[], $side, 'side.mirror@right', ItemStatus::NotReached],
    'tandem: the partner' => [['tandem'], $tandem, 'brake.hose@drive-2', ItemStatus::Carried],
    'tandem: another axle' => [['tandem'], $axle, 'brake.hose@drive-1', ItemStatus::NotReached],
    'axle: another axle' => [['axle'], $axle, 'brake.hose@drive-1', ItemStatus::Carried],
    'axle: the tandem partner' => [['axle'], $tandem, 'brake.hose@drive-2', ItemStatus::NotReached],
    'side: the other side' => [['side'], $side, 'side.mirror@right', ItemStatus::Carried],
    'side: the same side names itself' => [['side'], [Sample::whole(1, 'side.mirror@left'), Sample::carry(2, 'cab', 'left')], 'side.mirror@left', ItemStatus::Whole],
    'all scopes at once' => [['tandem', 'axle', 'side'], $tandem, 'brake.hose@drive-2', ItemStatus::Carried],
]);

it('lets a group of axles refer only to those that the checklist names', function (array $from, ItemStatus $status): void {
    $sheet = Sample::sheetOf(carrying(['scopes' => ['axle'], 'from' => $from]), null, Sample::whole(1, 'brake.hose@steer'), Sample::carry(2, 'drive-wheel-1', 'steer'));

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
    $sheet = Sample::sheetOf(carrying(['scopes' => ['tandem']]), null, Sample::whole(1, 'brake.hose@drive-1'), Sample::whole(2, 'wheel.tyre@drive-1'), Sample::carry(3, 'drive-wheel-2', 'drive-1', ['brake.hose@drive-2']));

    expect($sheet->outcomes['brake.hose@drive-2']->status)->toBe(ItemStatus::NotReached)
        ->and($sheet->outcomes['wheel.tyre@drive-2']->status)->toBe(ItemStatus::Carried);
});

it('misses at the target what was missed at the source', function (array $marks, ItemStatus $status): void {
    expect(Sample::sheetOf(carrying(['scopes' => ['tandem']]), null, ...[...$marks, Sample::carry(5, 'drive-wheel-2', 'drive-1'), Sample::finish(6)])->outcomes['brake.hose@drive-2']->status)->toBe($status);
})->with([
    'nothing said there' => [[], ItemStatus::Missed],
    'said in part there' => [[Sample::points(1, 'brake.hose@drive-1', Point::Sealed)], ItemStatus::Partial],
    'said wrong there' => [[Sample::whole(1, 'brake.hose@drive-1'), Sample::wrong(2, 'brake.hose@drive-1', Point::Sealed)], ItemStatus::Wrong],
    'waved there' => [[Sample::wave(1, 'brake.hose@drive-1')], ItemStatus::Missed],
]);

it('adds what is said at the target itself, and lets a wrong statement there win', function (array $marks, ItemStatus $status): void {
    expect(Sample::sheetOf(carrying(['scopes' => ['tandem']]), null, Sample::points(1, 'brake.hose@drive-1', Point::Sealed), ...$marks)->outcomes['brake.hose@drive-2']->status)->toBe($status);
})->with([
    'the lacking point' => [[Sample::carry(2, 'drive-wheel-2', 'drive-1'), Sample::points(3, 'brake.hose@drive-2', Point::RubberOk)], ItemStatus::Carried],
    'all of it' => [[Sample::carry(2, 'drive-wheel-2', 'drive-1'), Sample::whole(3, 'brake.hose@drive-2')], ItemStatus::Whole],
    'the carried point said wrong' => [[Sample::carry(2, 'drive-wheel-2', 'drive-1'), Sample::wrong(3, 'brake.hose@drive-2', Point::Sealed)], ItemStatus::Wrong],
]);

it('does not carry a figure that differs at the target', function (): void {
    $sheet = Sample::sheetOf(carrying(['scopes' => ['axle', 'tandem']]), null,
        Sample::whole(1, 'wheel.tyre@steer'), Sample::carry(2, 'drive-wheel-1', 'steer'), Sample::carry(3, 'drive-wheel-2', 'drive-1'));

    // The tread of the steer axle is no statement about the drive axle: even and matched are carried, the depth is not.
    expect($sheet->outcomes['wheel.tyre@drive-1']->status)->toBe(ItemStatus::Partial)
        ->and($sheet->outcomes['wheel.tyre@drive-1']->missing()->points())->toBe([Point::Depth, Point::Matched])
        ->and($sheet->outcomes['wheel.tyre@drive-2']->status)->toBe(ItemStatus::Partial);
});

it('follows a chain of references to its end', function (): void {
    $sheet = Sample::sheetOf(carrying(['scopes' => ['axle', 'tandem']]), null,
        Sample::carry(1, 'drive-wheel-2', 'drive-1'), Sample::carry(2, 'drive-wheel-1', 'steer'), Sample::whole(3, 'brake.hose@steer'));

    expect($sheet->outcomes['brake.hose@drive-2']->status)->toBe(ItemStatus::Carried)
        ->and($sheet->outcomes['brake.hose@drive-2']->hearing?->carriedFrom)->toBe('brake.hose@drive-1');
});

it('passes over a reference that closes a circle', function (): void {
    $sheet = Sample::sheetOf(carrying(['scopes' => ['axle', 'tandem']]), null,
        Sample::carry(1, 'drive-wheel-2', 'drive-1'), Sample::carry(2, 'drive-wheel-1', 'drive-2'), Sample::whole(3, 'brake.hose@drive-1'));

    expect($sheet->outcomes['brake.hose@drive-2']->status)->toBe(ItemStatus::Carried)
        ->and($sheet->outcomes['brake.hose@drive-1']->hearing?->carriedFrom)->toBeNull();
});

it('is late where the place was shut before the reference', function (): void {
    $sheet = Sample::sheetOf(carrying(['scopes' => ['tandem']], ['returns' => 'place']), null,
        Sample::enter(1, 'drive-wheel-1'), Sample::whole(2, 'brake.hose@drive-1'), Sample::enter(3, 'drive-wheel-2'), Sample::enter(4, 'cab'), Sample::carry(5, 'drive-wheel-2', 'drive-1'));

    expect($sheet->outcomes['brake.hose@drive-2']->status)->toBe(ItemStatus::Late)->and($sheet->outcomes['brake.hose@drive-2']->earned)->toBe(0);
});

it('leaves items said by reference out of the order', function () use ($tandem): void {
    expect(Sample::sheetOf(carrying(['scopes' => ['tandem']]), null, ...$tandem)->order->named)->toBe(1);
});

it('takes a reference back by an undo', function () use ($tandem): void {
    expect(Sample::sheetOf(carrying(['scopes' => ['tandem']]), null, ...[...$tandem, Mark::undo(Sample::id(3), 3000, Sample::id(2))])->outcomes['brake.hose@drive-2']->status)->toBe(ItemStatus::NotReached);
});

describe('what is carried', function (): void {
    it('joins what was said at the target with what its source has', function (): void {
        $sheet = Sample::sheetOf(carrying(['scopes' => ['tandem']]), null,
            Sample::points(2, 'brake.hose@drive-1', Point::Sealed), Sample::points(4, 'brake.hose@drive-2', Point::Mounted), Sample::carry(7, 'drive-wheel-2', 'drive-1'));
        $hearing = $sheet->outcomes['brake.hose@drive-2']->hearing;

        expect($hearing?->inTime->points())->toBe([Point::Mounted, Point::Sealed, Point::Identified])->and($hearing?->firstAtMs)->toBe(4000)->and($hearing?->lastAtMs)->toBe(7000)->and($hearing?->turn)->toBe(1);
    });

    it('is first heard with the reference where nothing was said at the target', function (): void {
        $hearing = Sample::sheetOf(carrying(['scopes' => ['tandem']]), null, Sample::whole(1, 'brake.hose@drive-1'), Sample::carry(2, 'drive-wheel-2', 'drive-1'))->outcomes['brake.hose@drive-2']->hearing;

        expect($hearing?->firstAtMs)->toBe(2000)->and($hearing?->lastAtMs)->toBe(2000)->and($hearing?->late->isEmpty())->toBeTrue()->and($hearing?->notFitted)->toBeFalse();
    });

    it('keeps what was said wrong at the source, with its words', function (): void {
        $sheet = Sample::sheetOf(carrying(['scopes' => ['tandem']]), null,
            Mark::saidWrong(Sample::id(1), 1000, 'brake.hose@drive-1', Pasada\Core\Catalogue\PointSet::of(Point::Sealed), 'dripping'), Sample::carry(2, 'drive-wheel-2', 'drive-1'));

        expect($sheet->outcomes['brake.hose@drive-2']->wrong()->points())->toBe([Point::Sealed])->and($sheet->outcomes['brake.hose@drive-2']->hearing?->wrongWords)->toBe(['sealed' => 'dripping']);
    });

    it('keeps each side of a two-sided item', function (): void {
        $document = carrying(['scopes' => ['tandem']], ['sides' => 'both']);
        $document['components'][6]['repeat'] = 'two-sided';
        $left = Mark::heardWhole(Sample::id(1), 1000, 'brake.hose@drive-1', Pasada\Core\Inspection\Side::Left);
        $right = Mark::heardWhole(Sample::id(3), 3000, 'brake.hose@drive-2', Pasada\Core\Inspection\Side::Right);
        $carry = Sample::carry(2, 'drive-wheel-2', 'drive-1');

        expect(Sample::sheetOf($document, null, $left, $carry)->outcomes['brake.hose@drive-2']->status)->toBe(ItemStatus::Partial)
            ->and(Sample::sheetOf($document, null, $left, $carry, $right)->outcomes['brake.hose@drive-2']->status)->toBe(ItemStatus::Carried);
    });

    it('is late where the source was late', function (): void {
        $sheet = Sample::sheetOf(carrying(['scopes' => ['tandem']], ['returns' => 'place']), null,
            Sample::enter(1, 'drive-wheel-1'), Sample::enter(2, 'drive-wheel-2'), Sample::whole(3, 'brake.hose@drive-1'), Sample::carry(4, 'drive-wheel-2', 'drive-1'));

        expect($sheet->outcomes['brake.hose@drive-2']->status)->toBe(ItemStatus::Late);
    });

    it('keeps the sides of items at an axle apart', function (): void {
        $document = carrying(['scopes' => ['tandem']]);
        $document['components'][6]['repeat'] = 'side';
        $sheet = Sample::sheetOf($document, null, Sample::whole(1, 'brake.hose@drive-1.left'), Sample::carry(2, 'drive-wheel-2', 'drive-1'));

        expect($sheet->outcomes['brake.hose@drive-2.left']->status)->toBe(ItemStatus::Carried)->and($sheet->outcomes['brake.hose@drive-2.right']->status)->toBe(ItemStatus::NotReached);
    });

    it('names itself at nothing: an axle is not the same as itself', function (): void {
        $sheet = Sample::sheetOf(carrying(['scopes' => ['tandem', 'axle']]), null, Sample::whole(1, 'brake.hose@drive-2'), Sample::carry(2, 'drive-wheel-2', 'drive-2'), Sample::carry(3, 'cab', 'steer'));

        expect($sheet->outcomes['brake.hose@drive-2']->hearing?->carriedFrom)->toBeNull()->and($sheet->outcomes['cab.seat_belt']->hearing)->toBeNull();
    });

    it('leaves a part waved at the target waved', function (): void {
        $sheet = Sample::sheetOf(carrying(['scopes' => ['tandem']]), null, Sample::whole(1, 'brake.hose@drive-1'), Sample::wave(2, 'brake.hose@drive-2'), Sample::carry(3, 'drive-wheel-2', 'drive-1'));

        expect($sheet->outcomes['brake.hose@drive-2']->status)->toBe(ItemStatus::NotFitted);
    });
});
