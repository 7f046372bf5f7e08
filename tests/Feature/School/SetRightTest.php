<?php

declare(strict_types=1);

use App\Actions\Walk\RecordMarks;
use App\Models\Attempt;
use App\Models\AttemptStatus;
use App\Models\Role;
use App\Models\StoredVehicle;
use Illuminate\Support\Str;
use Pasada\Core\Attempt\Marks\MarkWriter;
use Pasada\Core\Tests\Sample;
use Tests\Support\Yard;

beforeEach(function (): void {
    $this->yard = new Yard;
    $this->manager = $this->yard->person(Role::Manager, 'Paul Averdale');
    $this->attempt = $this->yard->attempt();
    $this->path = "/api/v1/attempts/{$this->attempt->id}";
    app(RecordMarks::class)->handle($this->attempt, $this->yard->scorer, $this->attempt->id, [
        'marks' => [MarkWriter::write(Sample::whole(1, 'cab.seat_belt'))],
    ]);
    $this->finish = function (): void {
        $this->yard->finish($this->attempt);
        $this->actingAs($this->yard->scorer);
        $this->postJson("$this->path/signatures", [
            'id' => (string) Str::uuid7(), 'party' => 'scorer', 'name' => 'Rosa Kettering',
            'strokes' => [[1, 2, 30, 40, 50, 60]],
        ])->assertCreated();
        $this->actingAs($this->manager);
    };
    $this->actingAs($this->manager);
});

it('voids a finished walk with a reason that the student reads, and brings it back', function (): void {
    $this->putJson("$this->path/void", ['reason' => 'Wrong truck'])->assertConflict();
    ($this->finish)();
    $this->putJson("$this->path/void", ['reason' => ''])->assertNoContent();
    $this->putJson("$this->path/void", ['reason' => 'Wrong truck'])->assertNoContent();
    $this->putJson("$this->path/void", ['reason' => 'Wrong truck'])->assertNoContent();
    $this->getJson("$this->path/result")->assertOk()->assertJsonPath('card.status', 'void')
        ->assertJsonPath('card.reason', 'Wrong truck');
    $student = "/api/v1/students/{$this->yard->student->id}";
    $this->getJson($student)->assertJsonPath('student.attempts', 0)->assertJsonPath('attempts.0.status', 'void');
    $this->putJson("$this->path/void", ['reason' => null])->assertNoContent();
    $this->getJson($student)->assertJsonPath('student.attempts', 1);
});

it('gives a walk to the student it was, and signatures of before stand no more', function (): void {
    ($this->finish)();
    $other = $this->yard->student('Odell Marrowby');
    $this->postJson("$this->path/right", ['student_id' => $other->id, 'keep' => false])->assertOk();
    expect($this->attempt->refresh()->student_id)->toBe($this->yard->student->id);
    $this->postJson("$this->path/right", ['student_id' => $other->id, 'keep' => true])->assertOk();
    $this->getJson("$this->path/result")->assertJsonPath('card.student', 'Odell Marrowby')
        ->assertJsonPath('signatures.0.stands', false);
    $line = $this->getJson("/api/v1/trail?kind=attempt&words=changed&record={$this->attempt->id}")->json('lines.0');
    expect($line['who'])->toStartWith('Paul Averdale')
        ->and($line['before'])->toBe(['student_id' => $this->yard->student->id]);
});

it('tells what another vehicle changes before it does, and scores by it afterwards', function (): void {
    ($this->finish)();
    $other = StoredVehicle::query()->create([
        'school_id' => $this->yard->school->id, 'slug' => 'other-truck', 'version' => 1, 'name' => 'Other truck',
        'document' => (string) json_encode(Sample::vehicleDocument()), 'in_force_from' => '2026-01-01',
    ]);
    $told = $this->postJson("$this->path/right", ['vehicle_id' => $other->id, 'keep' => false])->assertOk()->json();
    $this->postJson("$this->path/right", ['vehicle_id' => $other->id, 'keep' => true])->assertOk();
    $this->getJson("$this->path/result")->assertJsonPath('card.vehicle', 'Other truck')
        ->assertJsonPath('sheet.permille', $told['after_permille']);
});

it('hands a walk under way over: who had it marks no more, who has it goes on', function (): void {
    $ilse = $this->yard->person(Role::Examiner, 'Ilse Drumlin');
    $this->postJson("$this->path/right", ['scorer_id' => $ilse->id, 'keep' => true])->assertOk();
    $marks = ['recorder' => (string) Str::uuid7(), 'marks' => [MarkWriter::write(Sample::finish(5))]];
    $this->actingAs($this->yard->scorer)->postJson("$this->path/marks", $marks)->assertForbidden();
    $this->actingAs($ilse)->postJson("$this->path/marks", $marks)->assertOk();
    expect(Attempt::query()->findOrFail($this->attempt->id)->status)->toBe(AttemptStatus::Finished);
});

it('refuses whoever does not score, whoever left, and a walk that counts nowhere', function (): void {
    $closed = $this->yard->person(Role::Instructor, 'Anton Veyra');
    $closed->update(['disabled_at' => now()]);
    foreach ([['scorer_id' => $this->manager->id], ['scorer_id' => $closed->id], []] as $body) {
        $this->postJson("$this->path/right", [...$body, 'keep' => true])->assertUnprocessable();
    }
    ($this->finish)();
    $this->putJson("$this->path/void", ['reason' => 'Wrong truck'])->assertNoContent();
    $other = $this->yard->student('Odell Marrowby')->id;
    $this->postJson("$this->path/right", ['student_id' => $other, 'keep' => true])->assertConflict();
});

it('is the manager\'s to do', function (Role $role): void {
    $this->actingAs($role === Role::Instructor ? $this->yard->scorer : $this->yard->person($role));
    $this->putJson("$this->path/void", ['reason' => 'Wrong'])->assertForbidden();
    $this->postJson("$this->path/right", ['scorer_id' => $this->yard->scorer->id, 'keep' => true])->assertForbidden();
})->with([Role::Instructor, Role::Examiner]);

it('offers a manager who does not score what to set it right with', function (): void {
    $this->getJson('/api/v1/choices')->assertOk()->assertJsonPath('students.0.id', $this->yard->student->id);
    $this->actingAs($this->yard->person(Role::Student))->getJson('/api/v1/choices')->assertForbidden();
});
