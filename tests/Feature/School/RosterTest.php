<?php

declare(strict_types=1);

use App\Models\ExamResult;
use App\Models\Role;
use App\Models\SchoolClass;
use App\Models\Student;
use Tests\Support\Xlsx;
use Tests\Support\Yard;

beforeEach(function (): void {
    $this->yard = new Yard;
    $this->actingAs($this->yard->scorer);
    $this->bring = fn (string $content, array $more = []) => $this->postJson('/api/v1/students/list', [
        'name' => 'autumn.csv', 'content' => base64_encode($content), 'keep' => true, ...$more,
    ]);
});

it('takes forty students in once six faults are mended, and nobody before', function (): void {
    $letter = static fn (int $n): string => chr(65 + intdiv($n, 26)).chr(97 + $n % 26);
    $lines = array_map(static fn (int $n): string => "Student {$letter($n)};$n;Spring;2026-12-04", range(1, 40));
    $good = "Name;Number;Class;Exam\n".implode("\n", $lines)."\n";
    $wrong = [
        3 => ';3;Spring;', 7 => '1998-04-12;7;Spring;', 12 => '=SUM(A1);12;Spring;', 20 => 'Student;20;Spring;soon',
        31 => str_repeat('a', 300).';31;Spring;', 40 => 'Student 40;40;Spring;',
    ];
    $bad = "Name;Number;Class;Exam\n".implode("\n", array_replace($lines, array_combine(
        array_map(static fn (int $n): int => $n - 1, array_keys($wrong)), $wrong,
    )))."\n";
    $told = ($this->bring)($bad)->assertOk()->json();
    $faulty = array_filter($told['lines'], static fn (array $line): bool => $line['faults'] !== []);
    expect($told['faults'])->toBe(6)->and($told['kept'])->toBeNull()->and(Student::query()->count())->toBe(1)
        ->and(array_column($faulty, 'line'))
        ->toBe([4, 8, 13, 21, 32, 41]);
    ($this->bring)($good)->assertOk()->assertJsonPath('kept', 40);
    expect(Student::query()->count())->toBe(41)->and(SchoolClass::query()->where('name', 'Spring')->count())->toBe(1);
    ($this->bring)($good)->assertOk()->assertJsonPath('kept', null)->assertJsonPath('open', 40);
});

it('shows who may be there already, and asks before it adds them', function (): void {
    $list = "Name,Number\n\"TALLGRASS, Mira\",7\nOdell Marrowby,\nOdell Marrowby,\n";
    $told = ($this->bring)($list)->assertOk()->json();
    expect($told['open'])->toBe(2)->and($told['lines'][0]['known'][0])->toStartWith('Mira Tallgrass')
        ->and($told['lines'][2]['known'])->toBe(['line 3 of this list']);
    ($this->bring)($list, ['choices' => [2 => 'skip', 4 => 'new']])->assertOk()->assertJsonPath('kept', 2);
});

it('keeps what came of earlier exams, of who is new and of who is there, once', function (): void {
    $list = "Name,Exam,Result\nMira Tallgrass,2026-05-04,passed\nBram Quillow,5/6/2026,failed\n";
    ($this->bring)($list)->assertJsonPath('open', 1)->assertJsonPath('kept', null)
        ->assertJsonPath('lines.0.result', 'passed on 2026-05-04');
    ($this->bring)($list, ['choices' => [2 => 'same']])->assertOk()->assertJsonPath('kept', 2);
    ($this->bring)($list, ['choices' => [2 => 'same', 3 => 'same']])->assertOk()->assertJsonPath('kept', 2);
    expect(Student::query()->count())->toBe(2)
        ->and(ExamResult::query()->get()->map(fn (ExamResult $one): array => [
            $one->student_id, $one->held_on->toDateString(), $one->passed,
        ])->all())->toBe([
            [$this->yard->student->id, '2026-05-04', true],
            [Student::query()->where('name', 'Bram Quillow')->value('id'), '2026-05-06', false],
        ]);
});

it('brings a result again that was withdrawn', function (): void {
    $list = "Name,Exam,Result\nMira Tallgrass,2026-05-04,passed\n";
    ($this->bring)($list, ['choices' => [2 => 'same']])->assertOk();
    ExamResult::query()->sole()->update(['withdrawn_at' => now(), 'withdrawn_by' => $this->yard->scorer->id]);
    ($this->bring)($list, ['choices' => [2 => 'same']])->assertOk();
    expect(ExamResult::standing($this->yard->school->id)->count())->toBe(1);
});

it('reads what spreadsheets write', function (Closure $content, string $name): void {
    $told = ($this->bring)($content(), ['keep' => false])->assertOk()->json();
    expect($told['lines'][0]['name'])->toBe($name)->and($told['kept'])->toBeNull();
})->with([
    'Windows-1252' => [
        fn (): string => mb_convert_encoding("Name;Class\nZoë Müller;A\n", 'Windows-1252'), 'Zoë Müller',
    ],
    'with a mark' => [fn (): string => "\u{FEFF}Name,Class\nMira T,A\n", 'Mira T'],
    'a workbook' => [fn (): string => Xlsx::of([1 => ['Name', 'Class'], 2 => ['Bram Quillow', 'A']]), 'Bram Quillow'],
]);

it('lets a person say what a column holds', function (): void {
    $told = ($this->bring)("Who,When\nBram Quillow,2026-12-04\n", ['columns' => ['name', 'exam_on']])->json();
    expect($told['kept'])->toBe(1)
        ->and(Student::query()->where('name', 'Bram Quillow')->value('exam_on'))->not->toBeNull();
});

it('refuses what is no list', function (string $content): void {
    ($this->bring)($content)->assertUnprocessable();
    expect(Student::query()->count())->toBe(1);
})->with(['a PDF' => ['%PDF-1.7'], 'a broken workbook' => ["PK\x03\x04broken"], 'headings alone' => ["Name,Class\n"]]);

it('is for those who teach and manage', function (Role $role, int $status): void {
    $this->actingAs($this->yard->person($role));
    ($this->bring)("Name\nBram Quillow\n")->assertStatus($status);
})->with([[Role::Manager, 200], [Role::Examiner, 403], [Role::Student, 403]]);
