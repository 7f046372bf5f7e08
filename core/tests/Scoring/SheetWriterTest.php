<?php

declare(strict_types=1);

use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Attempt\Marks\MarkFields;
use Pasada\Core\Attempt\Marks\MarkKind;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Scoring\Credit;
use Pasada\Core\Scoring\ScoreSheet;
use Pasada\Core\Scoring\SheetWriter;
use Pasada\Core\Tests\Sample;

/** @return array<string, mixed> what the open format says, as whoever reads the file gets it */
function writtenSheet(array $rules, Mark ...$marks): array
{
    return json_decode((string) json_encode(SheetWriter::write(Sample::sheet($rules, ...$marks))), true);
}

/** @return array<string, mixed> */
function writtenScore(int $earned, int $asked, int $permille, int $whole, array $counts): array
{
    return [
        'earned' => $earned * Credit::UNIT,
        'possible' => $asked * Credit::UNIT,
        'bonus' => 0,
        'permille' => $permille,
        'asked' => $asked,
        'whole' => $whole,
        'counts' => [
            'not_reached' => 0, 'whole' => 0, 'carried' => 0, 'partial' => 0, 'late' => 0, 'later_added' => 0,
            'wrong' => 0, 'over_defect' => 0, 'not_fitted' => 0, 'missed' => 0, ...$counts,
        ],
    ];
}

/** @return array<string, mixed> */
function writtenItem(string $id, string $section, string $place, string $status, array $rest): array
{
    return [
        'id' => $id, 'section' => $section, 'place' => $place, 'status' => $status, 'heard' => [], 'late' => [],
        'missing' => [], 'wrong' => [], 'figures' => [], 'earned' => 0, 'possible' => Credit::UNIT, 'bonus' => 0,
        'forfeited' => false, 'carried_from' => null, 'defect' => null, 'defect_noticed' => false,
        'first_at_ms' => null, 'out_of_place' => false, ...$rest,
    ];
}

it('writes every field of the open format', function (): void {
    $sheet = writtenSheet(
        [],
        Sample::enter(1, 'cab'),
        Sample::whole(2, 'cab.seat_belt'),
        Sample::wave(3, 'cab.horn_air'),
        Sample::points(4, 'side.mirror@left', Point::Mounted),
        Mark::note(Sample::id(5), 5000, 'spoke softly', 'cab.seat_belt'),
        Sample::close(6, 'cab'),
        Sample::enter(7, 'engine'),
        Sample::wrong(8, 'engine.alternator', Point::Drive),
        Mark::defectPlanted(Sample::id(9), 9000, 'engine.oil_level', 'cap missing'),
        Mark::defectNoticed(Sample::id(10), 10_000, 'engine.oil_level', 'no cap'),
        Mark::of(Sample::id(11), 11_000, MarkKind::LookAgain, new MarkFields(item: 'engine.oil_level')),
        Sample::close(12, 'engine'),
        Sample::enter(13, 'drive-wheel'),
        Sample::points(14, 'wheel.tyre@drive', Point::Even),
        Sample::figure(15, 'wheel.tyre@drive', Point::Depth, 2500),
        Sample::finish(20),
    );

    expect($sheet)->toBe([
        'format' => 'pasada-sheet/1',
        'engine' => ScoreSheet::ENGINE,
        'checklist' => ['id' => 'sample', 'version' => 1],
        'vehicle' => ['id' => 'sample-tractor'],
        'form' => null,
        'standing' => 'failed',
        'checks' => [
            [
                'met' => false,
                'reachable' => false,
                'said' => '14.2% of the whole walk was earned; 80% is needed.',
                'enough' => '5 more complete items would have been enough.',
            ],
        ],
        'unit' => Credit::UNIT,
        'overall' => writtenScore(1, 7, 142, 1, [
            'whole' => 1, 'partial' => 1, 'wrong' => 2, 'not_fitted' => 1, 'missed' => 3,
        ]),
        'sections' => [
            [
                'id' => 'cab',
                'name' => 'In the cab',
                'time_ms' => 6000,
                'time_allowed_seconds' => null,
                ...writtenScore(1, 3, 333, 1, ['whole' => 1, 'partial' => 1, 'not_fitted' => 1, 'missed' => 1]),
            ],
            [
                'id' => 'outside',
                'name' => 'Outside',
                'time_ms' => 13_000,
                'time_allowed_seconds' => null,
                ...writtenScore(0, 4, 0, 0, ['wrong' => 2, 'missed' => 2]),
            ],
        ],
        'items' => [
            writtenItem('cab.seat_belt', 'cab', 'cab', 'whole', [
                'heard' => ['mounted', 'intact', 'works', 'identified'],
                'earned' => Credit::UNIT,
                'first_at_ms' => 2000,
            ]),
            writtenItem('cab.horn_air', 'cab', 'cab', 'not_fitted', [
                'missing' => ['works'], 'possible' => 0, 'first_at_ms' => 3000,
            ]),
            writtenItem('side.mirror@left', 'cab', 'cab', 'partial', [
                'heard' => ['mounted', 'identified'], 'missing' => ['clean'], 'first_at_ms' => 4000,
            ]),
            writtenItem('side.mirror@right', 'cab', 'cab', 'missed', ['missing' => ['mounted', 'clean']]),
            writtenItem('engine.alternator', 'outside', 'engine', 'wrong', [
                'heard' => ['identified'],
                'missing' => ['mounted', 'drive', 'belt_play'],
                'wrong' => ['drive'],
                'first_at_ms' => 8000,
            ]),
            writtenItem('engine.oil_level', 'outside', 'engine', 'missed', [
                'missing' => ['sealed', 'level'], 'defect' => 'cap missing', 'defect_noticed' => true,
            ]),
            writtenItem('wheel.tyre@steer', 'outside', 'steer-wheel', 'missed', ['missing' => ['depth', 'even']]),
            writtenItem('wheel.tyre@drive', 'outside', 'drive-wheel', 'wrong', [
                'heard' => ['even', 'identified'],
                'missing' => ['depth', 'matched'],
                'wrong' => ['depth'],
                'figures' => ['depth' => 2.5],
                'first_at_ms' => 14_000,
            ]),
        ],
        'order' => [
            'named' => 4,
            'out_of_place' => [],
            'sections_out_of_place' => [],
            'directions' => ['outside' => 'inside-out'],
            'tandem' => null,
            'returns' => 0,
        ],
        'visits' => [
            ['place' => 'cab', 'from_ms' => 1000, 'to_ms' => 7000],
            ['place' => 'engine', 'from_ms' => 7000, 'to_ms' => 13_000],
            ['place' => 'drive-wheel', 'from_ms' => 13_000, 'to_ms' => 20_000],
        ],
        'notes' => [['at_ms' => 5000, 'item' => 'cab.seat_belt', 'text' => 'spoke softly']],
        'look_again' => [['at_ms' => 11_000, 'item' => 'engine.oil_level', 'text' => '']],
        'remarks' => [],
        'restarts' => 0,
        'off_list_ms' => 0,
        'duration_ms' => 20_000,
        'finished' => true,
    ]);
});

it('writes what is seldom there', function (array $rules, array $marks, Closure $of, mixed $expected): void {
    expect($of(writtenSheet($rules, ...$marks)))->toBe($expected);
})->with([
    'a point said late' => [
        ['returns' => 'place'],
        [
            Sample::enter(1, 'engine'), Sample::points(2, 'engine.alternator', Point::Mounted),
            Sample::close(3, 'engine'), Sample::enter(4, 'cab'),
            Sample::points(5, 'engine.alternator', Point::Drive),
        ],
        fn (array $sheet): array => $sheet['items'][4]['late'],
        ['drive'],
    ],
    'an item out of place' => [
        ['order' => ['sections' => 'fixed', 'items' => 'fixed']],
        [Sample::whole(1, 'engine.oil_level'), Sample::whole(2, 'engine.alternator')],
        fn (array $sheet): array => [count($sheet['order']['out_of_place']), $sheet['items'][5]['out_of_place']],
        [1, true],
    ],
    'where an inherited item comes from' => [
        ['carry_over' => ['scopes' => ['side']]],
        [Sample::whole(1, 'side.mirror@left'), Sample::carry(2, 'cab', 'left')],
        fn (array $sheet): ?string => $sheet['items'][3]['carried_from'],
        'side.mirror@left',
    ],
    'time off the list' => [
        [],
        [
            Sample::enter(1, 'cab'),
            Mark::of(Sample::id(2), 2000, MarkKind::OffListBegan, new MarkFields),
            Mark::of(Sample::id(3), 5000, MarkKind::OffListEnded, new MarkFields),
        ],
        fn (array $sheet): int => $sheet['off_list_ms'],
        3000,
    ],
]);
