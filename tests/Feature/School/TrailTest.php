<?php

declare(strict_types=1);

use App\Models\Role;
use App\Models\Student;
use App\Trail\Did;
use App\Trail\Trail;
use App\Trail\TrailFile;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Tests\Support\Yard;

beforeEach(function (): void {
    $this->yard = new Yard;
    $this->manager = $this->yard->person(Role::Manager, 'Paul Averdale');
    $this->actingAs($this->manager);
    $this->lines = fn (string $query = ''): array => $this->getJson("/api/v1/trail?$query")->assertOk()->json('lines');
});

it('keeps who changed what, from what and to what, without secrets', function (): void {
    $this->putJson('/api/v1/students/'.$this->yard->student->id, ['name' => 'Mira Tallgrass-Ember'])->assertOk();
    $line = ($this->lines)('kind=student')[0];

    expect($line['did'])->toBe('changed')->and($line['who'])->toStartWith('Paul Averdale')
        ->and($line['before']['name'])->toBe('Mira Tallgrass')
        ->and($line['after']['name'])->toBe('Mira Tallgrass-Ember')
        ->and($line['address'])->toBe('127.0.0.1');
    $made = ($this->lines)('kind=user');
    expect(json_encode($made))->not->toContain('$2y$')->not->toContain('password":');
});

it('keeps sign-ins, refused ones, and once in half a day that somebody read a record', function (): void {
    $this->getJson('/api/v1/students/'.$this->yard->student->id)->assertOk();
    $this->getJson('/api/v1/students/'.$this->yard->student->id)->assertOk();
    expect(array_count_values(array_column(($this->lines)('kind=student'), 'did'))['viewed'])->toBe(1);
    foreach (['wrong', 'walk-the-yard'] as $password) {
        $this->postJson('/api/v1/session', ['email' => $this->yard->scorer->email, 'password' => $password]);
    }
    $this->actingAs($this->manager);
    expect(array_slice(array_column(($this->lines)('kind=user'), 'did'), 0, 2))->toBe(['signed in', 'sign-in refused']);
});

it('keeps that somebody read or took out a walk that is not their own', function (): void {
    $attempt = $this->yard->attempt();
    $this->yard->finish($attempt);
    $did = fn (): array => array_column(($this->lines)("kind=attempt&record=$attempt->id"), 'did');
    $this->actingAs($this->yard->scorer)->getJson("/api/v1/attempts/$attempt->id/result")->assertOk();
    $this->actingAs($this->manager);
    expect($did())->not->toContain('viewed');
    $this->getJson("/api/v1/attempts/$attempt->id/result")->assertOk();
    $this->get("/api/v1/attempts/$attempt->id/record")->assertOk();
    expect(array_slice($did(), 0, 2))->toBe(['downloaded', 'viewed']);
});

it('is searched by words, record and days, page by page', function (): void {
    foreach (range(1, 70) as $n) {
        app(Trail::class)->keep($this->yard->school->id, Did::Exported, 'student', $n, null, ['n' => "lot $n"]);
    }
    $first = $this->getJson('/api/v1/trail?words=exported')->json();
    $second = $this->getJson('/api/v1/trail?words=exported&before='.$first['before'])->json();
    expect($first['lines'])->toHaveCount(60)->and($second['lines'])->toHaveCount(10)
        ->and($second['before'])->toBeNull()
        ->and(($this->lines)('words=lot 68'))->toHaveCount(1)
        ->and(($this->lines)('record=3&kind=student&words=exported'))->toHaveCount(1)
        ->and(($this->lines)('from=2020-01-01&to=2020-12-31'))->toBe([]);
});

it('is the manager\'s to read', function (Role $role): void {
    $this->actingAs($this->yard->person($role));
    $this->getJson('/api/v1/trail')->assertForbidden();
})->with([Role::Instructor, Role::Examiner, Role::Student]);

it('cannot be changed or taken from, and tells a line that was put in', function (): void {
    expect(fn () => DB::table('trail')->update(['who' => 'Nobody']))->toThrow(QueryException::class, 'only added to')
        ->and(fn () => DB::table('trail')->delete())->toThrow(QueryException::class, 'only added to');
    $this->artisan('pasada:audit', ['--verify' => true])->assertSuccessful();
    $last = (array) DB::table('trail')->where('chain', $this->yard->school->id)->orderByDesc('position')->first();
    unset($last['id']);
    $last['position']++;
    DB::table('trail')->insert($last);
    $this->artisan('pasada:audit', ['--verify' => true])->assertFailed()
        ->expectsOutputToContain("line $last[position] was changed");
});

it('tells an end that was cut off, by what was noted outside the database', function (): void {
    $file = app(TrailFile::class)->path();
    $kept = is_file($file) ? file_get_contents($file) : null;
    try {
        $this->artisan('pasada:audit', ['--note' => true])->assertSuccessful();
        $this->artisan('pasada:audit', ['--verify' => true])->assertSuccessful();
        file_put_contents($file, sprintf(
            "2026-11-28 %d 999 %s\n", $this->yard->school->id, str_repeat('a', 64),
        ), FILE_APPEND);
        $this->artisan('pasada:audit', ['--verify' => true])->assertFailed()
            ->expectsOutputToContain('line 999 is missing, which the note of 2026-11-28 has');
    } finally {
        $kept === null ? unlink($file) : file_put_contents($file, $kept);
    }
});

it('keeps nothing of what is not kept itself', function (): void {
    $before = count(($this->lines)());
    DB::beginTransaction();
    Student::query()->findOrFail($this->yard->student->id)->update(['name' => 'Somebody']);
    DB::rollBack();
    expect(($this->lines)())->toHaveCount($before);
});
