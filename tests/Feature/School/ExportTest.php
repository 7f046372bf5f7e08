<?php

declare(strict_types=1);

use App\Models\Attempt;
use App\Models\Role;
use App\Models\Student;
use PhpOffice\PhpSpreadsheet\IOFactory;
use Tests\Support\Yard;

beforeEach(function (): void {
    $this->yard = new Yard;
    $this->manager = $this->yard->person(Role::Manager, 'Paul Averdale');
    $this->actingAs($this->manager);
    $this->walk = function (?Student $student = null, string $at = '2026-11-20 14:00'): Attempt {
        $attempt = $this->yard->attempt(student: $student, startedAt: $at);
        $this->yard->finish($attempt);

        return $attempt;
    };
    $this->export = fn (string $query): string => $this->get("/api/v1/export?$query")->assertOk()->streamedContent();
});

it('writes complete records that another school takes in and that then say the same', function (): void {
    $attempt = ($this->walk)();
    $file = json_decode(($this->export)('format=json'), true);
    expect($file['format'])->toBe('pasada-records/1')->and($file['records'])->toHaveCount(1);
    $other = new Yard;
    $this->actingAs($other->scorer);
    $this->postJson('/api/v1/records', ['student_id' => $other->student->id, 'record' => $file['records'][0]])
        ->assertCreated();
    $taken = Attempt::query()->where('source_id', $attempt->id)->firstOrFail();
    $this->actingAs($other->person(Role::Manager));
    $again = json_decode(($this->export)('format=json'), true)['records'][0];
    expect($taken->school_id)->toBe($other->school->id)->and($again['sheet'])->toBe($file['records'][0]['sheet'])
        ->and($again['marks'])->toBe($file['records'][0]['marks']);
});

it('writes a line for each attempt, and no cell that computes', function (): void {
    $evil = $this->yard->student('=HYPERLINK("x")');
    ($this->walk)($evil);
    $lines = explode("\r\n", trim(($this->export)('format=csv'), "\u{FEFF}\r\n"));
    $row = array_combine(str_getcsv($lines[0], ',', '"', ''), str_getcsv($lines[1], ',', '"', ''));
    expect($lines)->toHaveCount(2)->and($row['student'])->toBe('\'=HYPERLINK("x")')
        ->and($row['checklist'])->toBe('sample')->and($row['verdict'])->toBe('failed');
});

it('writes a workbook with attempts, items, sections and brake tests', function (): void {
    $attempt = ($this->walk)();
    $path = tempnam(sys_get_temp_dir(), 'book');
    file_put_contents($path, ($this->export)('format=xlsx'));
    $book = IOFactory::createReader('Xlsx')->load($path);
    unlink($path);
    expect($book->getSheetNames())->toBe(['attempts', 'items', 'sections', 'brakes'])
        ->and($book->getSheetByName('attempts')?->getCell('A2')->getFormattedValue())->toBe($attempt->id)
        ->and($book->getSheetByName('items')?->getHighestRow())->toBeGreaterThan(5);
});

it('writes statements of xAPI 1.0.3', function (): void {
    $attempt = ($this->walk)();
    [$one] = json_decode(($this->export)('format=xapi'), true);
    expect($one['id'])->toBe($attempt->id)->and($one['version'])->toBe('1.0.3')
        ->and($one['verb']['id'])->toEndWith('/failed')->and($one['result']['success'])->toBeFalse()
        ->and($one['result']['duration'])->toBe('PT3600S')->and($one['actor']['objectType'])->toBe('Agent');
});

it('takes a student, a class or a time', function (): void {
    $other = $this->yard->student('Odell Marrowby');
    $other->update(['class_id' => $this->yard->schoolClass('Spring')->id]);
    $mine = ($this->walk)(at: '2026-11-01 12:00');
    $theirs = ($this->walk)($other, '2026-11-20 12:00');
    $ids = fn (string $query): array => array_column(
        json_decode(($this->export)("format=json&$query"), true)['records'], 'id',
    );
    expect($ids('student='.$other->id))->toBe([$theirs->id])
        ->and($ids('class='.$this->yard->schoolClass('Spring')->id))->toBe([$theirs->id])
        ->and($ids('to=2026-11-10'))->toBe([$mine->id])
        ->and($ids('from=2026-11-10&to=2026-11-20'))->toBe([$theirs->id]);
    $this->getJson('/api/v1/export?format=pdf')->assertUnprocessable();
    $this->getJson('/api/v1/export?format=csv&from=2026-12-01&to=2026-11-01')->assertUnprocessable();
});

it('is the manager\'s, but for a student\'s own records, and stands in the trail', function (): void {
    $account = $this->yard->person(Role::Student);
    $this->yard->student->update(['user_id' => $account->id]);
    $this->actingAs($account);
    $this->getJson('/api/v1/export?format=csv')->assertForbidden();
    ($this->export)('format=csv&student='.$this->yard->student->id);
    $this->actingAs($this->yard->person(Role::Examiner));
    $this->getJson('/api/v1/export?format=csv')->assertForbidden();
    $this->actingAs($this->manager);
    expect($this->getJson('/api/v1/trail?words=exported')->json('lines.0.after'))
        ->toBe(['format' => 'csv', 'attempts' => 0]);
});
