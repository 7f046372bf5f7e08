<?php

declare(strict_types=1);

use App\Library\MarkStore;
use App\Models\Attempt;
use App\Models\AttemptResult;
use App\Models\AttemptStatus;
use App\Models\Role;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Attempt\Marks\MarkWriter;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Tests\Sample;
use Tests\Support\Yard;

const RECORDER = '0190aaaa-0000-7000-8000-000000000001';

beforeEach(function (): void {
    $this->yard = new Yard;
    $this->attempt = $this->yard->attempt();
    $this->actingAs($this->yard->scorer);
    $this->send = fn (Mark ...$marks): TestResponse => $this->postJson("/api/v1/attempts/{$this->attempt->id}/marks", [
        'recorder' => RECORDER,
        'marks' => array_map(MarkWriter::write(...), $marks),
    ]);
    $this->stored = fn (): int => count(app(MarkStore::class)->read($this->attempt->id)[0]->marks);
});

it('answers a batch with the new sheet', function (): void {
    ($this->send)(
        Sample::enter(1, 'engine'),
        Sample::whole(2, 'engine.oil_level'),
        Sample::points(3, 'engine.alternator', Point::Mounted),
    )
        ->assertOk()
        ->assertJsonPath('current_place', 'engine')
        ->assertJsonPath('whole', 1)
        ->assertJsonPath('permille', 125)
        ->assertJsonPath('outcomes.4.status', 'partial')
        ->assertJsonPath('outcomes.4.heard', ['mounted', 'identified'])
        ->assertJsonPath('outcomes.5.status', 'whole')
        ->assertJsonPath('outcomes.5.first_at_ms', 2000);
});

it('changes nothing when a batch is sent twice', function (): void {
    $first = ($this->send)(Sample::whole(2, 'engine.oil_level'))->assertOk()->getContent();
    $second = ($this->send)(Sample::whole(2, 'engine.oil_level'))->assertOk()->getContent();

    expect($second)->toBe($first)->and(($this->stored)())->toBe(1);
});

it('keeps every kind of mark as it was sent', function (): void {
    $marks = [
        Sample::enter(1, 'cab'),
        Sample::whole(2, 'cab.seat_belt'),
        Sample::points(3, 'engine.alternator', Point::Mounted, Point::Drive),
        Sample::points(4, 'engine.oil_level'),
        Sample::takenBack(5, 'engine.alternator', Point::Drive),
        Sample::wave(6, 'cab.horn_air'),
        Mark::note(Sample::id(7), 7000, 'louder', 'cab.horn_air'),
        Sample::undo(8, 6),
        Sample::close(9, 'cab'),
    ];
    ($this->send)(...$marks)->assertOk();
    $read = app(MarkStore::class)->read($this->attempt->id)[0]->marks;
    foreach ($marks as $n => $mark) {
        expect($read[$n]->equals($mark))->toBeTrue();
    }
});

it('takes all of a batch or nothing, and names the mark at fault', function (): void {
    ($this->send)(Sample::whole(1, 'engine.oil_level'), Sample::whole(2, 'engine.rocket'))
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.path', 'marks[1].item')
        ->assertJsonPath('errors.0.message', '"engine.rocket" is not on the sheet of this attempt');

    expect(($this->stored)())->toBe(0);
});

it('refuses a recorder\'s time that runs backwards, also from one batch to the next', function (): void {
    ($this->send)(Sample::whole(5, 'engine.oil_level'))->assertOk();
    ($this->send)(Sample::whole(3, 'cab.seat_belt'))
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.path', 'marks[0].at_ms');

    expect(($this->stored)())->toBe(1);
});

it('lets a second device send earlier times: each has its own clock', function (): void {
    ($this->send)(Sample::whole(5, 'engine.oil_level'))->assertOk();
    $this->postJson("/api/v1/attempts/{$this->attempt->id}/marks", [
        'recorder' => '0190bbbb-0000-7000-8000-000000000002',
        'marks' => [MarkWriter::write(Sample::whole(3, 'cab.seat_belt'))],
    ])
        ->assertOk()
        ->assertJsonPath('whole', 2);
});

it('refuses an id that came before with other content', function (): void {
    ($this->send)(Sample::whole(1, 'engine.oil_level'))->assertOk();
    ($this->send)(Mark::heardWhole(Sample::id(1), 1000, 'cab.seat_belt'))->assertConflict();

    expect(($this->stored)())->toBe(1);
});

it('closes the attempt when the walk is finished, and writes the projections', function (): void {
    ($this->send)(Sample::enter(0, 'cab'), Sample::whole(1, 'engine.oil_level'), Sample::finish(90))
        ->assertOk()
        ->assertJsonPath('finished', true)
        ->assertJsonPath('standing', 'failed');
    $attempt = Attempt::query()->findOrFail($this->attempt->id);

    expect($attempt->status)->toBe(AttemptStatus::Finished)
        ->and($attempt->finished_at?->toDateTimeString())->toBe('2026-11-20 14:01:30')
        ->and(AttemptResult::query()->findOrFail($attempt->id)->permille)->toBe(125)
        ->and(DB::table('item_outcomes')->where('attempt_id', $attempt->id)->count())->toBe(8);
});

it('takes no new mark for a finished attempt, but a repeated one', function (): void {
    ($this->send)(Sample::whole(1, 'engine.oil_level'), Sample::finish(2))->assertOk();
    ($this->send)(Sample::whole(3, 'cab.seat_belt'))
        ->assertConflict()
        ->assertJsonPath(
            'detail',
            'This attempt is closed and takes nothing more. What was recorded before is unchanged; change it by an '.
                'amendment, with a reason.',
        );
    ($this->send)(Sample::whole(1, 'engine.oil_level'))->assertOk()->assertJsonPath('whole', 1);

    expect(($this->stored)())->toBe(2);
});

it('is for the scorer of the attempt only', function (Role $role, int $status): void {
    $this->actingAs($this->yard->person($role));
    ($this->send)(Sample::whole(1, 'engine.oil_level'))->assertStatus($status);

    expect(($this->stored)())->toBe(0);
})->with([
    'another instructor' => [Role::Instructor, 403],
    'a manager' => [Role::Manager, 403],
    'a student' => [Role::Student, 404],
]);

it('does not know an attempt of another school', function (): void {
    $this->actingAs((new Yard)->scorer);
    ($this->send)(Sample::whole(1, 'engine.oil_level'))->assertNotFound();
});

it('says what is wrong with the body', function (string $body, int $status, string $says): void {
    $response = $this->call(
        'POST',
        "/api/v1/attempts/{$this->attempt->id}/marks",
        server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
        content: $body,
    );

    expect($response->getStatusCode())
        ->toBe($status)
        ->and((string) $response->getContent())
        ->toContain($says)
        ->and(($this->stored)())
        ->toBe(0);
})->with([
    'broken JSON' => ['{"marks": [', 400, 'not a JSON object (Syntax error)'],
    'a bare value' => ['7', 400, 'not a JSON object'],
    'nothing' => ['', 422, 'There is no mark in this batch'],
    'marks that are no list' => ['{"recorder": "'.RECORDER.'", "marks": {"a": 1}}', 422, 'marks'],
    'no recorder' => ['{"marks": [{}]}', 422, 'recorder'],
]);

it('refuses more marks than a batch may hold', function (): void {
    $this->postJson("/api/v1/attempts/{$this->attempt->id}/marks", [
        'recorder' => RECORDER,
        'marks' => array_fill(0, 1501, []),
    ])
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.message', 'Send at most 1500 marks at a time.');
});

it('rebuilds the projections to the same from the marks alone', function (): void {
    ($this->send)(
        Sample::whole(1, 'engine.oil_level'),
        Sample::points(2, 'engine.alternator', Point::Mounted),
        Sample::finish(3),
    )->assertOk();
    $read = static fn (): array => [
        DB::table('item_outcomes')->orderBy('item')->get()->all(),
        DB::table('attempt_results')->get()
            ->map(static fn (object $row): array => Arr::except((array) $row, 'projected_at'))->all(),
    ];
    $before = $read();
    DB::table('item_outcomes')->delete();
    DB::table('attempt_results')->delete();
    $this->artisan('pasada:project')->assertSuccessful();

    expect($read())->toEqual($before);
});
