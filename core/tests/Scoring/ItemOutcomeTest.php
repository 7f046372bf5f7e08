<?php

declare(strict_types=1);

use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Inspection\Side;
use Pasada\Core\Scoring\Credit;
use Pasada\Core\Scoring\ItemStatus;
use Pasada\Core\Tests\Sample;

describe('a wrong statement', function (): void {
    it('is a figure outside what is accepted', function (string $item, Point $point, int $value, bool $right): void {
        $outcome = Sample::sheet([], Sample::figure(1, $item, $point, $value))->outcomes[$item];

        expect($outcome->heard->has($point))->toBe($right)->and($outcome->wrong()->has($point))->toBe(! $right)
            ->and($outcome->status)->toBe($right ? ItemStatus::Partial : ItemStatus::Wrong)
            ->and($outcome->hearing?->figures)->toBe([$point->value => $value]);
    })->with([
        'tread of the steer axle: 4/32' => ['wheel.tyre@steer', Point::Depth, 4000, true],
        'tread of the steer axle: the drive axle\'s 2/32' => ['wheel.tyre@steer', Point::Depth, 2000, false],
        'tread of the steer axle: just below' => ['wheel.tyre@steer', Point::Depth, 3999, false],
        'tread of the steer axle: a limit of one\'s own' => ['wheel.tyre@steer', Point::Depth, 5000, false],
        'tread of the drive axle: 2/32' => ['wheel.tyre@drive', Point::Depth, 2000, true],
        'belt play: 3/4 in' => ['engine.alternator', Point::BeltPlay, 750, true],
        'belt play: above' => ['engine.alternator', Point::BeltPlay, 751, false],
    ]);

    it('may be accepted in a range, where the checklist says so', function (int $value, bool $right): void {
        $document = Sample::checklistDocument();
        $document['figures'][2]['accepted_low'] = 0.5;

        expect(
            Sample::sheetOf($document, null, Sample::figure(1, 'engine.alternator', Point::BeltPlay, $value))->outcomes[
                'engine.alternator'
            ]->heard->has(Point::BeltPlay),
        )->toBe($right);
    })->with([
        'below' => [499, false],
        'at the low end' => [500, true],
        'within' => [625, true],
        'at the high end' => [750, true],
        'above' => [751, false],
    ]);

    it('is judged by the vehicle\'s own figure where it has one', function (int $value, bool $right): void {
        $vehicle = [
            ...Sample::vehicleDocument(),
            'figures' => [
                [
                    'component' => 'engine.alternator',
                    'point' => 'belt_play',
                    'high' => 0.5,
                    'note' => 'Plate on the radiator.',
                ],
            ],
        ];

        expect(
            Sample::sheetOf(
                Sample::checklistDocument(),
                $vehicle,
                Sample::figure(1, 'engine.alternator', Point::BeltPlay, $value),
            )->outcomes['engine.alternator']->heard->has(Point::BeltPlay),
        )->toBe($right);
    })->with(['its own' => [500, true], 'the usual one' => [750, false]]);

    it('can be put right until the place is left', function (array $marks, ItemStatus $status): void {
        $sheet = Sample::sheet(
            ['returns' => 'place'],
            Sample::enter(1, 'engine'),
            Sample::points(2, 'engine.alternator', Point::Mounted),
            Sample::wrong(3, 'engine.alternator', Point::Drive),
            ...$marks,
        );

        expect($sheet->outcomes['engine.alternator']->status)->toBe($status);
    })->with([
        'not put right' => [[], ItemStatus::Wrong],
        'in the same breath' => [[Sample::points(4, 'engine.alternator', Point::Drive)], ItemStatus::Whole],
        'by saying it whole' => [[Sample::whole(4, 'engine.alternator')], ItemStatus::Whole],
        'another point does not put it right' => [
            [Sample::points(4, 'engine.alternator', Point::BeltPlay)],
            ItemStatus::Wrong,
        ],
        'after the place was left' => [
            [Sample::enter(4, 'steer-wheel'), Sample::points(5, 'engine.alternator', Point::Drive)],
            ItemStatus::Wrong,
        ],
        'taken back by the scorer' => [[Sample::takenBack(4, 'engine.alternator', Point::Drive)], ItemStatus::Partial],
    ]);

    it('does not spoil afterwards what was right while the place was open', function (): void {
        $sheet = Sample::sheet(
            ['returns' => 'place'],
            Sample::enter(1, 'engine'),
            Sample::whole(2, 'engine.oil_level'),
            Sample::enter(3, 'steer-wheel'),
            Sample::wrong(4, 'engine.oil_level', Point::Level),
        );

        expect($sheet->outcomes['engine.oil_level']->status)->toBe(ItemStatus::Whole);
    });

    it('costs the point, or the item', function (string $rule, int $halves): void {
        $sheet = Sample::sheet(
            ['credit' => 'weighted', 'wrong' => $rule],
            Sample::whole(1, 'cab.seat_belt'),
            Sample::wrong(2, 'cab.seat_belt', Point::Works),
        );

        expect($sheet->outcomes['cab.seat_belt']->earned)
            ->toBe(intdiv(Credit::UNIT * $halves, 5))
            ->and($sheet->outcomes['cab.seat_belt']->status)
            ->toBe(ItemStatus::Wrong);
    })->with(['point: 3 of 2 + 2 + 1 are left' => ['point', 3], 'item: nothing is left' => ['item', 0]]);
});

describe('a two-sided item', function (): void {
    $document = static function (string $sides, string $credit = 'essential'): array {
        $document = Sample::ruled(['sides' => $sides, 'credit' => $credit]);
        $document['components'][2]['repeat'] = 'two-sided';

        return $document;
    };
    $left = Mark::heardWhole(Sample::id(1), 1000, 'side.mirror', Side::Left);
    $right = Mark::heardWhole(Sample::id(2), 2000, 'side.mirror', Side::Right);

    it('is earned by the side rule', function (string $sides, array $marks, int $quarters, ItemStatus $status) use (
        $document,
    ): void {
        $outcome = Sample::sheetOf($document($sides), null, ...$marks)->outcomes['side.mirror'];

        expect($outcome->earned)->toBe(intdiv(Credit::UNIT * $quarters, 4))->and($outcome->status)->toBe($status);
    })->with([
        'one: left' => ['one', [$left], 4, ItemStatus::Whole],
        'both: nothing' => ['both', [], 0, ItemStatus::NotReached],
        'both: left only' => ['both', [$left], 2, ItemStatus::Partial],
        'both: right only' => ['both', [$right], 2, ItemStatus::Partial],
        'both: left and right' => ['both', [$left, $right], 4, ItemStatus::Whole],
        'both: said of both at once' => ['both', [Sample::whole(1, 'side.mirror')], 4, ItemStatus::Whole],
    ]);

    it('lacks what was said of one side only', function () use ($document, $left): void {
        $sheet = Sample::sheetOf(
            $document('both'),
            null,
            $left,
            Mark::pointsHeard(Sample::id(2), 2000, 'side.mirror', PointSet::of(Point::Mounted), Side::Right),
        );

        expect($sheet->outcomes['side.mirror']->missing()->points())->toBe([Point::Clean]);
    });

    it('shares out points and sides together', function () use ($document): void {
        $sheet = Sample::sheetOf(
            $document('both', 'weighted'),
            null,
            Mark::pointsHeard(Sample::id(1), 1000, 'side.mirror', PointSet::of(Point::Mounted), Side::Left),
        );

        expect($sheet->outcomes['side.mirror']->earned)->toBe(intdiv(Credit::UNIT, 4));
    });

    it('takes a point back on both sides', function () use ($document, $left, $right): void {
        expect(
            Sample::sheetOf(
                $document('both'),
                null,
                $left,
                $right,
                Sample::takenBack(3, 'side.mirror', Point::Identified),
            )->outcomes['side.mirror']->status,
        )->toBe(ItemStatus::NotReached);
    });
});

describe('a part that is not equipped', function (): void {
    $without = [...Sample::vehicleDocument(), 'equipment' => []];

    it('is not asked, by the vehicle', function () use ($without): void {
        expect(Sample::inspectionOf(Sample::checklistDocument(), $without)->items)->not->toHaveKey('cab.horn_air');
    });

    it('has to be waved by word, where the checklist says so', function (
        array $marks,
        ItemStatus $status,
        int $earned,
    ) use ($without): void {
        $outcome = Sample::sheetOf(Sample::ruled(['not_fitted' => 'spoken']), $without, ...$marks)->outcomes[
            'cab.horn_air'
        ];

        expect($outcome->status)
            ->toBe($status)
            ->and($outcome->earned)
            ->toBe($earned * Credit::UNIT)
            ->and($outcome->possible)
            ->toBe(Credit::UNIT);
    })->with([
        'waved' => [[Sample::wave(1, 'cab.horn_air')], ItemStatus::NotFitted, 1],
        'passed over' => [[Sample::finish(1)], ItemStatus::Missed, 0],
        'recited as if it were there' => [[Sample::whole(1, 'cab.horn_air')], ItemStatus::Wrong, 0],
    ]);

    it('comes off the list when it is waved though the vehicle\'s description has it', function (): void {
        $sheet = Sample::sheet(['not_fitted' => 'spoken'], Sample::wave(1, 'cab.horn_air'));

        expect($sheet->outcomes['cab.horn_air']->possible)->toBe(0)->and($sheet->overall->asked)->toBe(7);
    });
});

describe('a known defect', function (): void {
    $vehicle = [
        ...Sample::vehicleDocument(),
        'defects' => [['component' => 'wheel.tyre', 'axle' => 'drive-2', 'what' => 'nail in the tread']],
    ];
    $noticed = Mark::defectNoticed(Sample::id(2), 2000, 'wheel.tyre@drive', 'nail');

    it('is told apart when the part was recited as sound', function (string $recitedOver, int $halves) use (
        $vehicle,
    ): void {
        $outcome = Sample::sheetOf(
            Sample::ruled(['defects' => ['recited_over' => $recitedOver]]),
            $vehicle,
            Sample::whole(1, 'wheel.tyre@drive'),
        )->outcomes['wheel.tyre@drive'];

        expect($outcome->status)
            ->toBe(ItemStatus::OverDefect)
            ->and($outcome->earned)
            ->toBe(intdiv(Credit::UNIT * $halves, 2))
            ->and($outcome->defect)
            ->toBe('nail in the tread');
    })->with(['nothing' => ['nothing', 0], 'half' => ['half', 1], 'full' => ['full', 2]]);

    it('earns what the checklist says when it is noticed', function (
        string $rule, array $marks, ItemStatus $status, int $earned, int $bonus,
    ) use ($vehicle): void {
        $outcome = Sample::sheetOf(Sample::ruled(['defects' => ['noticed' => $rule]]), $vehicle, ...$marks)->outcomes[
            'wheel.tyre@drive'
        ];

        expect([$outcome->status, $outcome->earned, $outcome->bonus])
            ->toBe([$status, $earned * Credit::UNIT, $bonus * Credit::UNIT])
            ->and($outcome->defectNoticed)
            ->toBeTrue();
    })->with([
        'nothing beyond what was said' => [
            'nothing',
            [Sample::points(1, 'wheel.tyre@drive', Point::Even), $noticed],
            ItemStatus::Partial,
            0,
            0,
        ],
        'the item whole, though little was said' => [
            'whole',
            [Sample::points(1, 'wheel.tyre@drive', Point::Even), $noticed],
            ItemStatus::Whole,
            1,
            0,
        ],
        'the item whole, though nothing was said' => ['whole', [$noticed], ItemStatus::Whole, 1, 0],
        'a bonus beside what was said' => [
            'bonus',
            [Sample::whole(1, 'wheel.tyre@drive'), $noticed],
            ItemStatus::Whole,
            1,
            1,
        ],
    ]);

    it('may be planted for one walk', function (): void {
        $sheet = Sample::sheet(
            ['defects' => ['recited_over' => 'nothing']],
            Mark::defectPlanted(Sample::id(1), 0, 'engine.oil_level', 'dipstick dry'),
            Sample::whole(2, 'engine.oil_level'),
        );

        expect($sheet->outcomes['engine.oil_level']->status)
            ->toBe(ItemStatus::OverDefect)
            ->and($sheet->outcomes['engine.oil_level']->defect)
            ->toBe('dipstick dry');
    });

    it('is at the axle it is at only', function () use ($vehicle): void {
        $inspection = Sample::inspectionOf(Sample::ruled(['axles' => 'each']), $vehicle);

        expect($inspection->items['wheel.tyre@drive-2']->defect)
            ->toBe('nail in the tread')
            ->and($inspection->items['wheel.tyre@drive-1']->defect)
            ->toBeNull()
            ->and($inspection->items['wheel.tyre@steer']->defect)
            ->toBeNull();
    });
});

describe('extra credit', function (): void {
    $document = Sample::checklistDocument();
    $document['components'][4]['bonus'] = true;

    it('is earned, but not asked', function (array $marks, int $permille) use ($document): void {
        $sheet = Sample::sheetOf($document, null, ...$marks);

        expect($sheet->overall->permille())
            ->toBe($permille)
            ->and($sheet->overall->asked)
            ->toBe(7)
            ->and($sheet->overall->possible)
            ->toBe(7 * Credit::UNIT);
    })->with([
        'not earned' => [[Sample::whole(1, 'cab.seat_belt')], 142],
        'earned' => [[Sample::whole(1, 'cab.seat_belt'), Sample::whole(2, 'engine.oil_level')], 285],
        'never above all that is asked' => [Sample::all(), 1000],
    ]);

    it('is no miss', function () use ($document): void {
        expect(Sample::sheetOf($document, null, Sample::finish(1))->overall->misses())->toBe(7);
    });
});

it('asks and shows an item of weight 0, but counts it for nothing', function (): void {
    $document = Sample::with(Sample::checklistDocument(), ['components', 4, 'weight'], 0);
    $sheet = Sample::sheetOf($document, null, Sample::whole(1, 'engine.oil_level'));

    expect($sheet->outcomes['engine.oil_level']->status)
        ->toBe(ItemStatus::Whole)
        ->and($sheet->overall->earned)
        ->toBe(0)
        ->and($sheet->overall->possible)
        ->toBe(7 * Credit::UNIT);
});

it('follows the credit rule of its section, and its own before that', function (): void {
    $document = Sample::ruled(['credit' => 'full']);
    $document['sections'][1]['credit'] = 'essential';
    $document['components'][3]['credit'] = 'named';
    $sheet = Sample::sheetOf(
        $document,
        null,
        Sample::points(1, 'engine.oil_level', Point::Level),
        Sample::points(2, 'engine.alternator', Point::Mounted),
        Sample::points(3, 'cab.seat_belt', Point::Works, Point::Intact),
    );

    expect($sheet->outcomes['engine.oil_level']->status)->toBe(ItemStatus::Whole)
        ->and($sheet->outcomes['engine.alternator']->status)->toBe(ItemStatus::Whole)
        ->and($sheet->outcomes['cab.seat_belt']->status)->toBe(ItemStatus::Partial);
});

describe('what can still be earned', function (): void {
    it('is all while the place is open, and what it has once it is shut', function (
        array $marks,
        array $expected,
    ): void {
        $outcome = Sample::sheet(['returns' => 'place', 'credit' => 'weighted'], ...$marks)->outcomes['cab.seat_belt'];

        expect([
            $outcome->earned, $outcome->possible, $outcome->reachable, $outcome->bonus, $outcome->outOfPlace,
        ])->toBe([
            ...array_map(static fn (int $fifths): int => intdiv(Credit::UNIT * $fifths, 5), $expected), 0, false,
        ]);
    })->with([
        'open, nothing said' => [[], [0, 5, 5]],
        'open, said in part' => [[Sample::points(1, 'cab.seat_belt', Point::Works)], [2, 5, 5]],
        'shut, nothing said' => [[Sample::enter(1, 'cab'), Sample::enter(2, 'engine')], [0, 5, 0]],
        'shut, said in part' => [
            [Sample::enter(1, 'cab'), Sample::points(2, 'cab.seat_belt', Point::Works), Sample::enter(3, 'engine')],
            [2, 5, 2],
        ],
        'over, said in part' => [[Sample::points(1, 'cab.seat_belt', Point::Works), Sample::finish(2)], [2, 5, 2]],
        'waved' => [[Sample::wave(1, 'cab.seat_belt')], [0, 0, 0]],
        'ticked off' => [[Sample::enter(1, 'cab'), Sample::close(2, 'cab')], [0, 5, 0]],
    ]);

    it('is nothing for a part recited that is not there, once its place is shut', function (
        array $more,
        int $units,
    ): void {
        $sheet = Sample::sheetOf(
            Sample::ruled(['not_fitted' => 'spoken', 'returns' => 'place']),
            [...Sample::vehicleDocument(), 'equipment' => []],
            Sample::enter(1, 'cab'),
            Sample::whole(2, 'cab.horn_air'),
            ...$more,
        );

        expect($sheet->outcomes['cab.horn_air']->reachable)
            ->toBe($units * Credit::UNIT)
            ->and($sheet->outcomes['cab.horn_air']->status)
            ->toBe(ItemStatus::Wrong);
    })->with(['open' => [[], 1], 'shut' => [[Sample::enter(3, 'engine')], 0]]);

    it('is nothing of extra credit, which is counted apart', function (): void {
        $document = Sample::checklistDocument();
        $document['components'][4]['bonus'] = true;
        $outcome = Sample::sheetOf($document, null, Sample::whole(1, 'engine.oil_level'))->outcomes['engine.oil_level'];

        expect([
            $outcome->earned, $outcome->possible, $outcome->reachable, $outcome->bonus, $outcome->isEarned(),
        ])->toBe([0, 0, 0, Credit::UNIT, true]);
    });
});

it('can still earn extra credit while its place is open, and for a defect that was noticed', function (
    array $rules, bool $isBonus, array $marks, array $expected,
): void {
    $document = Sample::ruled(['returns' => 'place', ...$rules]);
    if ($isBonus) {
        $document['components'][4]['bonus'] = true;
    }
    $outcome = Sample::sheetOf($document, null, ...$marks)->outcomes['engine.oil_level'];

    expect([$outcome->bonus / Credit::UNIT, $outcome->reachableBonus / Credit::UNIT, $outcome->reachable])->toBe(
        $expected,
    );
})->with((static function (): array {
    $shut = [Sample::enter(8, 'engine'), Sample::close(9, 'engine'), Sample::enter(10, 'cab')];
    $noticed = Mark::defectNoticed(Sample::id(1), 1000, 'engine.oil_level', 'no cap');
    $planted = Mark::defectPlanted(Sample::id(2), 0, 'engine.oil_level', 'no cap');
    $bonus = ['defects' => ['noticed' => 'bonus']];

    return [
        'extra, open' => [[], true, [], [0, 1, 0]],
        'extra, shut' => [[], true, $shut, [0, 0, 0]],
        'extra, said and shut' => [[], true, [Sample::whole(1, 'engine.oil_level'), ...$shut], [1, 1, 0]],
        'a defect, open' => [$bonus, false, [], [0, 1, Credit::UNIT]],
        'a defect, shut' => [$bonus, false, [$planted, ...$shut], [0, 0, 0]],
        'a defect, noticed and shut' => [$bonus, false, [$planted, $noticed, ...$shut], [1, 1, 0]],
        'extra and a defect, both' => [
            $bonus, true, [$planted, $noticed, Sample::whole(3, 'engine.oil_level'), ...$shut], [2, 2, 0],
        ],
        'waved' => [$bonus, true, [Sample::wave(1, 'engine.oil_level')], [0, 0, 0]],
    ];
})());

it('does not hold a defect against a part that was named only', function (): void {
    $sheet = Sample::sheet(
        ['defects' => ['recited_over' => 'nothing']],
        Mark::defectPlanted(Sample::id(1), 0, 'engine.oil_level', 'dry'),
        Sample::points(2, 'engine.oil_level'),
    );

    expect($sheet->outcomes['engine.oil_level']->status)->toBe(ItemStatus::Partial);
});

it('counts an item as earned by its state', function (array $rules, array $marks, bool $earned): void {
    expect(Sample::sheet($rules, ...$marks)->outcomes['engine.oil_level']->isEarned())->toBe($earned);
})->with([
    'whole' => [[], [Sample::whole(1, 'engine.oil_level')], true],
    'waved' => [[], [Sample::wave(1, 'engine.oil_level')], true],
    'not reached' => [[], [], false],
    'in part' => [['credit' => 'full'], [Sample::points(1, 'engine.oil_level', Point::Level)], false],
    'missed' => [[], [Sample::finish(1)], false],
    'wrong' => [[], [Sample::wrong(1, 'engine.oil_level', Point::Level)], false],
    'over a defect, for nothing' => [
        ['defects' => ['recited_over' => 'nothing']],
        [Mark::defectPlanted(Sample::id(1), 0, 'engine.oil_level', 'dry'), Sample::whole(2, 'engine.oil_level')],
        false,
    ],
    'over a defect, in full' => [
        ['defects' => ['recited_over' => 'full']],
        [Mark::defectPlanted(Sample::id(1), 0, 'engine.oil_level', 'dry'), Sample::whole(2, 'engine.oil_level')],
        true,
    ],
]);

it('lacks every listed point where nothing was said', function (): void {
    expect(Sample::sheet([])->outcomes['cab.seat_belt']->missing()->points())
        ->toBe([Point::Mounted, Point::Intact, Point::Works])
        ->and(Sample::sheet([])->outcomes['cab.seat_belt']->wrong()->isEmpty())
        ->toBeTrue()
        ->and(Sample::sheet([])->outcomes['cab.seat_belt']->late()->isEmpty())
        ->toBeTrue();
});

it('sees one side of a two-sided item as said, where one is enough', function (): void {
    $document = Sample::ruled(['sides' => 'one']);
    $document['components'][2]['repeat'] = 'two-sided';

    expect(
        Sample::sheetOf($document, null, Mark::heardWhole(Sample::id(1), 1000, 'side.mirror', Side::Left))
            ->outcomes['side.mirror']->missing()
            ->isEmpty(),
    )->toBeTrue();
});

it('ignores the side of an item that has none', function (): void {
    expect(
        Sample::sheet(['sides' => 'both'], Mark::heardWhole(Sample::id(1), 1000, 'cab.seat_belt', Side::Left))
            ->outcomes['cab.seat_belt']->status,
    )->toBe(ItemStatus::Whole);
});
