<?php

declare(strict_types=1);

use App\Models\BrakePractice;
use App\Models\Role;
use App\Models\Student;
use App\Models\User;
use Pasada\Core\Brakes\Air\CabDrill;
use Pasada\Core\Brakes\Events\BrakeEvent;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Brakes\Events\EventWriter;
use Pasada\Core\Brakes\Judging\Standing;
use Tests\Support\Yard;

// The truck in this yard has a manual gearbox.
const START = [
    [0, EventKind::Key, 'on'], [0, EventKind::Clutch, 'down'], [0, EventKind::Engine, 'on'],
    [0, EventKind::Rpm, '', 1200.0],
];

beforeEach(function (): void {
    $this->yard = new Yard();
    $this->yard->checklist->update([
        'document' => (string) file_get_contents(base_path('checklists/whole-walk-round.json')),
    ]);
    $this->yard->vehicle->update([
        'document' => (string) file_get_contents(base_path('vehicles/dock-tractor-chassis.json')),
    ]);
    $this->student = $this->yard->person(Role::Student, 'Mira Tallgrass');
    $this->of = ['vehicle_id' => $this->yard->vehicle->id, 'checklist_id' => $this->yard->checklist->id];
    $this->body = fn (array $controls = [], array $more = []): array => [
        'vehicle_id' => $this->yard->vehicle->id,
        'checklist_id' => $this->yard->checklist->id,
        'start_psi' => 100,
        'from_ms' => 0,
        'until_ms' => 10_000,
        'controls' => array_map(
            static fn (array $one): array => EventWriter::write(
                new BrakeEvent($one[0], $one[1], $one[2] ?? '', $one[3] ?? null),
            ),
            $controls,
        ),
        ...$more,
    ];
});

it('gives the course ahead, from now on', function (): void {
    $course = $this->actingAs($this->student)
        ->postJson('/api/v1/air/course', ($this->body)(START, ['from_ms' => 5000]))
        ->assertOk()
        ->json();

    expect($course['samples'][0][0])->toBeGreaterThanOrEqual(4750)->and(end($course['samples'])[0])->toBe(10_000)
        ->and(end($course['samples'])[1])->toBeGreaterThan(103)->and($course['refused'])->toBe([]);
});

it('tells what the system does by itself', function (): void {
    $course = $this->actingAs($this->student)
        ->postJson(
            '/api/v1/air/course',
            ($this->body)([[0, EventKind::Key, 'on'], [0, EventKind::TractorValve, 'in']], ['start_psi' => 25]),
        )
        ->assertOk()
        ->json();

    expect(array_column($course['events'], 'kind'))->toBe(['warning', 'popped']);
});

it('keeps a fault to be found from the student until the practice is over', function (): void {
    $sealed = $this->actingAs($this->student)->postJson('/api/v1/air/fault', $this->of)->assertOk()->json('faults');
    foreach (['leak', 'governor', 'valve', 'warning', 'compressor', 'brake', 'service'] as $word) {
        expect($sealed)->not->toContain($word);
    }
    $look = $this->postJson('/api/v1/air/practices', ($this->body)([], ['faults' => $sealed]))->assertOk()->json();
    $over = $this->postJson('/api/v1/air/practices', ($this->body)([], ['faults' => $sealed, 'keep' => true]))
        ->assertCreated()
        ->json();

    expect($look['diagnosis'])->toBeNull()->and($over['diagnosis']['fault'])->not->toBe('');
});

it('judges a practice by the checklist and keeps it apart from what counts', function (): void {
    $controls = [...START, [90_000, EventKind::Engine, 'off']];
    $judged = $this->actingAs($this->student)
        ->postJson('/api/v1/air/practices', ($this->body)($controls, ['keep' => true]))
        ->assertCreated()
        ->json();

    expect(array_column($judged['steps'], 'outcome', 'test')['cut-out'])
        ->toBe('met')
        ->and($judged['standing'])
        ->toBe('open')
        ->and($judged['practices'])
        ->toBe(1)
        ->and(BrakePractice::query()->count())
        ->toBe(1)
        ->and(end($judged['trace'])[1])
        ->toBeGreaterThan(120);
});

it('does not keep what is only looked at', function (): void {
    $this->actingAs($this->student)->postJson('/api/v1/air/practices', ($this->body)())->assertOk();

    expect(BrakePractice::query()->count())->toBe(0);
});

it('refuses what makes no sense, naming the place', function (array $more, string $place): void {
    $this->actingAs($this->student)
        ->postJson('/api/v1/air/course', ($this->body)([], $more))
        ->assertStatus(422)
        ->assertSee($place, false);
})->with([
    [['controls' => [['at_ms' => 0, 'kind' => 'key', 'to' => 'half']]], 'events[0].to'],
    [['until_ms' => 99_999_999], 'until_ms'],
    [['start_psi' => 900], 'start_psi'],
    [['faults' => 'leak:primary:9'], 'sealed'],
]);

it('knows no vehicle of another school, and nobody who is not signed in', function (): void {
    $this->postJson('/api/v1/air/course', ($this->body)())->assertUnauthorized();
    $this->actingAs($this->student)
        ->postJson('/api/v1/air/course', ($this->body)([], ['vehicle_id' => 999_999]))
        ->assertNotFound();
});

it('does not heed what a cab would not do, and says why', function (): void {
    $refused = $this->actingAs($this->student)
        ->postJson('/api/v1/air/course', ($this->body)([[0, EventKind::Key, 'on'], [10, EventKind::Engine, 'on']]))
        ->assertOk()
        ->json('refused');

    expect($refused)->toBe([['control' => 1, 'why' => 'The engine does not turn: clutch down first.']]);
});

it('believes no needle that a page made up', function (): void {
    $faked = ['at_ms' => 0, 'kind' => 'cut-out', 'primary' => 125, 'secondary' => 125];
    $judged = $this->actingAs($this->student)
        ->postJson('/api/v1/air/practices', [...($this->body)(), 'controls' => [$faked]])
        ->assertOk()
        ->json();

    expect($judged['steps'][0])->toMatchArray(['test' => 'cut-out', 'outcome' => 'not-done']);
});

it('tells where the controls stand', function (): void {
    $states = $this->actingAs($this->student)
        ->postJson('/api/v1/air/course', ($this->body)([...START, [900, EventKind::Key, 'off']]))
        ->assertOk()
        ->json('states');

    expect($states)->toMatchArray(['key' => 'off', 'engine' => 'off', 'clutch' => 'down', 'tractor-valve' => 'out']);
});

it('offers a student what the school has in force, and what may be wrong', function (): void {
    $choices = $this->actingAs($this->student)->getJson('/api/v1/air/choices')->assertOk()->json();

    expect($choices['vehicles'][0])
        ->toMatchArray([
            'id' => $this->yard->vehicle->id,
            'combination' => true,
            'has_hand_valve' => true,
            'is_manual' => true,
        ])
        ->and($choices['sequences'][0]['steps'])
        ->toBe([
            'governor cut-out', 'leak test, brakes applied', 'low-air warning', 'spring brakes', 'build-up',
            'tractor parking-brake tug', 'trailer parking-brake tug', 'trailer hand-valve tug', 'service brake',
        ])
        ->and(array_column($choices['faults'], 'id'))
        ->toContain('governor-low', 'valve-stuck')
        // Of this list the limits are so wide that a low governor passes.
        ->and($choices['sequences'][0]['shows'][$this->yard->vehicle->id])
        ->toContain('valve-stuck', 'leak:primary:9')
        ->not->toContain('governor-low')
        ->and(array_column($choices['sequences'][0]['limits'], 'test'))
        ->toBe(['cut-out', 'leak-applied', 'low-air', 'spring-pop', 'build-up']);
});

it('seals the fault that was chosen, and no other than it knows', function (): void {
    $sealed = $this->actingAs($this->student)
        ->postJson('/api/v1/air/fault', [...$this->of, 'fault' => 'governor-high'])
        ->assertOk()
        ->json('faults');
    expect(
        $this->postJson('/api/v1/air/practices', ($this->body)([], ['faults' => $sealed, 'keep' => true]))->json(
            'diagnosis.fault',
        ),
    )->toBe('the governor cuts out too high');
    $this->postJson('/api/v1/air/fault', [...$this->of, 'fault' => 'square wheels'])
        ->assertStatus(422)
        ->assertSee('governor-low');
    $this->postJson('/api/v1/air/fault', [...$this->of, 'fault' => 'governor-low'])
        ->assertStatus(422)
        ->assertSee('cannot be found by this sequence');
    $this->postJson('/api/v1/air/fault', ['fault' => 'valve-late'])
        ->assertStatus(422)
        ->assertSee('vehicle_id');
});

it('understands words typed in the cab', function (): void {
    $words = static fn (string $text): array => ['at_ms' => 0, 'kind' => 'spoken', 'text' => $text];
    $this->actingAs($this->student);
    $said = ($this->body)([...START, [90_000, EventKind::Engine, 'off']]);
    $with = fn (string $text): array => $this->postJson('/api/v1/air/practices', [
        ...$said,
        'controls' => [$words($text), ...$said['controls']],
    ])
        ->assertOk()
        ->json('steps.0');

    expect($with('the governor cuts out between 100 and 140')['outcome'])
        ->toBe('met')
        ->and($with('the governor should cut out between 90 and 140')['what'])
        ->toBe('said 90 as the limit, it is between 100 and 140');
});

it('shows practices in the record of the student, apart from the walks', function (): void {
    $student = Student::query()->create([
        'school_id' => $this->yard->school->id,
        'user_id' => $this->student->id,
        'name' => 'Mira Tallgrass',
    ]);
    $this->actingAs($this->student)
        ->postJson('/api/v1/air/practices', ($this->body)(START, ['keep' => true, 'help' => 'exam']))
        ->assertCreated();
    $record = $this->actingAs($this->yard->scorer)
        ->getJson('/api/v1/students/'.$student->id)
        ->assertOk()
        ->json();

    expect($record['attempts'])
        ->toBe([])
        ->and($record['brake_practices'])
        ->toHaveCount(1)
        ->and($record['brake_practices'][0])
        ->toMatchArray(['help' => 'exam', 'standing' => 'open', 'checklist' => $this->yard->checklist->name]);
});

it('judges a hidden fault as a diagnosis beside the procedure', function (?string $suspected, ?bool $found): void {
    $sealed = $this->actingAs($this->student)
        ->postJson('/api/v1/air/fault', [...$this->of, 'fault' => 'governor-high'])
        ->json('faults');
    $judged = $this->postJson(
        '/api/v1/air/practices',
        ($this->body)(
            [...START, [120_000, EventKind::Engine, 'off']],
            ['faults' => $sealed, 'keep' => true, 'hidden' => true, 'suspected' => $suspected],
        ),
    )
        ->assertCreated()
        ->json();

    // What the truck does wrong is nothing that the student broke.
    expect($judged['standing'])
        ->toBe('open')
        ->and($judged['cause'])
        ->toBeNull()
        ->and($judged['steps'][0])
        ->toMatchArray(['outcome' => 'broken', 'of_vehicle' => true])
        ->and($judged['diagnosis']['found'])
        ->toBe($found)
        ->and($judged['diagnosis']['fault'])
        ->toBe('the governor cuts out too high')
        ->and($judged['diagnosis']['shown_by'][0])
        ->toStartWith('governor cut-out: cut out at')
        ->and(
            BrakePractice::query()
                ->sole()
                ->only(['fault', 'found', 'standing']),
        )
        ->toBe(['fault' => 'the governor cuts out too high', 'found' => $found, 'standing' => Standing::Open]);
})->with([
    'named' => ['governor-high', true],
    'another named' => ['valve-late', false],
    'nothing said' => [null, false],
]);

it('tells of no diagnosis while the practice goes on, nor on a sound truck', function (): void {
    $sealed = $this->actingAs($this->student)->postJson('/api/v1/air/fault', $this->of)->json('faults');

    expect($this->postJson('/api/v1/air/practices', ($this->body)(START, ['faults' => $sealed]))->json('diagnosis'))
        ->toBeNull()
        ->and($this->postJson('/api/v1/air/practices', ($this->body)(START, ['keep' => true]))->json('diagnosis'))
        ->toBeNull();
});

it('judges a drill by its own tests and keeps it apart from whole practices', function (): void {
    $more = ['keep' => true, 'drill' => 'leak-minute', 'start_psi' => 120];
    $judged = $this->actingAs($this->student)
        ->postJson('/api/v1/air/practices', ($this->body)([], $more))
        ->assertCreated()
        ->json();
    $this->postJson('/api/v1/air/practices', ($this->body)([], ['keep' => true]))
        ->assertCreated()
        ->assertJson(['practices' => 1]);

    expect(array_column($judged['steps'], 'test'))->each->toStartWith('leak-')
        ->and($judged['practices'])->toBe(1)
        ->and(BrakePractice::query()->oldest('id')->value('drill'))->toBe(CabDrill::LeakMinute);
});

it('offers the drills of a checklist with the cab as the test before leaves it', function (): void {
    $choices = $this->actingAs($this->student)->getJson('/api/v1/air/choices')->assertOk()->json();

    $drills = array_column($choices['sequences'][0]['drills'], null, 'id');
    expect($drills['tugs']['steps'])->not->toBe([])
        ->and(array_column($choices['vehicles'][0]['begins']['leak-minute'], 'kind'))
        ->toContain('tractor-valve')->not->toContain('engine');
});

it('hides no fault in a drill that does not show it', function (): void {
    $this->actingAs($this->student)
        ->postJson('/api/v1/air/fault', [...$this->of, 'fault' => 'governor-high', 'drill' => 'tugs'])
        ->assertStatus(422)
        ->assertSee('cannot be found by this sequence', false);
    $this->postJson('/api/v1/air/fault', [...$this->of, 'fault' => 'governor-high', 'drill' => 'governor'])->assertOk();
});

it('offers what the class walks most often before the rest', function (): void {
    $other = $this->yard->checklist->replicate()->fill(['name' => 'A shorter list', 'slug' => 'a-shorter-list']);
    $other->save();
    $mine = $this->yard->student('Ole Marsh', $this->student);
    $theirs = $this->yard->student('Tam Birch');
    $theirs->update(['class_id' => $this->yard->schoolClass('Another class')->id]);
    foreach ([[$mine, $other], [$theirs, $this->yard->checklist], [$theirs, $this->yard->checklist]] as [$of, $list]) {
        $this->yard->attempt()->update(['student_id' => $of->id, 'checklist_id' => $list->id]);
    }
    $first = fn (User $user): string => $this->actingAs($user)->getJson('/api/v1/air/choices')
        ->json('sequences.0.name');

    expect($first($this->student))->toBe('A shorter list')
        ->and($first($this->yard->person(Role::Instructor)))->toBe($this->yard->checklist->name);
});

it('judges no drill of which the checklist asks no test', function (): void {
    $document = json_decode($this->yard->checklist->document, true);
    $document['rules']['brake_tests']['steps'] = array_values(array_filter(
        $document['rules']['brake_tests']['steps'],
        static fn (array $step): bool => ! str_starts_with($step['test'], 'leak'),
    ));
    $this->yard->checklist->update(['document' => json_encode($document)]);
    $this->actingAs($this->student)
        ->postJson('/api/v1/air/practices', ($this->body)([], ['keep' => true, 'drill' => 'leak-minute']))
        ->assertStatus(422)
        ->assertSee('none of the tests of this checklist', false);

    expect(BrakePractice::query()->count())->toBe(0);
});
