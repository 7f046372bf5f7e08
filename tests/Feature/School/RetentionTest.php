<?php

declare(strict_types=1);

use App\Models\Attempt;
use App\Models\DayTally;
use App\Models\Role;
use App\Retention\DueRecords;
use Illuminate\Support\Facades\DB;
use Tests\Support\Yard;

beforeEach(function (): void {
    $this->yard = new Yard;
    $this->manager = $this->yard->person(Role::Manager, 'Paul Averdale');
    $this->actingAs($this->manager);
    $this->walk = function (string $at, string $name): Attempt {
        $attempt = $this->yard->attempt(student: $this->yard->student($name), startedAt: $at);
        $this->yard->finish($attempt);

        return $attempt;
    };
    $this->old = ($this->walk)(now()->subYears(4)->toDateTimeString(), 'Odell Marrowby');
    $this->young = ($this->walk)(now()->subYears(2)->toDateTimeString(), 'Juna Feldspar');
});

it('knows every table that belongs to an attempt', function (): void {
    $tables = DB::table('information_schema.key_column_usage')
        ->whereRaw('table_schema = database()')
        ->where('referenced_table_name', 'attempts')
        ->where('column_name', 'attempt_id')
        ->pluck('table_name')->all();

    expect(DueRecords::OF_ATTEMPT)->toEqualCanonicalizing($tables);
});

it('deletes what is due once a manager confirms what was shown, and leaves a line of it', function (): void {
    $this->getJson('/api/v1/retention')->assertOk()->assertJsonPath('due', 1)->assertJsonPath('kept_years', 3);
    $this->postJson('/api/v1/retention', ['delete' => 2])->assertConflict();
    $told = $this->postJson('/api/v1/retention', ['delete' => 1])->assertOk()->json();
    expect($told['due'])->toBe(0)->and($told['deleted'][0])->toContain('1 attempts with 1 marks')
        ->and(Attempt::query()->pluck('id')->all())->toBe([$this->young->id])
        ->and(DB::table('marks')->where('attempt_id', $this->old->id)->exists())->toBeFalse();
    $this->postJson('/api/v1/retention', ['delete' => 1])->assertConflict();
    expect($this->getJson('/api/v1/trail?kind=tombstone')->json('lines'))->toHaveCount(1);
    $this->artisan('pasada:audit', ['--verify' => true])->assertSuccessful();
});

it('forgets what was counted of the days whose walks it deletes, and counts no other anew', function (): void {
    $this->getJson('/api/v1/scoring-health')->assertOk();
    $this->postJson('/api/v1/retention', ['delete' => 1])->assertOk();

    expect(DayTally::query()->pluck('day')->all())->toBe([$this->young->started_at->toDateString()]);
});

it('deletes nothing of whom is held, until the hold ends', function (): void {
    $held = $this->postJson('/api/v1/retention', [
        'hold_student_id' => $this->old->student_id, 'reason' => 'A dispute over the exam',
    ])->assertOk()->assertJsonPath('due', 0)->json('holds.0');
    // All or nothing: neither the years nor the deletion.
    $this->postJson('/api/v1/retention', ['kept_years' => 9, 'delete' => 1])->assertConflict();
    $this->app['auth']->forgetGuards();
    $this->actingAs($this->manager->fresh());
    $this->getJson('/api/v1/retention')->assertJsonPath('kept_years', 3)->assertJsonCount(1, 'holds');
    $this->postJson('/api/v1/retention', [
        'hold_student_id' => $this->old->student_id, 'reason' => 'A dispute over the exam',
    ])->assertJsonCount(1, 'holds');
    $this->postJson('/api/v1/retention', ['hold_student_id' => $this->old->student_id])->assertUnprocessable();
    $this->postJson('/api/v1/retention', ['end_hold' => (int) $held['value']])->assertOk()->assertJsonPath('due', 1);
});

it('keeps for longer where the school says so, and never for less than the law', function (): void {
    $this->postJson('/api/v1/retention', ['kept_years' => 5])->assertOk()->assertJsonPath('due', 0);
    $this->postJson('/api/v1/retention', ['kept_years' => 2])->assertUnprocessable()->assertSee('380.725');
});

it('is the manager\'s', function (Role $role): void {
    $this->actingAs($this->yard->person($role));
    $this->getJson('/api/v1/retention')->assertForbidden();
    $this->postJson('/api/v1/retention', ['delete' => 1])->assertForbidden();
})->with([Role::Instructor, Role::Examiner, Role::Student]);
