<?php

declare(strict_types=1);

use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Listing\CutText;
use Pasada\Core\Roster\PersonName;
use Pasada\Core\Roster\Roster;
use Pasada\Core\Roster\RosterChoice;
use Pasada\Core\Roster\RosterColumn;
use Pasada\Core\Roster\RosterLine;

function roster(string $text): Roster
{
    return Roster::of(CutText::of($text)->cells);
}

it('reads names, numbers, classes and days by their headings', function (string $text): void {
    expect(array_map(
        static fn (RosterLine $line): array => [$line->name, $line->number, $line->className, $line->examOn],
        roster($text)->lines,
    ))->toBe([['Mira Tallgrass', '7', 'Autumn', '2026-12-04'], ['Odell Marrowby', null, null, null]]);
})->with([
    'commas' => ["Student,ID,Class,Exam\nMira Tallgrass,7,Autumn,2026-12-04\nOdell Marrowby,,,\n"],
    'semicolons, last name first' => [
        "Name;No;Course;Test day\n\"Tallgrass, Mira\";7;Autumn;12/4/2026\nOdell Marrowby;;;\n",
    ],
    'two columns of a name' => [
        "First name\tLast name\tNumber\tClass\tExam\nMira\tTallgrass\t7\tAutumn\t46360\nOdell\tMarrowby\t\t\t\n",
    ],
]);

it('takes nothing of what nobody here needs', function (): void {
    expect(roster("Name,Birth date,Phone,E-mail\nMira Tallgrass,1998-04-12,555,m@x.example\n")->columns)
        ->toBe([RosterColumn::Name, RosterColumn::Nothing, RosterColumn::Nothing, RosterColumn::Nothing]);
});

it('tells every line what is wrong with it', function (string $line, string $said): void {
    $roster = roster("Name,Exam\nMira Tallgrass,2026-12-04\n$line\n");

    expect($roster->lines[1]->line)->toBe(3)->and($roster->lines[1]->faults[0])->toContain($said)
        ->and($roster->faults([]))->toBe(1)->and($roster->faults([3 => RosterChoice::LeaveOut]))->toBe(0);
})->with([
    'no name' => [',2026-12-04', 'no name'],
    'a birth date as a name' => ['1998-04-12,', 'a day and no name'],
    'a formula' => ['=A1,', 'formula'],
    'a number' => ['Bram 7,', 'holds a number'],
    'a name of 300 letters' => [str_repeat('a', 300).',', 'longer than 120'],
    'a day that is none' => ['Bram Quillow,2026-02-30', 'is no day'],
    'a day in words' => ['Bram Quillow,next Friday', 'is no day'],
]);

it('reads what came of earlier exams', function (string $text, array $results): void {
    expect(array_map(
        static fn (RosterLine $line): ?array => $line->result === null
            ? null : [$line->result->heldOn, $line->result->passed],
        roster($text)->lines,
    ))->toBe($results);
})->with([
    'beside the day of the exam' => [
        "Name,Exam,Result\nMira Tallgrass,2026-05-04,passed\nOdell Marrowby,5/4/2026,Failed\n",
        [['2026-05-04', true], ['2026-05-04', false]],
    ],
    'with an exam that is ahead' => [
        "Name;Exam;Taken on;Passed?\nMira Tallgrass;2026-12-04;2026-05-04;no\nOdell Marrowby;2026-12-04;;\n",
        [['2026-05-04', false], null],
    ],
    'not passed is no pass' => ["Name,Exam,Result\nMira Tallgrass,2026-05-04,not passed\n", [['2026-05-04', false]]],
]);

it('tells what is wrong with an earlier result', function (string $line, string $said): void {
    $roster = Roster::of(
        CutText::of("Name,Taken,Result\nMira Tallgrass,$line\n")->cells, today: '2026-11-28',
    );

    expect($roster->lines[0]->faults[0])->toContain($said)->and($roster->lines[0]->result)->toBeNull();
})->with([
    'no result' => ['2026-05-04,well', 'is no result'],
    'no day' => [',passed', 'no day of the exam'],
    'a day that is none' => ['soon,passed', 'is no day'],
    'a day that lies ahead' => ['2026-12-04,passed', 'lies ahead'],
]);

it('asks again where "the same" may mean several', function (): void {
    $roster = roster("Name\nMira Tallgrass\n");
    $same = [2 => RosterChoice::TheSame];

    expect($roster->open([2 => ['one']], $same))->toBe(0)->and($roster->open([2 => ['one', 'two']], $same))->toBe(1)
        ->and($roster->open([], $same))->toBe(1);
});

it('finds who is there twice, however the name is written', function (): void {
    $roster = roster("Name\nMira Tallgrass\nOdell Marrowby\n\"TALLGRASS, Mira\"\nMira  Tallgrass\n");

    expect(array_map(static fn (RosterLine $line): array => $line->alike, $roster->lines))
        ->toBe([[], [], [2], [2, 4]]);
});

it('says that a list holds nobody, or too many', function (string $text, string $said): void {
    expect(static fn (): Roster => roster($text))->toThrow(DocumentHasFaults::class, $said);
})->with([
    'nothing' => ['', 'holds nobody'],
    'headings alone' => ["Name,Class\n", 'holds nobody'],
    'far too many' => [fn (): string => "Name\n".str_repeat("Mira Tallgrass\n", Roster::MOST_LINES), 'in parts'],
]);

it('asks of whoever may be there already, until it is said', function (): void {
    $roster = roster("Name\nMira Tallgrass\nOdell Marrowby\nMira Tallgrass\n");

    expect($roster->open([3 => true], []))->toBe(2)
        ->and($roster->open([3 => true], [3 => RosterChoice::MakeNew, 4 => RosterChoice::LeaveOut]))->toBe(0)
        ->and(array_column($roster->wanted([4 => RosterChoice::LeaveOut]), 'line'))->toBe([2, 3]);
});

it('takes names as people have them', function (string $name): void {
    expect(PersonName::fault($name))->toBeNull();
})->with(['Mira Tallgrass', 'Zoë O’Müller-Quillow', 'Núñez', '李小龍', 'J. R. Marsh III']);
