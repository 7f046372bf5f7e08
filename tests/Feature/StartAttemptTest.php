<?php

declare(strict_types=1);

use App\Models\Attempt;
use App\Models\Role;
use App\Models\StoredChecklist;
use Pasada\Core\Tests\Sample;
use Tests\Support\Yard;

beforeEach(function (): void {
    $this->yard = new Yard;
    $this->actingAs($this->yard->scorer);
});

it('starts an attempt with its items and an empty sheet', function (): void {
    $this->postJson('/api/v1/attempts', $this->yard->startBody())
        ->assertCreated()
        ->assertJsonPath('card.student', 'Mira Tallgrass')
        ->assertJsonPath('may_mark', true)
        ->assertJsonPath('inspection.item_count', 8)
        ->assertJsonPath('sheet.standing', 'open')
        ->assertJsonPath('sheet.permille', 0);
});

it('starts once when it is asked twice', function (): void {
    $body = $this->yard->startBody();
    $this->postJson('/api/v1/attempts', $body)->assertCreated();
    $this->postJson('/api/v1/attempts', $body)->assertCreated();

    expect(Attempt::query()->count())->toBe(1);
});

it('does not hand an attempt\'s id to another student', function (): void {
    $body = $this->yard->startBody();
    $this->postJson('/api/v1/attempts', $body)->assertCreated();
    $this->postJson('/api/v1/attempts', [...$body, 'student_id' => $this->yard->student('Odell Marrowby')->id])
        ->assertConflict()
        ->assertJsonPath('type', '/problems/id-taken');
});

it('names what it does not know', function (string $field, mixed $value, string $says): void {
    $this->postJson('/api/v1/attempts', [...$this->yard->startBody(), $field => $value])->assertUnprocessable()
        ->assertJsonPath('errors.0.path', $field)->assertJsonPath('errors.0.message', $says);

    expect(Attempt::query()->count())->toBe(0);
})->with([
    'a student' => ['student_id', 999_999, 'This student is not known at this school; choose one from the list.'],
    'a vehicle' => ['vehicle_id', 999_999, 'This vehicle is not known at this school; choose one from the list.'],
    'a checklist' => ['checklist_id', 999_999, 'This checklist is not known at this school; choose one from the list.'],
    'nobody chosen' => ['student_id', null, 'Choose a student, a vehicle and a checklist.'],
    'an id that is no UUID' => ['id', 'seven', 'Send an id of the attempt, a UUID made by the page.'],
]);

it('does not know the students of another school', function (): void {
    $other = new Yard();
    $this->postJson('/api/v1/attempts', [...$this->yard->startBody(), 'student_id' => $other->student->id])
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.path', 'student_id');
});

it('refuses a checklist that asks nothing of the vehicle', function (): void {
    $document = Sample::with(
        Sample::checklistDocument(),
        ['components'],
        [['id' => 'cab.horn_air', 'name' => 'Air horn', 'essential' => ['works'], 'needs' => ['trailer']]],
    );
    $document['sections'] = [
        [
            'id' => 'cab',
            'name' => 'Cab',
            'stops' => [['id' => 'cab', 'name' => 'Cab', 'zone' => 'cab', 'asks' => ['cab.horn_air']]],
        ],
    ];
    $document['figures'] = [];
    $empty = StoredChecklist::query()->create([
        'school_id' => $this->yard->school->id,
        'slug' => 'empty',
        'version' => 1,
        'name' => 'Empty',
        'document' => (string) json_encode($document),
    ]);

    $this->postJson('/api/v1/attempts', [...$this->yard->startBody(), 'checklist_id' => $empty->id])
        ->assertUnprocessable()
        ->assertJsonPath(
            'errors.0.message',
            'The checklist "sample" asks nothing of the vehicle "sample-tractor"; choose another of them.',
        );
});

it('is for those who score', function (): void {
    $this->actingAs($this->yard->person(Role::Manager))
        ->postJson('/api/v1/attempts', $this->yard->startBody())
        ->assertForbidden()
        ->assertJsonPath('detail', 'Only an instructor or an examiner starts an attempt.');
});

it('previews what a checklist asks of a vehicle, with the drawing\'s data', function (): void {
    $this->getJson("/api/v1/prepared?vehicle_id={$this->yard->vehicle->id}&checklist_id={$this->yard->checklist->id}")
        ->assertOk()
        ->assertJsonPath('inspection.item_count', 8)
        ->assertJsonPath('inspection.units.0.axles.1.duals', true)
        ->assertJsonPath('inspection.places.3.items.0.figures.0.said', 'at least 2/32 in')
        ->assertJsonPath('inspection.places.3.items.0.figures.0.source', '49 CFR 393.75(c)');
    $this->getJson('/api/v1/prepared?vehicle_id=999999&checklist_id=1')->assertNotFound();
    $this->getJson('/api/v1/prepared')->assertUnprocessable();
});

it('offers the version of each checklist that is in force today', function (int $days, int $offered): void {
    $newer = StoredChecklist::query()->create([
        'school_id' => $this->yard->school->id,
        'slug' => 'sample',
        'version' => 2,
        'name' => 'Sample, second edition',
        'document' => (string) json_encode(Sample::checklistDocument()),
        'in_force_from' => $this->yard->today()->addDays($days)->toDateString(),
    ]);

    $this->getJson('/api/v1/choices')
        ->assertOk()
        ->assertJsonCount(1, 'checklists')
        ->assertJsonPath('checklists.0.id', [1 => $this->yard->checklist->id, 2 => $newer->id][$offered])
        ->assertJsonPath('checklists.0.about', 'For tests.');
})->with(['since yesterday' => [-1, 2], 'from today' => [0, 2], 'from tomorrow' => [1, 1]]);
