<?php

declare(strict_types=1);

use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Brakes\Judging\Standing;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Scoring\Credit;
use Pasada\Core\Scoring\ItemStatus;
use Pasada\Core\Scoring\ScoreSheet;
use Pasada\Core\Tests\Sample;

/** All eight items of the sample, said whole in walking order from second 1 on. */
function wholeWalk(int $but = -1): array
{
    $marks = [];
    foreach (array_keys(Sample::inspection()->items) as $n => $item) {
        if ($n !== $but) {
            $marks[] = Sample::whole($n + 1, $item);
        }
    }

    return $marks;
}

describe('the state of an item', function (): void {
    it('is told apart', function (array $rules, array $marks, string $item, ItemStatus $status): void {
        expect(Sample::sheet($rules, ...$marks)->outcomes[$item]->status)->toBe($status);
    })->with([
        'nothing said' => [[], [], 'engine.oil_level', ItemStatus::NotReached],
        'said whole' => [[], [Sample::whole(1, 'engine.oil_level')], 'engine.oil_level', ItemStatus::Whole],
        'the essential points are enough under "essential"' => [
            [],
            [Sample::points(1, 'engine.oil_level', Point::Level)],
            'engine.oil_level',
            ItemStatus::Whole,
        ],
        'but not under "full"' => [
            ['credit' => 'full'],
            [Sample::points(1, 'engine.oil_level', Point::Level)],
            'engine.oil_level',
            ItemStatus::Partial,
        ],
        'named only' => [[], [Sample::points(1, 'engine.oil_level')], 'engine.oil_level', ItemStatus::Partial],
        'waved' => [[], [Sample::wave(1, 'cab.horn_air')], 'cab.horn_air', ItemStatus::NotFitted],
        'not said and the place ticked off' => [
            [],
            [Sample::enter(1, 'cab'), Sample::close(2, 'cab')],
            'cab.seat_belt',
            ItemStatus::Missed,
        ],
        'not said and the walk over' => [[], [Sample::finish(1)], 'engine.oil_level', ItemStatus::Missed],
    ]);
});

describe('the return rule', function (): void {
    $late = [
        Sample::enter(1, 'engine'), Sample::close(2, 'engine'), Sample::enter(3, 'steer-wheel'),
        Sample::whole(4, 'engine.oil_level'),
    ];
    $otherSection = [
        Sample::enter(1, 'cab'), Sample::close(2, 'cab'), Sample::enter(3, 'engine'), Sample::whole(4, 'cab.seat_belt'),
    ];

    it('decides whether coming back still counts', function (
        string $returns, array $marks, string $item, ItemStatus $status,
    ): void {
        expect(Sample::sheet(['returns' => $returns], ...$marks)->outcomes[$item]->status)->toBe($status);
    })->with([
        'place: after stepping away' => ['place', $late, 'engine.oil_level', ItemStatus::Late],
        'section: another place of the section' => ['section', $late, 'engine.oil_level', ItemStatus::Whole],
        'section: from another section' => ['section', $otherSection, 'cab.seat_belt', ItemStatus::Late],
        'end: from another section' => ['end', $otherSection, 'cab.seat_belt', ItemStatus::Whole],
    ]);

    it('closes a place on leaving it, though nobody ticked it off', function (): void {
        $sheet = Sample::sheet(
            ['returns' => 'place'],
            Sample::enter(1, 'engine'),
            Sample::enter(2, 'steer-wheel'),
            Sample::whole(3, 'engine.oil_level'),
        );

        expect($sheet->outcomes['engine.oil_level']->status)->toBe(ItemStatus::Late)
            ->and($sheet->outcomes['engine.oil_level']->earned)->toBe(0)
            ->and($sheet->outcomes['engine.oil_level']->late()->has(Point::Level))->toBeTrue()
            ->and($sheet->outcomes['engine.alternator']->status)->toBe(ItemStatus::Missed);
    });

    it('keeps what was said in time when more is said late', function (): void {
        $sheet = Sample::sheet(
            ['returns' => 'place', 'credit' => 'weighted'],
            Sample::enter(1, 'engine'),
            Sample::points(2, 'engine.alternator', Point::Mounted),
            Sample::enter(3, 'steer-wheel'),
            Sample::points(4, 'engine.alternator', Point::Drive),
        );

        expect($sheet->outcomes['engine.alternator']->status)->toBe(ItemStatus::LaterAdded)
            ->and($sheet->outcomes['engine.alternator']->earned)->toBe(intdiv(Credit::UNIT * 2, 5));
    });
});

describe('sums', function (): void {
    it('adds up sections and the whole', function (): void {
        $sheet = Sample::sheet([], Sample::whole(1, 'cab.seat_belt'), Sample::whole(2, 'engine.oil_level'));

        expect($sheet->overall->asked)
            ->toBe(8)
            ->and($sheet->overall->permille())
            ->toBe(250)
            ->and($sheet->sections[0]->score->permille())
            ->toBe(250)
            ->and($sheet->sections[1]->score->permille())
            ->toBe(250)
            ->and($sheet->overall->counts['whole'])
            ->toBe(2)
            ->and($sheet->overall->misses())
            ->toBe(6);
    });

    it('asks nothing for what was waved', function (): void {
        $sheet = Sample::sheet([], Sample::wave(1, 'cab.horn_air'));

        expect($sheet->overall->asked)->toBe(7)->and($sheet->outcomes['cab.horn_air']->possible)->toBe(0);
    });

    it('weighs items', function (): void {
        $document = Sample::with(Sample::checklistDocument(), ['components', 4, 'weight'], 3);
        $checklist = (new ChecklistReader())->read((string) json_encode($document));
        $sheet = ScoreSheet::from(
            $checklist,
            Sample::vehicle(),
            null,
            Pasada\Core\Attempt\Marks\MarkList::of(Sample::whole(1, 'engine.oil_level')),
        );

        expect($sheet->overall->permille())->toBe(300);
    });

    it('rounds a share down, never up to a pass', function (): void {
        // 2 of 3 items earned under a waved rest: 66.67 % reads 66.6.
        $waved = array_map(static fn (int $n, string $item): Mark => Sample::wave($n + 10, $item), range(0, 4), [
            'cab.horn_air', 'side.mirror@left', 'side.mirror@right', 'wheel.tyre@steer', 'wheel.tyre@drive',
        ]);

        expect(
            Sample::sheet(
                [], Sample::whole(1, 'cab.seat_belt'), Sample::whole(2, 'engine.oil_level'), ...$waved,
            )->overall->permille(),
        )->toBe(666);
    });

    it('gives each section the time spent at its places', function (): void {
        $sheet = Sample::sheet(
            [], Sample::enter(0, 'cab'), Sample::enter(30, 'engine'), Sample::enter(50, 'steer-wheel'),
            Sample::finish(60),
        );

        expect($sheet->sections[0]->timeMs)->toBe(30_000)->and($sheet->sections[1]->timeMs)->toBe(30_000);
    });
});

describe('the verdict', function (): void {
    $seven = wholeWalk(but: 0);

    it('holds the score against the pass mark', function (array $pass, array $marks, Standing $standing): void {
        expect(Sample::sheet(['pass' => [...$pass, 'note' => 'x']], ...$marks)->verdict->standing)->toBe($standing);
    })->with([
        'nothing yet' => [['overall_percent' => 80], [], Standing::Open],
        'nothing, finished' => [['overall_percent' => 80], [Sample::finish(20)], Standing::Failed],
        '7 of 8 at 87 %' => [['overall_percent' => 87], [...$seven, Sample::finish(20)], Standing::Passed],
        '7 of 8 at 88 %' => [['overall_percent' => 88], [...$seven, Sample::finish(20)], Standing::Failed],
        'all, exactly 100 %' => [['overall_percent' => 100], wholeWalk(), Standing::Passed],
        'passed before the end' => [['overall_percent' => 80], $seven, Standing::Passed],
        'one section below' => [['section_percent' => 80], [...$seven, Sample::finish(20)], Standing::Failed],
        'every section above' => [['section_percent' => 75], [...$seven, Sample::finish(20)], Standing::Passed],
        'one miss allowed' => [['misses_allowed' => 1], [...$seven, Sample::finish(20)], Standing::Passed],
        'no miss allowed' => [['misses_allowed' => 0], [...$seven, Sample::finish(20)], Standing::Failed],
        'a place ticked off that can still be come back to' => [
            ['misses_allowed' => 0],
            [Sample::enter(1, 'cab'), Sample::close(2, 'cab')],
            Standing::Open,
        ],
        'a critical section missed' => [
            ['overall_percent' => 80, 'critical_sections' => ['cab']],
            [...$seven, Sample::finish(20)],
            Standing::Failed,
        ],
        'a critical section earned' => [
            ['overall_percent' => 80, 'critical_sections' => ['outside']],
            [...$seven, Sample::finish(20)],
            Standing::Passed,
        ],
        'a critical section still open' => [
            ['overall_percent' => 80, 'critical_sections' => ['cab']],
            $seven,
            Standing::Open,
        ],
        'a critical component missed' => [
            ['overall_percent' => 80, 'critical_components' => ['cab.seat_belt']],
            [...$seven, Sample::finish(20)],
            Standing::Failed,
        ],
        'a critical component earned at every position' => [
            ['overall_percent' => 80, 'critical_components' => ['wheel.tyre']],
            [...$seven, Sample::finish(20)],
            Standing::Passed,
        ],
        'a critical component waved' => [
            ['overall_percent' => 80, 'critical_components' => ['cab.horn_air']],
            [...wholeWalk(), Sample::wave(19, 'cab.horn_air'), Sample::finish(20)],
            Standing::Passed,
        ],
        'both rules must be met' => [
            ['overall_percent' => 80, 'misses_allowed' => 0],
            [...$seven, Sample::finish(20)],
            Standing::Failed,
        ],
    ]);

    it('fails early once the mark is out of reach', function (): void {
        $sheet = Sample::sheet(
            ['returns' => 'place', 'pass' => ['overall_percent' => 80, 'note' => 'x']],
            Sample::enter(1, 'cab'),
            Sample::enter(2, 'engine'),
        );

        expect($sheet->verdict->standing)->toBe(Standing::Failed);
    });

    it('fails early once there is a miss that cannot be mended', function (): void {
        $sheet = Sample::sheet(
            ['returns' => 'place', 'pass' => ['misses_allowed' => 0, 'note' => 'x']],
            Sample::enter(1, 'cab'),
            Sample::close(2, 'cab'),
        );

        expect($sheet->verdict->standing)->toBe(Standing::Failed);
    });

    it('names what was critical', function (): void {
        $checks = Sample::sheet(
            [
                'pass' => [
                    'overall_percent' => 10,
                    'critical_sections' => ['cab'],
                    'critical_components' => ['wheel.tyre'],
                    'note' => 'x',
                ],
            ],
            ...[...wholeWalk(but: 0), Sample::finish(20)],
        )->verdict->checks;

        expect($checks[1]->said)
            ->toBe('All 4 items of "In the cab" are required; 1 were missed.')
            ->and($checks[2]->said)
            ->toBe('All 2 items of "Tyre" are required; 0 were missed.')
            ->and($checks[2]->met)
            ->toBeTrue();
    });

    it('gives its reasons in words', function (): void {
        $checks = Sample::sheet(
            ['pass' => ['overall_percent' => 88, 'section_percent' => 70, 'misses_allowed' => 2, 'note' => 'x']],
            ...[...wholeWalk(but: 0), Sample::finish(20)],
        )->verdict->checks;

        expect(array_map(static fn ($check): string => $check->said, $checks))->toBe([
            '87.5% of the whole walk was earned; 88% is needed.',
            '75.0% of "In the cab" was earned; 70% is needed.',
            '100.0% of "Outside" was earned; 70% is needed.',
            '1 of 8 items were missed; 2 misses are allowed.',
        ])->and(array_map(static fn ($check): bool => $check->met, $checks))->toBe([false, true, true, true]);
    });
});

describe('the order', function (): void {
    it('names the fewest items out of place', function (): void {
        $sheet = Sample::sheet(
            [], Sample::whole(1, 'cab.seat_belt'), Sample::whole(2, 'engine.oil_level'),
            Sample::whole(3, 'cab.horn_air'), Sample::whole(4, 'wheel.tyre@steer'),
        );

        expect($sheet->order->outOfPlace)
            ->toHaveCount(1)
            ->and($sheet->order->inOrder())
            ->toBe(3)
            ->and($sheet->outcomes['engine.oil_level']->outOfPlace xor $sheet->outcomes['cab.horn_air']->outOfPlace)
            ->toBeTrue();
    });

    it('leaves waved items out', function (): void {
        expect(
            Sample::sheet([], Sample::whole(1, 'engine.oil_level'), Sample::wave(2, 'cab.horn_air'))->order->named,
        )->toBe(1);
    });

    it('counts how often a place was entered again', function (): void {
        expect(
            Sample::sheet(
                [], Sample::enter(1, 'cab'), Sample::enter(2, 'engine'), Sample::enter(3, 'cab'),
                Sample::enter(4, 'engine'),
            )->order->returns,
        )->toBe(2);
    });
});

it('lists as lessons what was asked and not earned', function (): void {
    $sheet = Sample::sheet(
        [],
        Sample::whole(1, 'cab.seat_belt'),
        Sample::wave(2, 'cab.horn_air'),
        Sample::points(3, 'engine.alternator', Point::Mounted),
        Sample::finish(9),
    );

    expect($sheet->outcomes['cab.seat_belt']->isLesson())->toBeFalse()
        ->and($sheet->outcomes['cab.horn_air']->isLesson())->toBeFalse()
        ->and($sheet->outcomes['engine.alternator']->isLesson())->toBeTrue()
        ->and($sheet->outcomes['engine.alternator']->missing()->points())->toBe([Point::Drive, Point::BeltPlay])
        ->and($sheet->outcomes['engine.oil_level']->isLesson())->toBeTrue();
});
