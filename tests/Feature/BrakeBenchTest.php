<?php

declare(strict_types=1);

use App\Models\Role;
use Illuminate\Support\Str;
use Pasada\Core\Brakes\Events\BrakeEvent;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Tests\Brakes\Scene;
use Tests\Support\Yard;

beforeEach(function (): void {
    $this->yard = new Yard();
    $this->yard->checklist->update([
        'document' => (string) file_get_contents(base_path('checklists/whole-walk-round.json')),
    ]);
    $this->yard->vehicle->update([
        'document' => (string) file_get_contents(base_path('vehicles/dock-tractor-chassis.json')),
    ]);
    $this->attempt = $this->yard->attempt();
    $this->url = '/api/v1/attempts/'.$this->attempt->id.'/brakes';
    $this->send = fn (array ...$lines) => $this->actingAs($this->yard->scorer)->postJson($this->url, [
        'events' => $lines,
    ]);
    $this->keep = fn (Scene $scene) => ($this->send)(...Yard::benchLines($scene->events));
    $this->take = fn (string $content, string $name = 'yard.csv') => $this->putJson($this->url.'/file', [
        'id' => (string) Str::uuid7(),
        'content' => $content,
        'name' => $name,
    ]);
    $this->bare = static fn (array $lines): array => array_map(
        static fn (array $line): array => array_diff_key($line, ['id' => true, 'walk_ms' => true]),
        $lines,
    );
    $this->cutOut = fn (): Scene => (new Scene())->then(EventKind::Engine, 'on')->then(EventKind::CutOut, '', 125, 125);
});

it('lays out the sequence of the checklist with what each step asks for', function (): void {
    $bench = $this->actingAs($this->yard->scorer)->getJson($this->url)->assertOk()->json();

    expect(array_column($bench['steps'], 'test'))
        ->toBe([
            'cut-out', 'leak-applied', 'low-air', 'spring-pop', 'build-up', 'tug-tractor', 'tug-trailer', 'tug-hand',
            'service',
        ])
        ->and($bench['steps'][1]['needs'])
        ->toContain('wheels chocked', 'engine off', 'key on', 'a whole minute', 'says the reading at the start')
        ->and($bench['steps'][1]['high'])
        ->toEqual(4)
        ->and($bench['standing'])
        ->toBe('open');
});

it('judges what was observed, keeps it, and puts it on the sheet', function (): void {
    $bench = ($this->keep)(($this->cutOut)()->ready()->leakTest(6)->warns()->pops())->assertOk()->json();
    expect($bench['standing'])->toBe('failed')->and($bench['cause'])->toContain('lost 6 psi in 60 s, 4 allowed')
        ->and($this->getJson($this->url)->json('events'))->toEqual($bench['events']);

    $marks = collect($bench['steps'])
        ->flatMap(fn (array $step): array => $step['marks'])
        ->map(fn (array $mark): array => [...$mark, 'id' => (string) Str::uuid7(), 'at_ms' => 1000])
        ->all();
    $sheet = $this->postJson(str_replace('/brakes', '/marks', $this->url), [
        'recorder' => (string) Str::uuid7(),
        'marks' => $marks,
    ])
        ->assertOk()
        ->json();
    $status = collect($sheet['outcomes'])->pluck('status', 'item');
    expect($status['test.leak_applied'])
        ->toBe('wrong')
        ->and($status['test.governor'])
        ->toBe('whole')
        ->and($status['test.spring_pop'])
        ->toBe('whole');
});

it('keeps what was taken back beside what stands', function (): void {
    $lines = Yard::benchLines(($this->cutOut)()->events);
    ($this->send)(...$lines)->assertOk();
    $bench = ($this->send)(['id' => (string) Str::uuid7(), 'undoes' => $lines[0]['id']])->assertOk()->json();

    expect($bench['events'])
        ->toEqual([$lines[1]])
        ->and($bench['taken_back'])
        ->toEqual([$lines[0]])
        ->and($this->getJson($this->url)->json())
        ->toEqual($bench);
});

it('refuses an event at fault, names it, and keeps what was there', function (): void {
    ($this->keep)(($this->cutOut)())->assertOk();
    ($this->send)([
        'id' => (string) Str::uuid7(),
        'at_ms' => 0,
        'kind' => 'reading',
        'primary' => 250,
        'secondary' => 1,
    ])
        ->assertUnprocessable()
        ->assertSee('events[0].primary', false);
    ($this->send)(['id' => (string) Str::uuid7(), 'undoes' => (string) Str::uuid7()])
        ->assertUnprocessable()
        ->assertSee('events[0].undoes', false);
    $this->postJson($this->url, ['events' => 'none'])->assertUnprocessable();

    expect($this->getJson($this->url)->json('events'))->toHaveCount(2);
});

it('lets nobody else keep a bench', function (): void {
    $this->actingAs($this->yard->person(Role::Instructor, 'Ole Brandt'))
        ->postJson($this->url, ['events' => []])
        ->assertForbidden();
});

it('loses nothing of what several devices send, in whatever order and however often', function (): void {
    $devices = array_map(
        static fn (int $n): array => Yard::benchLines([
            new BrakeEvent(1000 * $n, EventKind::Belt, $n % 2 === 0 ? 'on' : 'off'),
        ]),
        range(0, 7),
    );
    foreach ([...array_reverse($devices), ...$devices] as $lines) {
        ($this->send)(...$lines)->assertOk();
    }

    expect($this->getJson($this->url)->json('events'))->toEqual(array_merge(...$devices));
});

it('refuses an id that stood for something else', function (): void {
    $lines = Yard::benchLines(($this->cutOut)()->events);
    ($this->send)(...$lines)->assertOk();
    ($this->send)([...$lines[0], 'at_ms' => 77])
        ->assertConflict()
        ->assertJsonPath('type', '/problems/content-conflict');
});

it('takes nothing more once the walk is finished, not by taking back either', function (): void {
    $lines = Yard::benchLines(($this->cutOut)()->events);
    ($this->send)(...$lines)->assertOk();
    $this->yard->finish($this->attempt);
    ($this->send)(['id' => (string) Str::uuid7(), 'undoes' => $lines[0]['id']])
        ->assertConflict()
        ->assertJsonPath('type', '/problems/record-closed');
    ($this->take)("at_ms,kind\n0,restarted\n")->assertConflict();
    // What was sent before and lost its answer is there, and is told so.
    ($this->send)(...$lines)->assertOk();

    expect($this->getJson($this->url)->json('events'))->toEqual($lines);
});

it('counts a restart once, whether it was pressed on the bench or on the scoring screen', function (): void {
    $restart = (string) Str::uuid7();
    $section = $this->actingAs($this->yard->scorer)
        ->getJson('/api/v1/attempts/'.$this->attempt->id)
        ->json('inspection.restart_section');
    ($this->send)(['id' => $restart, 'walk_ms' => 480_000, 'at_ms' => 1000, 'kind' => 'restarted'])
        ->assertOk()
        ->assertJsonPath('restarts', 1);
    $marks = $this->getJson(str_replace('/brakes', '/marks', $this->url))->json();
    expect(array_column($marks, 'mark'))->toBe([
        ['id' => $restart, 'at_ms' => 480_000, 'kind' => 'restarted', 'section' => $section],
    ]);
    $this->postJson(str_replace('/brakes', '/marks', $this->url), [
        'recorder' => (string) Str::uuid7(),
        'marks' => [['id' => (string) Str::uuid7(), 'at_ms' => 500_000, 'kind' => 'restarted', 'section' => $section]],
    ])
        ->assertOk()
        ->assertJsonPath('restarts', 2);
    $this->getJson($this->url)->assertJsonPath('restarts', 2);
    ($this->send)(['id' => (string) Str::uuid7(), 'walk_ms' => 510_000, 'undoes' => $restart])
        ->assertOk()
        ->assertJsonPath('restarts', 1);
    $this->getJson(str_replace('/brakes', '/sheet', $this->url))->assertJsonPath('restarts', 1);
});

it('puts a step on the sheet at the time of the walk at which it was seen', function (): void {
    $lines = Yard::benchLines(($this->cutOut)()->events, walkMs: 480_000);

    expect(($this->send)(...$lines)->assertOk()->json('steps.0.marks.0.at_ms'))->toBe($lines[1]['walk_ms']);
});

it('gives what was observed in open formats, and takes it in again', function (string $format, string $first): void {
    ($this->keep)(($this->cutOut)()->ready()->leakTest())->assertOk();
    $before = $this->getJson($this->url)->json('events');
    $file = $this->get($this->url.'/file?format='.$format)->assertOk()->getContent();
    expect($file)->toStartWith($first);
    $bench = ($this->take)($file, "brakes.$format")->assertOk()->json();

    expect(($this->bare)($bench['events']))
        ->toEqual(($this->bare)($before))
        ->and($bench['taken_back'])
        ->toEqual($before)
        ->and($bench['steps'][1]['outcome'])
        ->toBe('met');
})->with([['csv', 'at_ms,kind,to,value'], ['json', '{']]);

it('refuses a file that it cannot judge, names the line, and keeps what was there', function (
    callable $content,
    string $told,
): void {
    ($this->keep)(($this->cutOut)())->assertOk();
    ($this->take)($content())->assertStatus(422)->assertSee($told, false);

    expect($this->getJson($this->url)->json('events'))
        ->toHaveCount(2)
        ->and($this->getJson($this->url)->json('taken_back'))
        ->toBe([]);
})->with([
    'a kind that is none' => [fn (): string => "at_ms,kind,to\n0,key,on\n5,kee,off\n", 'line 3, kind'],
    'no table' => [fn (): string => 'hello', 'is neither JSON nor a table'],
    'a trace too fine' => [
        fn (): string => "at_ms,primary,secondary\n".
            implode("\n", array_map(static fn (int $n): string => "$n,120,120", range(0, 2500))),
        'makes 2501 events, a bench keeps 2000',
    ],
]);

it('judges each of the four sequences to the end', function (string $checklist, bool $tugsFirst): void {
    $yard = new Yard;
    $yard->checklist->update(['document' => (string) file_get_contents(base_path("checklists/$checklist.json"))]);
    $yard->vehicle->update(['document' => (string) file_get_contents(base_path('vehicles/dock-tractor-chassis.json'))]);
    $attempt = $yard->attempt();
    $bench = $this->actingAs($yard->scorer)
        ->postJson("/api/v1/attempts/$attempt->id/brakes", [
            'events' => Yard::benchLines((new Scene())->everything($tugsFirst)->events),
        ])
        ->assertOk()
        ->json();

    expect(array_column($bench['steps'], 'what', 'outcome'))
        ->toHaveKeys(['met'])
        ->toHaveCount(1)
        ->and($bench['standing'])
        ->toBe('passed')
        ->and($bench['steps'])
        ->toHaveCount(9);
})->with([
    ['every-axle-every-point', false], ['whole-walk-round', false], ['cab-brakes-and-drawn-form', true],
    ['short-list-grouped', false],
]);

it('asks for a reading that nobody noted, and judges the step once it is told', function (): void {
    $events = (new Scene())
        ->ready()
        ->then(EventKind::Pedal, 'down')
        ->then(EventKind::Said, 'start-reading')
        ->then(EventKind::MinuteStarted)
        ->reads(118, afterMs: 60_000)
        ->then(EventKind::MinuteEnded)
        ->then(EventKind::Said, 'end-reading')->events;
    $leak = fn (array $events): array => collect(
        $this->actingAs($this->yard->scorer)
            ->postJson($this->url, ['events' => $events])
            ->assertOk()
            ->json('steps'),
    )->firstWhere('test', 'leak-applied');
    $asked = $leak(Yard::benchLines($events));
    $told = $leak([
        [
            'id' => (string) Str::uuid7(),
            'at_ms' => $asked['at_ms'],
            'kind' => 'reading',
            'primary' => 120,
            'secondary' => 120,
        ],
    ]);

    expect($asked)
        ->toMatchArray([
            'outcome' => 'not-judged',
            'what' => 'what did the gauges show at the start of the minute?',
            'marks' => [],
        ])
        ->and($told)
        ->toMatchArray(['outcome' => 'met', 'what' => 'lost 2 psi in 61 s, 4 allowed for a combination']);
});

it('loses nothing however often a list is taken in, and takes the same one in once', function (): void {
    $trace = static fn (int $psi): string => "at_ms,primary,secondary\n".
        implode("\n", array_map(static fn (int $n): string => $n * 1000 .",$psi,$psi", range(0, 499)));
    $this->actingAs($this->yard->scorer);
    foreach ([0, 500, 1000] as $n => $before) {
        expect(($this->take)($trace(100 + $n), 'logger.csv')->assertOk()->json('taken_back'))->toHaveCount($before);
    }
    $body = ['id' => (string) Str::uuid7(), 'content' => "at_ms,kind,to\n0,key,on\n", 'name' => 'twice.csv'];
    $first = $this->putJson($this->url.'/file', $body)->assertOk()->json();

    expect(
        $this->putJson($this->url.'/file', $body)
            ->assertOk()
            ->json(),
    )
        ->toEqual($first)
        ->and($first['taken_back'])
        ->toHaveCount(1500)
        ->and($first['events'])
        ->toHaveCount(1);
});
