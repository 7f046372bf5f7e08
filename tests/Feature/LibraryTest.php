<?php

declare(strict_types=1);

use App\Models\Attempt;
use App\Models\Draft;
use App\Models\Role;
use App\Models\StoredChecklist;
use App\Models\StoredVehicle;
use Illuminate\Support\Carbon;
use Illuminate\Testing\TestResponse;
use Pasada\Core\Checklist\Reading\ItemTable;
use Pasada\Core\Tests\Sample;
use Tests\Support\Yard;

beforeEach(function (): void {
    $this->yard = new Yard;
    $this->manager = $this->yard->person(Role::Manager, 'Paul Averdale');
    $this->actingAs($this->manager);
    $this->open = fn (): TestResponse => $this->postJson('/api/v1/drafts', [
        'kind' => 'checklist',
        'base_id' => $this->yard->checklist->id,
    ])->assertCreated();
    $this->save = fn (string $draft, int $step, array $document): TestResponse => $this->putJson(
        "/api/v1/drafts/$draft",
        ['step' => $step, 'document' => $document],
    );
});

/** An attempt of the yard in which everything but the belt was heard. */
function recorded(Yard $yard): Attempt
{
    $attempt = $yard->attempt();
    $marks = array_map(Pasada\Core\Attempt\Marks\MarkWriter::write(...), [
        ...array_slice(Sample::all(), 1),
        Sample::finish(60),
    ]);
    app(App\Actions\Walk\RecordMarks::class)->handle($attempt, $yard->scorer, $attempt->id, ['marks' => $marks]);

    return $attempt;
}

describe('a draft', function (): void {
    it('starts as the version it was made from', function (): void {
        ($this->open)()
            ->assertJsonPath('slug', 'sample')
            ->assertJsonPath('base_version', 1)
            ->assertJsonPath('document.name', 'Sample')
            ->assertJsonPath('faults', [])
            ->assertJsonPath('changes', [])
            ->assertJsonPath('can_undo', false)
            ->assertJsonPath('may_publish', true);
    });

    it('says what it changes, and for whom, before it is in force', function (): void {
        $attempt = recorded($this->yard);
        $draft = ($this->open)()->json();
        ($this->save)($draft['id'], 1, Sample::ruled(['pass' => ['overall_percent' => 95, 'note' => 'x']]))
            ->assertOk()
            ->assertJsonPath('changes.0.where', 'rules › pass › overall percent')
            ->assertJsonPath('changes.0.before', '80')
            ->assertJsonPath('changes.0.after', '95');

        $this->getJson("/api/v1/drafts/{$draft['id']}/effect")
            ->assertOk()
            ->assertJsonPath('items_before', 8)
            ->assertJsonPath('items_after', 8)
            ->assertJsonPath('attempts.0.attempt', $attempt->id)
            ->assertJsonPath('attempts.0.before', 'passed')
            ->assertJsonPath('attempts.0.after', 'failed')
            ->assertJsonPath('attempts.0.checks.0.enough', '1 more complete item would have been enough.');
        expect($attempt->fresh()?->result?->standing->value)->toBe('passed');
    });

    it('names the items that come and go', function (): void {
        $draft = ($this->open)()->json();
        $document = Sample::checklistDocument();
        $document['components'][0]['name'] = 'Belts';
        $document['components'][1] = ['id' => 'cab.wipers', 'name' => 'Wipers', 'essential' => ['works']];
        $document['sections'][0]['stops'][0]['asks'] = ['cab.seat_belt', 'cab.wipers', 'side.mirror'];
        ($this->save)($draft['id'], 1, $document)->assertOk();

        $this->getJson("/api/v1/drafts/{$draft['id']}/effect")
            ->assertJsonPath('added', ['Wipers'])
            ->assertJsonPath('removed', ['Air horn']);
    });

    it('keeps what is wrong in it and says where', function (): void {
        $draft = ($this->open)()->json();
        $draft = ($this->save)($draft['id'], 1, Sample::ruled(['credit' => 'half']))->assertOk()
            ->assertJsonPath('faults.0.path', 'rules.credit')->assertJsonPath('document.rules.credit', 'half')->json();

        $this->getJson("/api/v1/drafts/{$draft['id']}")->assertJsonPath('document.rules.credit', 'half');
        $this->getJson("/api/v1/drafts/{$draft['id']}/effect")
            ->assertUnprocessable()
            ->assertJsonPath('errors.0.path', 'rules.credit');
        $this->postJson("/api/v1/drafts/{$draft['id']}/publish", [
            'step' => $draft['step'],
            'in_force_from' => $this->yard->today()->toDateString(),
        ])->assertUnprocessable();
        expect(StoredChecklist::query()->where('slug', 'sample')->count())->toBe(1);
    });

    it('goes back and forth in steps that outlive a reload', function (): void {
        $draft = ($this->open)()->json();
        ($this->save)($draft['id'], 1, [...Sample::checklistDocument(), 'name' => 'Second']);
        ($this->save)($draft['id'], 2, [...Sample::checklistDocument(), 'name' => 'Third']);

        $this->postJson("/api/v1/drafts/{$draft['id']}/undo", ['step' => 3])
            ->assertJsonPath('document.name', 'Second')
            ->assertJsonPath('can_redo', true);
        $this->postJson("/api/v1/drafts/{$draft['id']}/undo", ['step' => 2])
            ->assertJsonPath('document.name', 'Sample')
            ->assertJsonPath('can_undo', false);
        $this->postJson("/api/v1/drafts/{$draft['id']}/undo", ['step' => 1])->assertJsonPath('document.name', 'Sample');
        $this->postJson("/api/v1/drafts/{$draft['id']}/redo", ['step' => 1])->assertJsonPath('document.name', 'Second');
        ($this->save)($draft['id'], 2, [...Sample::checklistDocument(), 'name' => 'Fourth'])->assertJsonPath(
            'can_redo',
            false,
        );
        $this->getJson("/api/v1/drafts/{$draft['id']}")->assertJsonPath('document.name', 'Fourth');
    });

    it('does not write over what somebody else changed meanwhile', function (): void {
        $draft = ($this->open)()->json();
        ($this->save)($draft['id'], 1, [...Sample::checklistDocument(), 'name' => 'Hers'])->assertOk();
        ($this->save)($draft['id'], 1, [...Sample::checklistDocument(), 'name' => 'His'])->assertConflict();

        $this->getJson("/api/v1/drafts/{$draft['id']}")->assertJsonPath('document.name', 'Hers');
    });

    it('keeps an empty object an object', function (): void {
        $draft = ($this->open)()->json();
        $body = json_encode([
            'step' => 1,
            'document' => [
                ...Sample::checklistDocument(),
                'components' => [
                    ['id' => 'cab.seat_belt', 'name' => 'Belt', 'essential' => ['works'], 'say' => new stdClass()],
                ],
            ],
        ]);
        $this->call(
            'PUT',
            "/api/v1/drafts/{$draft['id']}",
            server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
            content: (string) $body,
        )->assertOk();

        expect($this->getJson("/api/v1/drafts/{$draft['id']}")->getContent())->toContain('"say":{}');
    });

    it('becomes the next version from a day on, and attempts keep theirs', function (): void {
        $attempt = recorded($this->yard);
        $draft = ($this->open)()->json();
        $draft = ($this->save)($draft['id'], 1, Sample::ruled(['credit' => 'full']))->json();
        $this->postJson("/api/v1/drafts/{$draft['id']}/publish", [
            'step' => $draft['step'],
            'in_force_from' => $this->yard->today()->addDay()->toDateString(),
        ])
            ->assertCreated()
            ->assertJsonPath('version', 2)
            ->assertJsonPath('in_force', false);

        expect($attempt->fresh()?->checklist->version)
            ->toBe(1)
            ->and(Draft::query()->count())
            ->toBe(0);
        $this->getJson('/api/v1/library')
            ->assertJsonPath('checklists.0.versions.0.version', 2)
            ->assertJsonPath('checklists.0.versions.0.in_force', false)
            ->assertJsonPath('checklists.0.versions.1.in_force', true);
    });

    it('is not in force before today', function (string $from, string $says): void {
        $draft = ($this->open)()->json();
        $this->postJson("/api/v1/drafts/{$draft['id']}/publish", ['step' => $draft['step'], 'in_force_from' => $from])
            ->assertUnprocessable()
            ->assertJsonPath('errors.0.message', $says);
    })->with([
        'yesterday' => [
            '2020-01-01',
            'It can be in force from today on, not before: earlier attempts keep what they were scored under.',
        ],
        'no day' => ['soon', 'Write the day as year-month-day.'],
        'nothing' => ['', 'Choose the day from which it is in force.'],
    ]);

    it('becomes a document of its own where it is asked to', function (): void {
        $draft = $this->postJson('/api/v1/drafts', [
            'kind' => 'checklist',
            'base_id' => $this->yard->checklist->id,
            'as_new' => true,
        ])
            ->assertCreated()
            ->assertJsonPath('slug', 'sample-copy')
            ->assertJsonPath('faults', [])
            ->json();
        $this->postJson("/api/v1/drafts/{$draft['id']}/publish", [
            'step' => $draft['step'],
            'in_force_from' => $this->yard->today()->toDateString(),
        ])
            ->assertCreated()
            ->assertJsonPath('version', 1);
        $this->postJson('/api/v1/drafts', [
            'kind' => 'checklist',
            'base_id' => $this->yard->checklist->id,
            'as_new' => true,
        ])->assertJsonPath('slug', 'sample-copy-2');
    });

    it('can be thrown away', function (): void {
        $draft = ($this->open)()->json();
        $this->deleteJson("/api/v1/drafts/{$draft['id']}")->assertNoContent();
        $this->getJson("/api/v1/drafts/{$draft['id']}")->assertNotFound();
    });

    it('of a vehicle comes with its drawing', function (): void {
        $draft = $this->postJson('/api/v1/drafts', ['kind' => 'vehicle', 'base_id' => $this->yard->vehicle->id])
            ->assertCreated()
            ->assertJsonPath('inspection.units.0.kind', 'day-cab-tractor')
            ->json();
        $vehicle = Sample::vehicleDocument();
        $vehicle['units'][0]['axles'] = array_slice($vehicle['units'][0]['axles'], 0, 2);
        ($this->save)($draft['id'], 1, $vehicle)->assertJsonCount(2, 'inspection.units.0.axles');
        $this->getJson("/api/v1/drafts/{$draft['id']}/effect")->assertOk()->assertJsonPath('items_after', 8);
        $vehicle['units'][0]['axles'][0]['brakes'] = 'band';
        ($this->save)($draft['id'], 2, $vehicle)
            ->assertJsonPath('inspection', null)
            ->assertJsonPath('faults.0.path', 'units[0].axles[0].brakes');
    });
});

describe('who may', function (): void {
    it('change and put in force', function (Role $role, int $open, int $publish): void {
        $draft = ($this->open)()->json();
        $this->actingAs($this->yard->person($role));
        $this->postJson('/api/v1/drafts', [
            'kind' => 'checklist',
            'base_id' => $this->yard->checklist->id,
        ])->assertStatus($open);
        $this->postJson("/api/v1/drafts/{$draft['id']}/publish", [
            'step' => $draft['step'],
            'in_force_from' => $this->yard->today()->toDateString(),
        ])->assertStatus($publish);
    })->with([
        'the manager' => [Role::Manager, 201, 201],
        'an instructor changes, the manager puts in force' => [Role::Instructor, 201, 403],
        'an examiner uses what is in force' => [Role::Examiner, 403, 404],
        'a student' => [Role::Student, 403, 404],
    ]);

    it('see what another school has: nobody', function (): void {
        $other = new Yard;
        $this->getJson("/api/v1/library/checklist/{$other->checklist->id}/document")->assertNotFound();
        $this->postJson('/api/v1/drafts', [
            'kind' => 'checklist',
            'base_id' => $other->checklist->id,
        ])->assertNotFound();
        expect($this->getJson('/api/v1/library')->json('checklists'))->toHaveCount(1);
    });
});

describe('files', function (): void {
    it('come in as a draft, checked first', function (): void {
        $this->postJson('/api/v1/drafts', [
            'kind' => 'checklist',
            'text' => "\u{FEFF}".json_encode([...Sample::checklistDocument(), 'id' => 'from-elsewhere']),
        ])
            ->assertCreated()
            ->assertJsonPath('slug', 'from-elsewhere')
            ->assertJsonPath('base_version', null);
        $this->postJson('/api/v1/drafts', [
            'kind' => 'checklist',
            'text' => json_encode([...Sample::checklistDocument(), 'name' => 'Changed']),
        ])
            ->assertCreated()
            ->assertJsonPath('base_version', 1)
            ->assertJsonPath('changes.0.after', 'Changed');
    });

    it('come in with all faults told and nothing taken', function (string $kind, string $text, string $path): void {
        $this->postJson('/api/v1/drafts', ['kind' => $kind, 'text' => $text])
            ->assertUnprocessable()
            ->assertJsonPath('errors.0.path', $path);
        expect(Draft::query()->count())->toBe(0);
    })->with([
        'no JSON' => ['checklist', '{"format": ', ''],
        'two faults' => [
            'checklist',
            (string) json_encode([...Sample::ruled(['credit' => 'half']), 'name' => '']),
            'rules.credit',
        ],
        'a vehicle as a checklist' => ['checklist', (string) json_encode(Sample::vehicleDocument()), 'units'],
        'an axle that the vehicle has not' => [
            'vehicle',
            (string) json_encode([
                ...Sample::vehicleDocument(),
                'defects' => [['component' => 'wheel.tyre', 'axle' => 'trailer-1', 'what' => 'nail']],
            ]),
            'defects[0].axle',
        ],
        'a figure upside down' => [
            'vehicle',
            (string) json_encode([
                ...Sample::vehicleDocument(),
                'figures' => [['component' => 'test.governor', 'point' => 'reading', 'low' => 130, 'high' => 110]],
            ]),
            'figures[0].low',
        ],
        'neither file nor base' => ['checklist', '', 'base_id'],
    ]);

    it('go out as they are kept', function (): void {
        $this->get("/api/v1/library/checklist/{$this->yard->checklist->id}/document")
            ->assertOk()
            ->assertHeader('Content-Disposition', 'attachment; filename="sample-1.json"')
            ->assertExactJson(Sample::checklistDocument());
        $this->get("/api/v1/library/vehicle/{$this->yard->vehicle->id}/document")
            ->assertOk()
            ->assertExactJson(Sample::vehicleDocument());
        expect(
            $this->get("/api/v1/library/checklist/{$this->yard->checklist->id}/table")
                ->assertOk()
                ->getContent(),
        )->toBe(ItemTable::write(Sample::checklistDocument()));
    });

    it('of items are laid over a draft, or not at all', function (): void {
        $draft = ($this->open)()->json();
        $csv = str_replace('"Oil level"', '"Engine oil"', ItemTable::write(Sample::checklistDocument()));
        $this->postJson("/api/v1/drafts/{$draft['id']}/table", ['step' => 1, 'csv' => $csv])
            ->assertOk()
            ->assertJsonPath('changes.0.after', 'Engine oil')
            ->assertJsonPath('step', 2);
        $this->postJson("/api/v1/drafts/{$draft['id']}/table", [
            'step' => 2,
            'csv' => str_replace('level,sealed', 'shiny,', $csv),
        ])
            ->assertUnprocessable()
            ->assertJsonPath('errors.0.path', 'line 6, essential');
        $this->getJson("/api/v1/drafts/{$draft['id']}")
            ->assertJsonPath('step', 2)
            ->assertJsonPath('changes.0.after', 'Engine oil');
    });

    it('say what one version has different from another', function (): void {
        $second = StoredChecklist::query()->create([
            'school_id' => $this->yard->school->id,
            'slug' => 'sample',
            'version' => 2,
            'name' => 'Sample',
            'document' => (string) json_encode(Sample::ruled(['returns' => 'place'])),
            'in_force_from' => '2026-02-01',
        ]);
        $this->getJson("/api/v1/library/checklist/{$second->id}/changes?since={$this->yard->checklist->id}")
            ->assertOk()
            ->assertExactJson([['where' => 'rules › returns', 'before' => 'end', 'after' => 'place']]);
    });
});

describe('a recorded attempt', function (): void {
    it('is scored under another checklist without being touched', function (): void {
        $attempt = recorded($this->yard);
        $stricter = StoredChecklist::query()->create([
            'school_id' => $this->yard->school->id,
            'slug' => 'strict',
            'version' => 1,
            'name' => 'Strict',
            'document' => (string) json_encode([
                ...Sample::ruled(['pass' => ['misses_allowed' => 0, 'note' => 'x'], 'axles' => 'each']),
                'id' => 'strict',
            ]),
        ]);

        $this->getJson("/api/v1/attempts/{$attempt->id}/what-if?checklist_id={$stricter->id}")
            ->assertOk()
            ->assertJsonPath('before', 'passed')
            ->assertJsonPath('after', 'failed')
            ->assertJsonPath('unknown', 1)
            ->assertJsonPath('before_permille', 875);
        expect($attempt->fresh()?->result?->permille)
            ->toBe(875)
            ->and($attempt->fresh()?->checklist_id)
            ->toBe($this->yard->checklist->id);
    });

    it('goes out and comes in with the same sheet', function (): void {
        $attempt = recorded($this->yard);
        $record = $this->getJson("/api/v1/attempts/{$attempt->id}/record")
            ->assertOk()
            ->assertJsonPath('format', 'pasada-record/1')
            ->json();
        $this->actingAs($this->yard->scorer);
        // As another school has it: an id that is not here yet.
        $copy = $this->postJson('/api/v1/records', [
            'student_id' => $this->yard->student('Odell Marrowby')->id,
            'record' => [...$record, 'id' => '01910000-0000-7000-8000-000000000001'],
        ])
            ->assertCreated()
            ->assertJsonPath('student', 'Odell Marrowby')
            ->assertJsonPath('permille', 875)
            ->json();

        expect($this->getJson("/api/v1/attempts/{$copy['id']}/record")->json('sheet'))->toBe($record['sheet']);
    });

    it('comes in whole or not at all', function (callable $spoilt, string $path): void {
        $record = [
            ...$this->getJson('/api/v1/attempts/'.recorded($this->yard)->id.'/record')->json(),
            'id' => '01910000-0000-7000-8000-000000000001',
        ];
        $this->actingAs($this->yard->scorer);
        $this->postJson('/api/v1/records', ['student_id' => $this->yard->student->id, 'record' => $spoilt($record)])
            ->assertUnprocessable()
            ->assertJsonPath('errors.0.path', $path);

        expect(Attempt::query()->count())->toBe(1);
    })->with([
        'another format' => [static fn (array $record): array => [...$record, 'format' => 'x'], 'format'],
        'a version that is not here' => [
            static fn (array $record): array => [...$record, 'checklist' => ['id' => 'sample', 'version' => 9]],
            'checklist',
        ],
        'a mark of an unknown item' => [
            static fn (array $record): array => Sample::with($record, ['marks', 0, 'item'], 'cab.roof'),
            'marks[0].item',
        ],
        'a sheet that was changed' => [
            static fn (array $record): array => Sample::with($record, ['sheet', 'overall', 'earned'], 99),
            'sheet',
        ],
        'no time' => [
            static fn (array $record): array => [...$record, 'started_at' => 'yesterday at nine o\'clock-ish'],
            'started_at',
        ],
        'no marks' => [static fn (array $record): array => [...$record, 'marks' => []], 'marks'],
    ]);
});

describe('forms', function (): void {
    beforeEach(function (): void {
        $document = [
            ...Sample::checklistDocument(),
            'id' => 'formed',
            'forms' => [
                'always' => ['cab'],
                'draw' => [
                    ['id' => 'a', 'name' => 'Form A', 'sections' => ['outside']],
                    ['id' => 'b', 'name' => 'Form B', 'sections' => ['cab']],
                ],
            ],
        ];
        $this->formed = StoredChecklist::query()->create([
            'school_id' => $this->yard->school->id,
            'slug' => 'formed',
            'version' => 1,
            'name' => 'Formed',
            'document' => (string) json_encode($document),
            'in_force_from' => '2026-01-01',
        ]);
        $this->actingAs($this->yard->scorer);
        $this->body = [...$this->yard->startBody(), 'checklist_id' => $this->formed->id];
    });

    it('are offered, and set by hand', function (): void {
        $this->getJson('/api/v1/choices')->assertJsonPath('checklists.0.forms.1.name', 'Form B');
        $this->getJson(
            "/api/v1/prepared?vehicle_id={$this->yard->vehicle->id}&checklist_id={$this->formed->id}&form=b",
        )->assertJsonPath('inspection.item_count', 4);
        $this->postJson('/api/v1/attempts', [...$this->body, 'form' => 'b'])
            ->assertCreated()
            ->assertJsonPath('inspection.item_count', 4)
            ->assertJsonPath('inspection.form', 'Form B');
        expect(Attempt::query()->first()?->form_seed)->toBeNull();
    });

    it('are drawn once, and the draw is recorded', function (): void {
        $first = $this->postJson('/api/v1/attempts', [...$this->body, 'form' => 'draw'])
            ->assertCreated()
            ->json('inspection.form');
        expect(
            $this->postJson('/api/v1/attempts', [...$this->body, 'form' => 'draw'])
                ->assertCreated()
                ->json('inspection.form'),
        )->toBe($first);
        $attempt = Attempt::query()->firstOrFail();

        expect($attempt->form_seed)
            ->toBeInt()
            ->and(
                (new Pasada\Core\Checklist\Reading\ChecklistReader())
                    ->read($this->formed->document)
                    ->forms->draw((int) $attempt->form_seed)?->id,
            )
            ->toBe($attempt->form);
    });

    it('that are not there are refused', function (): void {
        $this->postJson('/api/v1/attempts', [...$this->body, 'form' => 'z'])
            ->assertUnprocessable()
            ->assertJsonPath('errors.0.path', 'form')
            ->assertJsonPath('errors.0.message', '"Formed" has no form "z"; it has a, b');
        expect(Attempt::query()->count())->toBe(0);
    });
});

it('keeps a vehicle in versions, too', function (): void {
    $draft = $this->postJson('/api/v1/drafts', ['kind' => 'vehicle', 'base_id' => $this->yard->vehicle->id])->json();
    $draft = ($this->save)($draft['id'], 1, [
        ...Sample::vehicleDocument(),
        'name' => 'Sample with horn gone',
        'equipment' => [],
    ])->json();
    $this->postJson("/api/v1/drafts/{$draft['id']}/publish", [
        'step' => $draft['step'],
        'in_force_from' => $this->yard->today()->toDateString(),
    ])
        ->assertCreated()
        ->assertJsonPath('version', 2)
        ->assertJsonPath('in_force', true);

    expect(StoredVehicle::inForceOn($this->yard->school->id, Carbon::now())->first()?->name)->toBe(
        'Sample with horn gone',
    );
});

describe('a draft that somebody else has changed', function (): void {
    beforeEach(function (): void {
        $this->draft = ($this->open)()->json();
        $this->path = '/api/v1/drafts/'.$this->draft['id'];
        ($this->save)($this->draft['id'], 1, [...Sample::checklistDocument(), 'name' => 'Hers'])->assertOk();
    });

    it('takes no change that was made on an older step, of whatever kind', function (
        string $change,
        array $body,
    ): void {
        $this->postJson("$this->path/$change", ['step' => 1, ...$body])
            ->assertConflict()
            ->assertJsonPath('type', '/problems/draft-moved-on');
        $this->getJson($this->path)->assertJsonPath('step', 2)->assertJsonPath('document.name', 'Hers');
    })->with([
        'undo' => ['undo', []], 'redo' => ['redo', []], 'a table' => ['table', ['csv' => "id,name\n"]],
        'putting it in force' => ['publish', ['in_force_from' => '2099-01-01']],
    ]);

    it('is put in force once, however often it is asked', function (): void {
        $body = ['step' => 2, 'in_force_from' => $this->yard->today()->addDay()->toDateString()];
        $this->postJson("$this->path/publish", $body)->assertCreated();
        $this->postJson("$this->path/publish", $body)->assertNotFound();
        expect(StoredChecklist::query()->where('slug', 'sample')->count())->toBe(2);
    });

    it('does not follow a version that it was not made from', function (): void {
        $other = ($this->open)()->json();
        $this->postJson("/api/v1/drafts/{$other['id']}/publish", [
            'step' => 1,
            'in_force_from' => $this->yard->today()->addDay()->toDateString(),
        ])->assertCreated();
        $this->postJson("$this->path/publish", [
            'step' => 2,
            'in_force_from' => $this->yard->today()->addDay()->toDateString(),
        ])
            ->assertConflict()
            ->assertJsonPath('type', '/problems/version-moved-on');
        $this->getJson($this->path)->assertOk();
    });

    it('keeps its id', function (): void {
        ($this->save)($this->draft['id'], 2, [...Sample::checklistDocument(), 'id' => 'another'])
            ->assertOk()
            ->assertJsonPath('faults.0.path', 'id');
        $this->postJson("$this->path/publish", [
            'step' => 3,
            'in_force_from' => $this->yard->today()->addDay()->toDateString(),
        ])
            ->assertUnprocessable()
            ->assertJsonPath('errors.0.path', 'id');
    });

    it('is changed by JSON only', function (): void {
        $this->put($this->path, ['step' => 2, 'document' => ['x' => 1]], ['Accept' => 'application/json'])
            ->assertStatus(415)
            ->assertJsonPath('type', '/problems/not-json');
    });

    it('is thrown away by whoever opened it, or by the manager', function (): void {
        $this->actingAs($this->yard->person(Role::Instructor, 'Anton Veyra'))
            ->deleteJson($this->path)
            ->assertForbidden();
        $mine = $this->postJson('/api/v1/drafts', ['kind' => 'checklist', 'base_id' => $this->yard->checklist->id])
            ->assertCreated()
            ->json('id');
        $this->deleteJson("/api/v1/drafts/$mine")->assertNoContent();
        $this->actingAs($this->manager)->deleteJson($this->path)->assertNoContent();
    });
});

it('is in force from today on by the school\'s own calendar', function (): void {
    // Nine in the evening of the 25th at the school; by UTC it is the 26th.
    Carbon::setTestNow('2026-11-26 02:00:00');
    $draft = ($this->open)()->json();
    $this->postJson("/api/v1/drafts/{$draft['id']}/publish", [
        'step' => 1,
        'in_force_from' => '2026-11-24',
    ])->assertUnprocessable();
    $this->postJson("/api/v1/drafts/{$draft['id']}/publish", ['step' => 1, 'in_force_from' => '2026-11-25'])
        ->assertCreated()
        ->assertJsonPath('in_force', true);
    expect($this->getJson('/api/v1/library')->json('checklists.0.versions.0.in_force'))->toBeTrue();
    Carbon::setTestNow();
});

describe('a record in a file', function (): void {
    beforeEach(function (): void {
        $this->attempt = recorded($this->yard);
        $this->actingAs($this->yard->scorer);
        $at = "/api/v1/attempts/{$this->attempt->id}";
        $this->postJson("$at/amendments", [
            'id' => (string) Illuminate\Support\Str::uuid7(),
            'reason' => 'It was said.',
            'marks' => [
                ['id' => Sample::id(90), 'at_ms' => 60_000, 'kind' => 'heard_whole', 'item' => 'cab.seat_belt'],
            ],
        ])->assertOk();
        $this->postJson("$at/signatures", [
            'id' => (string) Illuminate\Support\Str::uuid7(),
            'party' => 'student',
            'name' => 'Mira Tallgrass',
            'strokes' => [[1, 2, 3, 4]],
        ])->assertCreated();
        $this->record = $this->getJson("$at/record")
            ->assertOk()
            ->json();
        $this->take = fn (array $change = []): TestResponse => $this->postJson('/api/v1/records', [
            'student_id' => $this->yard->student->id,
            'record' => [...$this->record, ...$change],
        ]);
    });

    it('holds all of it, and says where it came from', function (): void {
        $id = ($this->take)(['id' => '01910000-0000-7000-8000-000000000001', 'school' => 'Elsewhere College'])
            ->assertCreated()
            ->json('id');
        $again = $this->getJson("/api/v1/attempts/$id/record")->json();

        foreach (['marks', 'mode', 'brakes', 'captions', 'sheet'] as $part) {
            expect($again[$part])->toEqual($this->record[$part]);
        }
        expect($again['id'])
            ->toBe('01910000-0000-7000-8000-000000000001')
            ->and($again['amendments'][0]['marks'])
            ->toEqual($this->record['amendments'][0]['marks'])
            ->and($again['signatures'][0]['name'])
            ->toBe('Mira Tallgrass');
        $this->getJson("/api/v1/attempts/$id/result")
            ->assertJsonPath('imported.by', 'Rosa Kettering')
            ->assertJsonPath('imported.school', 'Elsewhere College')
            ->assertJsonPath('amendments.0.reason', 'It was said.')
            ->assertJsonPath('original.whole', 7)
            ->assertJsonPath('sheet.whole', 8);
    });

    it('that is here already is recognized', function (): void {
        ($this->take)()->assertOk()->assertJsonPath('id', $this->attempt->id);
        $elsewhere = ['id' => '01910000-0000-7000-8000-000000000001'];
        $id = ($this->take)($elsewhere)->assertCreated()->json('id');
        ($this->take)($elsewhere)->assertOk()->assertJsonPath('id', $id);
        expect(Attempt::query()->count())->toBe(2);
    });

    it('lies within the life of the school', function (array $change, string $path): void {
        ($this->take)(['id' => '01910000-0000-7000-8000-000000000001', ...$change])
            ->assertUnprocessable()
            ->assertJsonPath('errors.0.path', $path);
        expect(Attempt::query()->count())->toBe(1);
    })->with([
        'before it opened' => [['started_at' => '1989-11-24T15:30:00Z'], 'started_at'],
        'in the future' => [['started_at' => '2999-11-24T15:30:00Z'], 'started_at'],
        'in the year 20026' => [['started_at' => '20026-11-24T15:30:00Z'], 'started_at'],
        'strokes off the pad' => [
            [
                'signatures' => [
                    [
                        'party' => 'student',
                        'name' => 'X',
                        'strokes' => [[1, 2, 3, 9999]],
                        'signed_at' => '2026-11-24T15:30:00Z',
                    ],
                ],
            ],
            'signatures[0].strokes',
        ],
    ]);
});

describe('the life of a version', function (): void {
    beforeEach(function (): void {
        $this->publish = function (string $from, string $reason): int {
            $draft = ($this->open)()->json();

            return (int) $this->postJson("/api/v1/drafts/{$draft['id']}/publish", [
                'step' => $draft['step'], 'in_force_from' => $from, 'reason' => $reason,
            ])->assertCreated()->json('id');
        };
        $this->open = fn (): TestResponse => $this->postJson('/api/v1/drafts', [
            'kind' => 'checklist',
            'base_id' => StoredChecklist::query()->where('slug', 'sample')->orderByDesc('version')->firstOrFail()->id,
        ])->assertCreated();
        $this->withdraw = fn (int $id, ?string $reason): TestResponse => $this->putJson(
            "/api/v1/library/checklist/$id/withdrawal", ['reason' => $reason],
        );
        $this->inForce = fn (): array => collect($this->getJson('/api/v1/library')->json('checklists.0.versions'))
            ->where('in_force', true)->pluck('version')->all();
    });

    it('says who put it in force and why', function (): void {
        ($this->publish)($this->yard->today()->toDateString(), 'The state has a new manual');

        $this->getJson('/api/v1/library')
            ->assertJsonPath('checklists.0.versions.0.by', 'Paul Averdale')
            ->assertJsonPath('checklists.0.versions.0.reason', 'The state has a new manual');
    });

    it('is withdrawn and brought back; the one before is in force meanwhile', function (): void {
        $second = ($this->publish)($this->yard->today()->toDateString(), 'Stricter');
        expect(($this->inForce)())->toBe([2]);
        ($this->withdraw)($second, 'A mistake in it')->assertNoContent();
        ($this->withdraw)($second, 'Sent twice')->assertNoContent();

        expect(($this->inForce)())->toBe([1]);
        $this->getJson('/api/v1/library')
            ->assertJsonPath('checklists.0.versions.0.state', 'withdrawn')
            ->assertJsonPath('checklists.0.version_before', null)
            ->assertJsonPath('checklists.0.versions.0.withdrawn_reason', 'A mistake in it')
            ->assertJsonPath('checklists.0.versions.0.withdrawn_by', 'Paul Averdale');
        ($this->withdraw)($second, null)->assertNoContent();
        $third = ($this->publish)($this->yard->today()->addDays(3)->toDateString(), 'Later');
        $this->getJson('/api/v1/library')
            ->assertJsonPath('checklists.0.version_before', 1)
            ->assertJsonPath('checklists.0.versions.0.id', $third)
            ->assertJsonPath('checklists.0.versions.0.state', 'scheduled')
            ->assertJsonPath('checklists.0.versions.1.state', 'in-force')
            ->assertJsonPath('checklists.0.versions.2.state', 'replaced');
        expect(($this->inForce)())->toBe([2]);
    });

    it('leaves nothing in force where all are withdrawn, and walks as they were', function (): void {
        $attempt = recorded($this->yard);
        ($this->withdraw)($this->yard->checklist->id, 'The state dropped it')->assertNoContent();

        expect(($this->inForce)())->toBe([]);
        $this->getJson("/api/v1/attempts/$attempt->id")->assertOk();
    });

    it('does not take over by its day from one that was made after it', function (): void {
        ($this->publish)($this->yard->today()->addDays(10)->toDateString(), 'From next week on');
        ($this->publish)($this->yard->today()->toDateString(), 'Needed at once');
        $later = StoredChecklist::inForceOn($this->manager->school_id, Carbon::now()->addDays(20));

        expect($later->pluck('version')->all())->toBe([3]);
    });

    it('is withdrawn by the manager only', function (Role $role, int $status): void {
        $this->actingAs($this->yard->person($role));
        ($this->withdraw)($this->yard->checklist->id, 'No')->assertStatus($status);
    })->with([[Role::Manager, 204], [Role::Instructor, 403], [Role::Examiner, 403], [Role::Student, 404]]);

    it('asks for a reason that is not too long', function (): void {
        ($this->withdraw)($this->yard->checklist->id, str_repeat('x', 501))->assertUnprocessable();
        $this->putJson("/api/v1/library/checklist/{$this->yard->checklist->id}/withdrawal", [])->assertUnprocessable();
        ($this->withdraw)(999_999, 'x')->assertNotFound();
    });
});

it('tells how much each form asks, where forms are drawn', function (): void {
    $draft = ($this->open)()->json();
    $document = Sample::checklistDocument();
    $document['forms'] = ['always' => ['cab'], 'draw' => [
        ['id' => 'a', 'name' => 'Form A', 'sections' => ['outside']],
        ['id' => 'b', 'name' => 'Form B', 'sections' => ['cab']],
    ]];
    ($this->save)($draft['id'], 1, $document)->assertOk()->assertJsonPath('faults', []);
    $effect = $this->getJson("/api/v1/drafts/{$draft['id']}/effect")->assertOk()->json();

    expect(array_column($effect['forms'], 'form'))->toBe(['Form A', 'Form B'])
        ->and($effect['forms'][0]['items'])->toBe($effect['items_after'])
        ->and($effect['forms'][1]['items'])->toBeLessThan($effect['items_after']);
});

it('lists what is asked of a vehicle and what is not, for who teaches and examines', function (
    Role $role, int $status,
): void {
    $this->actingAs($this->yard->person($role));
    $query = "vehicle_id={$this->yard->vehicle->id}&checklist_id={$this->yard->checklist->id}";
    $answer = $this->getJson("/api/v1/library/asked?$query")->assertStatus($status);
    if ($status === 200) {
        $answer->assertJsonPath('inspection.item_count', 8)->assertJsonPath('forms', []);
    }
    $this->getJson('/api/v1/library/asked?vehicle_id=1')->assertStatus($status === 200 ? 422 : $status);
    $other = new Yard;
    $this->getJson("/api/v1/library/asked?vehicle_id={$other->vehicle->id}&checklist_id={$other->checklist->id}")
        ->assertStatus($status === 200 ? 404 : $status);
})->with([[Role::Manager, 200], [Role::Instructor, 200], [Role::Examiner, 200], [Role::Student, 403]]);

it('brings a discarded draft back as it was, for who may discard it', function (): void {
    $draft = ($this->open)()->json();
    ($this->save)($draft['id'], 1, Sample::ruled(['credit' => 'named']))->assertOk();
    $path = "/api/v1/drafts/{$draft['id']}";
    $this->deleteJson($path)->assertNoContent();
    $this->getJson($path)->assertNotFound();
    expect($this->getJson('/api/v1/library')->json('drafts'))->toBe([]);
    $this->actingAs($this->yard->person(Role::Examiner));
    $this->postJson("$path/restore")->assertNotFound();
    $this->actingAs($this->manager);
    $this->postJson("$path/restore")->assertOk()->assertJsonPath('document.rules.credit', 'named');
    $this->postJson("$path/restore")->assertOk();
    $this->getJson('/api/v1/library')
        ->assertJsonPath('drafts.0.by', 'Paul Averdale')
        ->assertJsonPath('drafts.0.base_version', 1);
});
