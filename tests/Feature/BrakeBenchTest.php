<?php

declare(strict_types=1);

use App\Models\Role;
use Illuminate\Support\Str;
use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\EventKind;
use Pasada\Core\Brakes\EventWriter;
use Pasada\Core\Tests\Brakes\Scene;
use Tests\Support\Yard;

beforeEach(function (): void {
    $this->yard = new Yard;
    $this->yard->checklist->update(['document' => (string) file_get_contents(base_path('checklists/whole-walk-round.json'))]);
    $this->yard->vehicle->update(['document' => (string) file_get_contents(base_path('vehicles/dock-tractor-chassis.json'))]);
    $this->attempt = $this->yard->attempt();
    $this->url = '/api/v1/attempts/'.$this->attempt->id.'/brakes';
    $this->keep = fn (Scene $scene, array $takenBack = []) => $this->actingAs($this->yard->scorer)->putJson($this->url, ['events' => array_map(EventWriter::write(...), $scene->events), 'taken_back' => $takenBack]);
    $this->cutOut = fn (): Scene => (new Scene)->then(EventKind::Engine, 'on')->then(EventKind::CutOut, '', 125, 125);
});

it('lays out the sequence of the checklist with what each step asks for', function (): void {
    $bench = $this->actingAs($this->yard->scorer)->getJson($this->url)->assertOk()->json();

    expect(array_column($bench['steps'], 'test'))->toBe(['cut-out', 'leak-applied', 'low-air', 'spring-pop'])
        ->and($bench['steps'][1]['needs'])->toContain('wheels chocked', 'engine off', 'key on', 'a whole minute', 'says the reading at the start')
        ->and($bench['steps'][1]['high'])->toEqual(4)->and($bench['standing'])->toBe('open');
});

it('judges what was observed, keeps it, and puts it on the sheet', function (): void {
    $bench = ($this->keep)(($this->cutOut)()->ready()->leakTest(6)->warns()->pops())->assertOk()->json();
    expect($bench['standing'])->toBe('failed')->and($bench['cause'])->toContain('lost 6 psi in 60 s, 4 allowed')
        ->and($this->getJson($this->url)->json('events'))->toEqual($bench['events']);

    $marks = collect($bench['steps'])->flatMap(fn (array $step): array => $step['marks'])->map(fn (array $mark): array => [...$mark, 'id' => (string) Str::uuid7(), 'at_ms' => 1000])->all();
    $sheet = $this->postJson(str_replace('/brakes', '/marks', $this->url), ['recorder' => (string) Str::uuid7(), 'marks' => $marks])->assertOk()->json();
    $status = collect($sheet['outcomes'])->pluck('status', 'item');
    expect($status['test.leak_applied'])->toBe('wrong')->and($status['test.governor'])->toBe('whole')->and($status['test.spring_pop'])->toBe('whole');
});

it('keeps what was taken back beside what stands', function (): void {
    ($this->keep)(($this->cutOut)(), [['at_ms' => 500, 'kind' => 'minute-ended']])->assertOk();

    expect($this->getJson($this->url)->json('taken_back'))->toBe([['at_ms' => 500, 'kind' => 'minute-ended']]);
});

it('refuses an event at fault, names it, and keeps what was there', function (): void {
    ($this->keep)(($this->cutOut)())->assertOk();
    $this->putJson($this->url, ['events' => [['at_ms' => 0, 'kind' => 'reading', 'primary' => 250, 'secondary' => 1]], 'taken_back' => []])->assertStatus(422)->assertSee('events[0].primary', false);
    $this->putJson($this->url, ['events' => 'none'])->assertStatus(422);

    expect($this->getJson($this->url)->json('events'))->toHaveCount(2);
});

it('lets nobody else keep a bench', function (): void {
    $this->actingAs($this->yard->person(Role::Instructor, 'Ole Brandt'))->putJson($this->url, ['events' => [], 'taken_back' => []])->assertForbidden();
});

it('gives what was observed in open formats, and takes it in again', function (string $format, string $first): void {
    ($this->keep)(($this->cutOut)()->ready()->leakTest())->assertOk();
    $before = $this->getJson($this->url)->json('events');
    $file = $this->get($this->url.'/file?format='.$format)->assertOk()->getContent();
    expect($file)->toStartWith($first);
    $bench = $this->putJson($this->url.'/file', ['content' => $file, 'name' => "brakes.$format"])->assertOk()->json();

    expect($bench['events'])->toEqual($before)->and($bench['taken_back'])->toEqual($before)->and($bench['steps'][1]['outcome'])->toBe('met');
})->with([['csv', 'at_ms,kind,to,value'], ['json', '{']]);

it('refuses a file that it cannot judge, names the line, and keeps what was there', function (callable $content, string $told): void {
    ($this->keep)(($this->cutOut)())->assertOk();
    $this->putJson($this->url.'/file', ['content' => $content(), 'name' => 'yard.csv'])->assertStatus(422)->assertSee($told, false);

    expect($this->getJson($this->url)->json('events'))->toHaveCount(2)->and($this->getJson($this->url)->json('taken_back'))->toBe([]);
})->with([
    'a kind that is none' => [fn (): string => "at_ms,kind,to\n0,key,on\n5,kee,off\n", 'line 3, kind'],
    'no table' => [fn (): string => 'hello', 'is neither JSON nor a table'],
    'a trace too fine' => [fn (): string => "at_ms,primary,secondary\n".implode("\n", array_map(static fn (int $n): string => "$n,120,120", range(0, 2500))), 'holds 2501 events, a bench keeps 2000'],
]);

it('judges each of the four sequences to the end', function (string $checklist, callable $scene, int $steps): void {
    $yard = new Yard;
    $yard->checklist->update(['document' => (string) file_get_contents(base_path("checklists/$checklist.json"))]);
    $yard->vehicle->update(['document' => (string) file_get_contents(base_path('vehicles/dock-tractor-chassis.json'))]);
    $attempt = $yard->attempt();
    $bench = $this->actingAs($yard->scorer)->putJson("/api/v1/attempts/$attempt->id/brakes", ['events' => array_map(EventWriter::write(...), $scene()->events), 'taken_back' => []])->assertOk()->json();

    expect($bench['standing'])->toBe('passed')->and($bench['steps'])->toHaveCount($steps)->each->toHaveKey('outcome', 'met');
})->with([
    ['every-axle-every-point', fn (): Scene => (new Scene)->ready()->leakTest()->warns()->pops(), 3],
    ['whole-walk-round', fn (): Scene => (new Scene)->then(EventKind::Engine, 'on')->then(EventKind::CutOut, '', 125, 125)->ready()->leakTest()->warns()->pops(), 4],
    ['cab-brakes-and-drawn-form', fn (): Scene => (new Scene)->readyToMove()->tug('out', 'in')->tug('in', 'out')->ready()->leakTest()->then(EventKind::Said, 'limit', 4, test: BrakeTest::LeakApplied)->warns()->pops(), 5],
    ['short-list-grouped', fn (): Scene => (new Scene)->ready()->leakTest()->warns()->pops()->readyToMove()->tug('out', 'in')->tug('in', 'out')->tug('in', 'in', 'held', 'on')->rolls(), 7],
]);

it('loses nothing however often a list is taken in, and can be corrected afterwards', function (): void {
    $trace = static fn (int $psi): string => "at_ms,primary,secondary\n".implode("\n", array_map(static fn (int $n): string => ($n * 1000).",$psi,$psi", range(0, 1499)));
    $this->actingAs($this->yard->scorer);
    foreach ([0, 1500, 3000] as $n => $before) {
        expect($this->putJson($this->url.'/file', ['content' => $trace(100 + $n), 'name' => 'logger.csv'])->assertOk()->json('taken_back'))->toHaveCount($before);
    }
    $bench = $this->getJson($this->url)->json();
    $gone = array_shift($bench['events']);

    expect($this->putJson($this->url, ['events' => $bench['events'], 'taken_back' => [$gone, ...$bench['taken_back']]])->assertOk()->json('taken_back'))->toHaveCount(3001);
});

it('says when there is no more room for what was taken back, and keeps it', function (): void {
    ($this->keep)(($this->cutOut)(), array_map(static fn (int $n): array => ['at_ms' => $n, 'kind' => 'belt', 'to' => $n % 2 === 0 ? 'on' : 'off'], range(0, 19_998)))->assertOk();
    $this->putJson($this->url.'/file', ['content' => "at_ms,kind\n0,restarted\n", 'name' => 'more.csv'])->assertStatus(422)->assertSee('it keeps 20000', false);

    expect($this->getJson($this->url)->json('taken_back'))->toHaveCount(19_999);
});
