<?php

declare(strict_types=1);

use App\Library\InspectionLibrary;
use App\Models\Recording;
use App\Models\Role;
use Illuminate\Support\Str;
use Tests\Support\Yard;

beforeEach(function (): void {
    $this->yard = new Yard;
    // The whole shipped checklist: speech is about parts that the small sample does not ask.
    $this->yard->checklist->update([
        'document' => (string) file_get_contents(base_path('checklists/whole-walk-round.json')),
    ]);
    $this->yard->vehicle->update([
        'document' => (string) file_get_contents(base_path('vehicles/dock-tractor-chassis.json')),
    ]);
    $this->attempt = $this->yard->attempt();
    $this->url = '/api/v1/attempts/'.$this->attempt->id;
    $this->captions =
        "WEBVTT\n\n00:01.000 --> 00:05.000\nmy radiator is mounted, no leaks\n\n00:05.000 --> 00:12.000\naltar nader ".
            "belt driven and tight\n\n00:12.000 --> 00:20.000\nsteer axle tire two thirty seconds even wear\n";
    $this->add = fn (string $content, string $name = 'walk.vtt') => $this->actingAs($this->yard->scorer)->putJson(
        $this->url.'/recording',
        ['id' => (string) Str::uuid7(), 'name' => $name, 'content' => $content],
    );
});

it('tells what was heard in captions, with the words and the marks that accepting makes', function (): void {
    $heard = ($this->add)($this->captions)->assertOk()->json();
    $radiator = collect($heard['suggestions'])->firstWhere('item', 'engine.radiator');

    expect($heard['captions'][0])
        ->toBe(['from_ms' => 1000, 'text' => 'my radiator is mounted, no leaks'])
        ->and($radiator['state'])
        ->toBe('open')
        ->and($radiator['marks'])
        ->toBe([
            [
                'kind' => 'points_heard',
                'item' => 'engine.radiator',
                'points' => ['mounted', 'sealed'],
                'at_ms' => 1000,
                'evidence' => 'radiator is mounted, no leaks',
            ],
        ])
        ->and($radiator['evidence'][0])
        ->toMatchArray([
            'from_cue' => 0,
            'from' => 3,
            'to_cue' => 0,
            'to' => 32,
            'points' => ['mounted', 'sealed'],
        ])
        ->and($heard['wrong'])
        ->toBe(['wheel.tyre, steer axle: tread_32nds 2, asked 4']);
});

it('makes ordinary marks of what is accepted, with the evidence on them', function (): void {
    $suggestions = collect(($this->add)($this->captions)->json('suggestions'));
    $marks = $suggestions
        ->flatMap(fn (array $one): array => $one['marks'])
        ->map(fn (array $mark): array => ['id' => (string) Str::uuid7(), ...$mark])
        ->all();
    $this->postJson($this->url.'/marks', ['recorder' => (string) Str::uuid7(), 'marks' => $marks])->assertOk();

    $states = collect($this->getJson($this->url.'/recording')->json('suggestions'))
        ->pluck('state')
        ->unique()
        ->values()
        ->all();
    $kept = collect($this->getJson($this->url.'/marks')->json())
        ->pluck('mark.evidence')
        ->filter()
        ->values()
        ->all();
    expect($states)
        ->toBe(['accepted'])
        ->and($kept)
        ->toContain('altar nader belt driven and tight');
});

it('lets what a person marked win', function (): void {
    $this->actingAs($this->yard->scorer)
        ->postJson($this->url.'/marks', [
            'recorder' => (string) Str::uuid7(),
            'marks' => [
                ['id' => (string) Str::uuid7(), 'at_ms' => 500, 'kind' => 'heard_whole', 'item' => 'engine.radiator'],
            ],
        ])
        ->assertOk();

    expect(
        collect(($this->add)($this->captions)->json('suggestions'))->firstWhere('item', 'engine.radiator')['state'],
    )->toBe('marked');
});

it('remembers what was turned down', function (): void {
    ($this->add)($this->captions);
    $turn = fn (bool $down) => $this->postJson($this->url.'/recording/turned-down', [
        'turned_down' => [['id' => (string) Str::uuid7(), 'key' => 'engine.radiator', 'down' => $down]],
    ])->assertNoContent();
    $turn(true);

    expect(
        collect($this->getJson($this->url.'/recording')->json('suggestions'))
            ->where('state', 'rejected')
            ->pluck('item')
            ->all(),
    )->toBe(['engine.radiator']);
    $turn(false);
    expect(
        collect($this->getJson($this->url.'/recording')->json('suggestions'))
            ->where('state', 'rejected')
            ->all(),
    )->toBe([]);
});

it('proposes from the words of a walk that goes on, and keeps nothing', function (): void {
    $heard = $this->actingAs($this->yard->scorer)
        ->postJson($this->url.'/heard', [
            'pieces' => [
                ['from_ms' => 4000, 'text' => 'water pump gear driven'],
                ['from_ms' => 7000, 'text' => 'and not leaking'],
            ],
        ])
        ->assertOk()
        ->json();

    expect($heard)
        ->toHaveCount(1)
        ->and($heard[0]['item'])
        ->toBe('engine.water_pump')
        ->and($heard[0]['marks'][0]['points'])
        ->toBe(['sealed', 'drive']);
    $this->getJson($this->url.'/recording')->assertNoContent();
});

it('asks the words which points were said of what was marked as said in part, and of that alone', function (
    string $kind, string $state,
): void {
    $this->actingAs($this->yard->scorer)->postJson($this->url.'/marks', [
        'recorder' => (string) Str::uuid7(), 'marks' => [[
            'id' => (string) Str::uuid7(), 'at_ms' => 3000, 'kind' => $kind, 'item' => 'engine.water_pump',
            ...($kind === 'points_heard' ? ['points' => []] : []),
        ]],
    ])->assertOk();

    $this->postJson($this->url.'/heard', ['pieces' => [['from_ms' => 4000, 'text' => 'water pump gear driven']]])
        ->assertJsonPath('0.item', 'engine.water_pump')
        ->assertJsonPath('0.state', $state);
})->with([['heard_in_part', 'open'], ['points_heard', 'marked'], ['heard_whole', 'marked']]);

it('says that there are no captions yet', function (): void {
    $this->actingAs($this->yard->scorer)->getJson($this->url.'/recording')->assertNoContent();
});

it('gives the captions back as they came', function (): void {
    ($this->add)($this->captions);
    expect($this->get($this->url.'/recording/file')->assertOk()->getContent())->toBe(trim($this->captions));
});

it('refuses what are no captions and keeps those that were there', function (string $content, string $why): void {
    ($this->add)($this->captions)->assertOk();
    ($this->add)($content, 'bad.vtt')->assertStatus(422)->assertSee($why);

    expect($this->getJson($this->url.'/recording')->json('name'))->toBe('walk.vtt');
})->with([
    'nothing' => ['', 'no words'], 'no cues' => ["WEBVTT\n", 'no words'], 'binary' => ["\x00\x01\x02abc", 'binary'],
    'too large' => [str_repeat('rim is good ', 180000), 'at most 2 MB'],
]);

it('refuses pieces that are none, naming the place', function (mixed $pieces, string $field): void {
    $this->actingAs($this->yard->scorer)
        ->postJson($this->url.'/heard', ['pieces' => $pieces])
        ->assertStatus(422)
        ->assertSee($field);
})->with([
    [null, 'pieces'],
    [['rim'], 'pieces[0].from_ms'],
    [[['from_ms' => -1, 'text' => 'rim']], 'pieces[0].from_ms'],
    [[['from_ms' => 1]], 'pieces[0].text'],
]);

it('lets nobody else add captions or listen in', function (): void {
    $this->actingAs($this->yard->person(Role::Instructor, 'Ole Brandt'));
    $this->putJson($this->url.'/recording', ['name' => 'x', 'content' => 'rim is good'])->assertForbidden();
    $this->postJson($this->url.'/heard', ['pieces' => [['from_ms' => 0, 'text' => 'rim']]])->assertForbidden();
});

describe('captions', function (): void {
    it('are added once when they are sent twice, and never in place of others', function (): void {
        $body = ['id' => (string) Str::uuid7(), 'name' => 'first.vtt', 'content' => $this->captions];
        $this->actingAs($this->yard->scorer)->putJson($this->url.'/recording', $body)->assertOk();
        $this->putJson($this->url.'/recording', $body)->assertOk();
        $this->putJson($this->url.'/recording', [...$body, 'content' => 'rim is good'])
            ->assertConflict()
            ->assertJsonPath('type', '/problems/id-taken');
        ($this->add)('rim is good', 'second.txt')->assertOk()->assertJsonPath('name', 'second.txt');

        expect(
            Recording::query()
                ->where('attempt_id', $this->attempt->id)
                ->get()
                ->sortBy('position')
                ->pluck('name')
                ->all(),
        )->toBe(['first.vtt', 'second.txt']);
    });

    it('are taken no more once the walk is finished, nor are proposals turned down', function (): void {
        $body = ['id' => (string) Str::uuid7(), 'name' => 'first.vtt', 'content' => $this->captions];
        $this->actingAs($this->yard->scorer)->putJson($this->url.'/recording', $body)->assertOk();
        $this->yard->finish($this->attempt);
        ($this->add)('rim is good', 'late.txt')->assertConflict()->assertJsonPath('type', '/problems/record-closed');
        $this->postJson($this->url.'/recording/turned-down', [
            'turned_down' => [['id' => (string) Str::uuid7(), 'key' => 'engine.radiator', 'down' => true]],
        ])->assertConflict();
        // What was sent before and lost its answer is there.
        $this->putJson($this->url.'/recording', $body)->assertOk();

        expect($this->getJson($this->url.'/recording')->json('name'))->toBe('first.vtt');
    });

    it('are listened to once, and looked at as often as one likes', function (): void {
        ($this->add)($this->captions)->assertOk();
        $kept = Recording::of($this->attempt);
        $kept?->update(['heard' => str_replace('altar nader', 'kept as it was heard', (string) $kept->heard)]);
        $this->getJson($this->url.'/recording')->assertSee('kept as it was heard');
        // Another listener hears for itself.
        $kept?->update(['heard_by' => 'an older one']);
        $this->getJson($this->url.'/recording')->assertDontSee('kept as it was heard')->assertSee('altar nader');
    });

    it('are refused where no walk has so many words, or so long ones', function (string $content, string $says): void {
        ($this->add)($content, 'odd.txt')->assertUnprocessable()->assertSee($says);
        $this->getJson($this->url.'/recording')->assertNoContent();
    })->with([
        'too many' => [str_repeat('rim ok ', 60_001), 'holds 120002 words, at most 120000 are taken'],
        'too long' => ['rim '.str_repeat('o', 61), 'a word of more than 60 letters in caption 1'],
    ]);

    it('and live pieces are counted before they are heard', function (array $pieces, string $says): void {
        $this->actingAs($this->yard->scorer)
            ->postJson($this->url.'/heard', ['pieces' => $pieces])
            ->assertUnprocessable()
            ->assertSee($says);
    })->with([
        'too many' => [
            array_fill(0, 401, ['from_ms' => 0, 'text' => 'rim']),
            'holds 401 pieces; send at most the last 400',
        ],
        'too much' => [array_fill(0, 400, ['from_ms' => 0, 'text' => str_repeat('rim ', 50)]), 'holds 79600 letters'],
        'no word' => [[['from_ms' => 0, 'text' => str_repeat('o', 61)]], 'more than 60 letters'],
    ]);
});

it('does not propose a reference again that was accepted', function (): void {
    $this->yard->checklist->update([
        'document' => (string) file_get_contents(base_path('checklists/short-list-grouped.json')),
    ]);
    // Outside a test no document of a row ever changes, so what was laid out stays at hand.
    app()->forgetInstance(InspectionLibrary::class);
    $captions = "WEBVTT\n\n00:01.000 --> 00:20.000\nsteer axle drum not cracked\n\n00:20.000 --> 00:40.000\n".
        "drive axle. brakes I check the same as the front axle\n";
    $references = static fn (array $suggestions): array => array_values(
        array_filter($suggestions, static fn (array $one): bool => $one['item'] === null),
    );
    $proposed = $references(($this->add)($captions)->assertOk()->json('suggestions'));
    expect(array_column($proposed, 'state'))->toBe(['open']);
    $marks = array_map(
        static fn (array $mark): array => ['id' => (string) Str::uuid7(), ...$mark],
        $proposed[0]['marks'],
    );
    $this->postJson($this->url.'/marks', ['recorder' => (string) Str::uuid7(), 'marks' => $marks])->assertOk();

    expect(array_column($references($this->getJson($this->url.'/recording')->json('suggestions')), 'state'))->toBe(
        ['accepted'],
    );
});
