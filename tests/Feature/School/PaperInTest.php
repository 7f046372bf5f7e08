<?php

declare(strict_types=1);

use App\Models\Attempt;
use App\Models\Role;
use Illuminate\Support\Str;
use Tests\Support\Yard;

beforeEach(function (): void {
    $this->yard = new Yard;
    $this->actingAs($this->yard->scorer);
    $this->body = [
        ...$this->yard->startBody(), 'mode' => 'practice', 'started_at' => '2026-11-20T14:00:00Z', 'minutes' => 42,
        'heard' => [['item' => 'cab.seat_belt']], 'note' => 'Rain',
    ];
});

it('takes a filled sheet in as a finished walk, once, and says that it was on paper', function (): void {
    $card = $this->postJson('/api/v1/attempts/paper', $this->body)->assertCreated()
        ->assertJsonPath('status', 'finished')->assertJsonPath('on_paper', true)
        ->assertJsonPath('duration_ms', 42 * 60_000)->json();
    $this->postJson('/api/v1/attempts/paper', $this->body)->assertCreated()->assertJsonPath('id', $card['id']);
    $result = $this->getJson("/api/v1/attempts/{$card['id']}/result")->assertOk()
        ->assertJsonPath('pace', null)->assertJsonPath('sheet.out_of_place', 0)->json('sheet.outcomes');
    $earned = array_values(array_filter($result, static fn (array $one): bool => $one['status'] === 'whole'));
    expect(array_column($earned, 'item'))->toBe(['cab.seat_belt']);
});

it('scores points as those of a walk, and takes the record out and in again as it is', function (): void {
    $points = array_column($this->getJson('/api/v1/prepared?'.http_build_query([
        'vehicle_id' => $this->yard->vehicle->id, 'checklist_id' => $this->yard->checklist->id,
    ]))->json('inspection.places.0.items.0.essential'), 'code');
    $item = $this->getJson('/api/v1/prepared?'.http_build_query([
        'vehicle_id' => $this->yard->vehicle->id, 'checklist_id' => $this->yard->checklist->id,
    ]))->json('inspection.places.0.items.0.id');
    $body = [...$this->body, 'heard' => [['item' => $item, 'points' => [$points[0]]]]];
    $id = $this->postJson('/api/v1/attempts/paper', $body)->assertCreated()->json('id');
    $record = $this->getJson("/api/v1/attempts/$id/record")->assertOk()->assertJsonPath('on_paper', true)->json();
    $other = new Yard;
    $this->actingAs($other->scorer);
    $this->postJson('/api/v1/records', ['student_id' => $other->student->id, 'record' => $record])->assertCreated()
        ->assertJsonPath('on_paper', true);
});

it('refuses a sheet that is not right, and keeps nothing of it', function (array $change, string $path): void {
    $this->postJson('/api/v1/attempts/paper', [...$this->body, ...$change])->assertUnprocessable()
        ->assertJsonPath('errors.0.path', $path);
    expect(Attempt::query()->count())->toBe(0);
})->with([
    'an item that is not asked' => [['heard' => [['item' => 'cab.jukebox']]], 'marks[1].item'],
    'a point that is not asked' => [['heard' => [['item' => 'cab.seat_belt', 'points' => ['tuned']]]],
        'marks[1].points[0]'],
    'a walk of tomorrow' => [['started_at' => '2099-01-01T10:00:00Z'], 'started_at'],
    'from before the school' => [['started_at' => '1950-01-01T10:00:00Z'], 'started_at'],
    'an examination of chosen sections' => [['mode' => 'exam', 'form' => 'only:cab'], 'form'],
    'no time' => [['minutes' => 0], 'minutes'],
    'a list that is none' => [['heard' => 'all'], 'heard'],
]);

it('stays as it was entered: another sheet, or a walk, has an id of its own', function (): void {
    $this->postJson('/api/v1/attempts/paper', $this->body)->assertCreated();
    $this->postJson('/api/v1/attempts/paper', [...$this->body, 'heard' => []])->assertConflict();
    $walk = $this->yard->attempt();
    $this->postJson('/api/v1/attempts/paper', [...$this->body, 'id' => $walk->id])->assertConflict();
    expect($walk->refresh()->on_paper)->toBeFalse();
});

it('is for who scores', function (Role $role): void {
    $this->actingAs($this->yard->person($role))
        ->postJson('/api/v1/attempts/paper', [...$this->body, 'id' => (string) Str::uuid7()])->assertForbidden();
})->with([Role::Manager, Role::Student]);
