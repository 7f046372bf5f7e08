<?php

declare(strict_types=1);

use App\Models\Attempt;
use App\Models\Recital;
use App\Models\Role;
use App\Models\Student;
use App\Models\Tombstone;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Tests\Support\Yard;

beforeEach(function (): void {
    Carbon::setTestNow('2026-11-28 12:00');
    $this->yard = new Yard;
    $this->mira = $this->yard->person(Role::Student, 'Mira Tallgrass');
    $this->yard->student->update(['user_id' => $this->mira->id]);
    $this->path = "/api/v1/students/{$this->yard->student->id}";
    $this->walk = function (string $at): Attempt {
        $attempt = $this->yard->attempt(startedAt: $at);
        $this->yard->finish($attempt);

        return $attempt;
    };
    Recital::query()->create([
        'id' => (string) Str::uuid7(), 'student_id' => $this->yard->student->id, 'item' => 'cab.seat_belt',
        'words' => 'not frayed', 'earned' => 1000, 'recited_at' => Carbon::now(),
    ]);
    $this->manager = $this->yard->person(Role::Manager, 'Paul Averdale');
    $this->actingAs($this->manager);
});

it('hands all that is known of a person out as one archive', function (): void {
    $attempt = ($this->walk)('2026-11-20 14:00');
    $void = ($this->walk)('2026-11-21 14:00');
    $this->putJson("/api/v1/attempts/$void->id/void", ['reason' => 'Wrong truck'])->assertNoContent();
    $path = $this->actingAs($this->mira)->get("$this->path/archive")->assertOk()
        ->assertHeader('Content-Type', 'application/zip')->baseResponse->getFile()->getPathname();
    $zip = new ZipArchive;
    expect($zip->open($path))->toBeTrue()
        ->and(glob(sys_get_temp_dir().'/pasada-zip-*', GLOB_ONLYDIR))->toBe([]);
    $json = static fn (string $name): array => json_decode((string) $zip->getFromName($name), true);
    expect($json('records.json')['records'][0]['id'])->toBe($attempt->id)
        ->and($json('person.json')['name'])->toBe('Mira Tallgrass')
        ->and($json('person.json')['practice_cards'][0]['words'])->toBe('not frayed')
        ->and($json('statements.json'))->toHaveCount(2)->and($json('records.json')['records'][1]['id'])->toBe($void->id)
        ->and($json('person.json')['walks_that_count_nowhere'])->toBe([
            ['id' => $void->id, 'state' => 'void', 'reason' => 'Wrong truck'],
        ])
        ->and((string) $zip->getFromName('attempts.csv'))->toContain($attempt->id)
        ->and((string) $zip->getFromName('record.pdf'))->toStartWith('%PDF')
        ->and((string) $zip->getFromName('README.txt'))->toContain('records.json');
    $this->actingAs($this->manager)->getJson('/api/v1/trail?kind=student&words=downloaded')
        ->assertJsonPath('lines.0.record', (string) $this->yard->student->id);
});

it('keeps the archive from everybody else', function (Role $role): void {
    $this->actingAs($this->yard->person($role))->get("$this->path/archive")
        ->assertStatus($role === Role::Student ? 404 : 403);
})->with([Role::Instructor, Role::Examiner, Role::Student]);

it('erases all and the name where nothing has to be kept', function (): void {
    ($this->walk)('2022-03-01 14:00');
    $this->getJson("$this->path/erasure")->assertOk()->assertExactJson([
        'held' => null, 'walks' => 1, 'practices' => 1, 'kept' => 0, 'kept_until' => null,
    ]);
    $this->postJson("$this->path/erasure", ['name' => 'Mira'])->assertUnprocessable();
    $this->postJson("$this->path/erasure", ['name' => 'Mira Tallgrass'])->assertOk()->assertJsonPath('walks', 0);
    $left = Student::query()->findOrFail($this->yard->student->id);
    $account = User::query()->findOrFail($this->mira->id);
    expect($left->name)->toBe('Erased')->and($left->archived_at)->not->toBeNull()
        ->and($account->name)->toBe('Erased')->and($account->email)->not->toContain('ferrow')
        ->and($account->disabled_at)->not->toBeNull()
        ->and(Attempt::query()->count())->toBe(0)->and(Recital::query()->count())->toBe(0)
        ->and(Tombstone::query()->sole()->attempts)->toBe(1);
    $this->getJson('/api/v1/trail?kind=student&words=erased')->assertJsonPath('lines.0.after.walks', 1);
});

it('erases the name from records that were merged into this one', function (): void {
    $twin = $this->yard->student('Mira Tallgras');
    $this->postJson("/api/v1/students/$twin->id/merge", ['into' => $this->yard->student->id])->assertOk();
    $this->postJson("$this->path/erasure", ['name' => 'Mira Tallgrass'])->assertOk();
    expect($twin->refresh()->name)->toBe('Erased')->and($twin->archived_at)->not->toBeNull();
});

it('keeps walks for their years with the name, says until when, and erases the rest', function (): void {
    ($this->walk)('2022-03-01 14:00');
    ($this->walk)('2026-11-20 14:00');
    $this->postJson("$this->path/erasure", ['name' => 'Mira Tallgrass'])->assertOk()
        ->assertExactJson(['held' => null, 'walks' => 0, 'practices' => 0, 'kept' => 1, 'kept_until' => '2029-11-20']);
    expect($this->yard->student->refresh()->name)->toBe('Mira Tallgrass')
        ->and($this->mira->refresh()->disabled_at)->not->toBeNull()->and(Recital::query()->count())->toBe(0);
    Carbon::setTestNow('2029-11-22 12:00');
    $this->flushSession();
    $this->actingAs($this->manager);
    $this->postJson("$this->path/erasure", ['name' => 'Mira Tallgrass'])->assertOk()->assertJsonPath('kept', 0);
    expect($this->yard->student->refresh()->name)->toBe('Erased')->and(Attempt::query()->count())->toBe(0);
});

it('erases nothing while the records are held', function (): void {
    $this->postJson('/api/v1/retention', [
        'hold_student_id' => $this->yard->student->id, 'reason' => 'A claim is open',
    ])->assertOk();
    $this->getJson("$this->path/erasure")->assertJsonPath('held', 'A claim is open');
    $this->postJson("$this->path/erasure", ['name' => 'Mira Tallgrass'])->assertConflict();
    expect(Recital::query()->count())->toBe(1);
});

it('is the manager\'s to erase', function (Role $role): void {
    $user = $role === Role::Student ? $this->mira : $this->yard->person($role);
    $this->actingAs($user)->postJson("$this->path/erasure", ['name' => 'Mira Tallgrass'])->assertForbidden();
})->with([Role::Instructor, Role::Examiner, Role::Student]);
