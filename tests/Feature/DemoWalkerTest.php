<?php

declare(strict_types=1);

use App\Demo\DemoSchool;
use App\Demo\DemoWalker;
use App\Demo\StudentProfile;
use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Attempt\Marks\MarkKind;
use Pasada\Core\Attempt\Marks\MarkList;
use Pasada\Core\Attempt\Marks\MarkReader;
use Pasada\Core\Attempt\Marks\MarkWriter;
use Pasada\Core\Scoring\ScoreSheet;
use Pasada\Core\Tests\Sample;

/** @return list<Mark> */
function demoWalk(StudentProfile $profile, int $attempt, int $seed): array
{
    return (new DemoWalker(Sample::inspection(), $profile, $attempt, $seed))->walk();
}

it('walks the same for the same seed and differently for another', function (): void {
    $profile = DemoSchool::students()[0];

    expect(demoWalk($profile, 0, 7))->toEqual(demoWalk($profile, 0, 7))->not->toEqual(demoWalk($profile, 0, 8));
});

it('makes marks that the reader takes: ids once, times forward, items of the sheet', function (int $seed): void {
    $marks = demoWalk(DemoSchool::students()[$seed % 12], 2, $seed);
    $read = (new MarkReader(Sample::inspection()))->read(
        ['marks' => array_map(MarkWriter::write(...), $marks)],
        0,
        static fn (): bool => false,
    );

    expect($read)->toEqual($marks)->and(MarkList::of(...$marks)->marks)->toHaveCount(count($marks))
        ->and($marks[count($marks) - 1]->kind)->toBe(MarkKind::Finished);
})->with(range(1, 12));

it('says everything when it knows everything, and nothing when it always slips', function (): void {
    $knows = new StudentProfile('Knows', 1, 100, 100, 1, null, 'x', [], 0);
    $slips = new StudentProfile('Slips', 1, 100, 100, 1, null, 'x', ['wheel.tyre' => 100], 0);
    $sheet = static fn (StudentProfile $profile): ScoreSheet => ScoreSheet::ofInspection(
        Sample::inspection(),
        MarkList::of(...demoWalk($profile, 0, 3)),
    );

    expect($sheet($knows)->overall->permille())
        ->toBe(1000)
        ->and($sheet($knows)->order->outOfPlace)
        ->toBe([])
        ->and($sheet($slips)->outcomes['wheel.tyre@steer']->earned)
        ->toBe(0)
        ->and($sheet($slips)->overall->permille())
        ->toBe(750);
});

it('learns from the first attempt to the last', function (): void {
    $profile = new StudentProfile('Learns', 5, 40, 80, 1, null, 'x');

    expect(array_map($profile->knows(...), range(0, 4)))->toBe([40, 50, 60, 70, 80])
        ->and((new StudentProfile('Once', 1, 40, 80, 1, null, 'x'))->knows(0))->toBe(80);
});

it('slips where the profile says, by part or by part and axle', function (
    string $component,
    string $position,
    int $chance,
): void {
    $profile = new StudentProfile('Slips', 1, 90, 90, 1, null, 'x', [
        'engine.' => 10,
        'brake.@trailer' => 85,
        'engine.oil_level' => 30,
    ]);

    expect($profile->slip($component, $position))->toBe($chance);
})->with([
    'a whole zone' => ['engine.belts', '', 10],
    'the worse of two' => ['engine.oil_level', '', 30],
    'the axle it is known for' => ['brake.hose', 'trailer', 85],
    'another axle' => ['brake.hose', 'steer', 0],
    'elsewhere' => ['cab.wipers', '', 0],
]);
