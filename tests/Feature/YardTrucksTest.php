<?php

declare(strict_types=1);

use App\Models\Role;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Tests\Brakes\Scene;
use Tests\Support\Yard;

beforeEach(function (): void {
    $this->yard = new Yard;
    $this->actingAs($this->yard->person(Role::Manager, 'Paul Averdale'));
    $this->shipped = static fn (string $kind, string $id): string => (string) file_get_contents(
        base_path("$kind/$id.json"),
    );
});

it('begins a vehicle as a usual one, without what is of that one only', function (): void {
    $usual = $this->getJson('/api/v1/library/usual')->assertOk()->json('vehicles');
    expect(count($usual))->toBeGreaterThanOrEqual(12)
        ->and(array_column($usual, 'label', 'value'))->toHaveKey('crate-box-truck', '26 ft box truck');

    $this->postJson('/api/v1/drafts', ['kind' => 'vehicle', 'usual' => 'crate-box-truck'])
        ->assertCreated()
        ->assertJsonPath('document.name', '26 ft box truck')
        ->assertJsonPath('document.brakes', 'hydraulic')
        ->assertJsonMissingPath('document.figures')
        ->assertJsonPath('base_version', null)
        ->assertJsonPath('leftovers', [])
        ->assertJsonPath('faults', []);
});

it('keeps two that begin as the same one apart, and says so of one that is not there', function (): void {
    $body = ['kind' => 'vehicle', 'usual' => 'twin-doubles'];
    $slugs = [
        $this->postJson('/api/v1/drafts', $body)->assertCreated()->json('slug'),
        $this->postJson('/api/v1/drafts', $body)->assertCreated()->json('slug'),
    ];

    expect($slugs[0])->not->toBe($slugs[1]);
    $this->postJson('/api/v1/drafts', ['kind' => 'vehicle', 'usual' => 'submarine'])
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.message', 'There is no usual vehicle of that id. Choose one of the list.');
    $this->postJson('/api/v1/drafts', ['kind' => 'checklist', 'usual' => 'twin-doubles'])
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.message', 'Only a vehicle can begin as a usual vehicle. Leave usual out.');
});

it('points out what is left of the vehicle that was copied', function (): void {
    $document = json_decode(($this->shipped)('vehicles', 'quay-sleeper-van'), true);
    assert(is_array($document));
    $document['defects'] = [['component' => 'wheel.tyre', 'axle' => 'drive-1', 'what' => 'cut in the rubber']];
    $this->yard->vehicle->update(['document' => (string) json_encode($document), 'name' => $document['name']]);
    $draft = $this->postJson(
        '/api/v1/drafts', ['kind' => 'vehicle', 'base_id' => $this->yard->vehicle->id, 'as_new' => true],
    )->assertCreated()->json();

    expect($draft['leftovers'])->toContain(
        'Name is still that of the other one: “Copy of '.$document['name'].'”',
        'The defect at wheel.tyre is still that of the other one (cut in the rubber)',
    );
    $own = ['name' => 'Quay 9', 'description' => 'Ours.', 'defects' => [], 'figures' => []] + $draft['document'];
    $this->putJson("/api/v1/drafts/{$draft['id']}", ['step' => $draft['step'], 'document' => $own])
        ->assertOk()
        ->assertJsonPath('leftovers', []);
});

it('judges the brakes of a truck without air on its bench', function (): void {
    $this->yard->checklist->update(['document' => ($this->shipped)('checklists', 'whole-walk-round')]);
    $this->yard->vehicle->update(['document' => ($this->shipped)('vehicles', 'crate-box-truck')]);
    $url = '/api/v1/attempts/'.$this->yard->attempt()->id.'/brakes';
    $this->actingAs($this->yard->scorer);
    $bench = $this->getJson($url)->assertOk()->json();
    expect(array_column($bench['steps'], 'test'))->toBe(['pedal-hold', 'park-brake', 'service'])
        ->and([$bench['has_valves'], $bench['has_gauges'], $bench['has_hand_valve']])->toBe([false, false, false])
        ->and($bench['steps'][2]['observed'])->toContain('parking-brake:released')
        ->and($bench['steps'][2]['needs'])->toContain('parking brake released');

    $scene = (new Scene)
        ->then(EventKind::Pumped)->then(EventKind::Pedal, 'down')->then(EventKind::PedalHeld, 'firm', afterMs: 6000)
        ->then(EventKind::Belt, 'on')->then(EventKind::Engine, 'on')->then(EventKind::Gear, 'low')
        ->then(EventKind::ParkingBrake, 'set')->then(EventKind::Tug, 'held')
        ->then(EventKind::ParkingBrake, 'released')->then(EventKind::Said, 'area-clear')
        ->then(EventKind::Rolling, '', 5)->then(EventKind::Pedal, 'down')->then(EventKind::Stopped, 'straight');
    $judged = $this->postJson($url, ['events' => Yard::benchLines($scene->events)])->assertOk()->json();

    expect([$judged['standing'], $judged['cause']])->toBe(['passed', null])
        ->and(array_column(array_merge(...array_column($judged['steps'], 'marks')), 'item'))
        ->toBe(['test.pedal_hold', 'test.park_brake', 'test.service_brake']);
});

it('offers the air cab for air brakes only, and says why where another is asked for', function (): void {
    $this->yard->checklist->update(['document' => ($this->shipped)('checklists', 'whole-walk-round')]);
    $this->yard->vehicle->update(['document' => ($this->shipped)('vehicles', 'crate-box-truck')]);
    $this->actingAs($this->yard->scorer);
    expect($this->getJson('/api/v1/air/choices')->assertOk()->json('vehicles'))->toBe([]);

    $this->postJson('/api/v1/air/fault', [
        'vehicle_id' => $this->yard->vehicle->id, 'checklist_id' => $this->yard->checklist->id,
    ])->assertUnprocessable()->assertJsonPath(
        'errors.0.message', 'has hydraulic brakes, and this cab has air brakes; choose a vehicle with air brakes',
    );
});

it('knows no other kind of version than the two that there are', function (): void {
    $this->putJson('/api/v1/library/truck/1/withdrawal', ['reason' => 'x'])->assertNotFound();
});

it('archives a whole vehicle and brings back what was archived with it', function (): void {
    $this->yard->vehicle->replicate()->fill(['version' => 2])->save();
    $id = $this->yard->vehicle->id;
    $url = "/api/v1/library/vehicle/$id/archive";
    $states = fn (): array => array_column(
        $this->getJson('/api/v1/library')->assertOk()->json('vehicles.0.versions'), 'state', 'version',
    );
    $this->putJson("/api/v1/library/vehicle/$id/withdrawal", ['reason' => 'A mistake in it.'])->assertNoContent();
    $this->travel(1)->minutes();
    $this->putJson($url, ['reason' => 'Sold.'])->assertNoContent();
    expect($states())->toBe([2 => 'withdrawn', 1 => 'withdrawn']);
    // Sent twice, nothing more is done.
    $this->putJson($url, ['reason' => 'Sold twice.'])->assertNoContent();
    expect($this->getJson('/api/v1/library')->json('vehicles.0.versions.0.withdrawn_reason'))->toBe('Sold.');

    $this->putJson($url, ['reason' => null])->assertNoContent();
    expect($states())->toBe([2 => 'in-force', 1 => 'withdrawn']);
});

it('lets only the manager archive', function (): void {
    $this->actingAs($this->yard->scorer);
    $this->putJson("/api/v1/library/vehicle/{$this->yard->vehicle->id}/archive", ['reason' => 'x'])->assertForbidden();
});
