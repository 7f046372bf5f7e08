<?php

declare(strict_types=1);

use App\Actions\Walk\RecordMarks;
use App\Models\Attempt;
use App\Models\Role;
use Illuminate\Support\Str;
use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Attempt\Marks\MarkWriter;
use Pasada\Core\Tests\Sample;
use Tests\Support\Yard;

beforeEach(function (): void {
    $this->yard = new Yard;
    $this->first = $this->yard->attempt();
    $this->second = $this->yard->person(Role::Examiner, 'Ilse Drumlin');
    $this->join = fn () => $this->postJson('/api/v1/attempts', [
        'id' => (string) Str::uuid7(),
        'walk_of' => $this->first->id,
    ]);
    $this->finish = fn (Attempt $attempt): mixed => app(RecordMarks::class)->handle(
        $attempt,
        $attempt->scorer,
        $attempt->id,
        [
            'marks' => array_map(
                static fn (Mark $mark): array => [...MarkWriter::write($mark), 'id' => (string) Str::uuid7()],
                [...Sample::all(), Sample::finish(60)],
            ),
        ],
    );
});

it('is blind to what the other has made of the walk, wherever results are shown', function (): void {
    $this->actingAs($this->second);
    $mine = Attempt::query()->findOrFail(($this->join)()->assertCreated()->json('card.id'));
    $earlier = $this->yard->attempt(startedAt: '2026-11-10 14:00');
    ($this->finish)($earlier);
    ($this->finish)($this->first);
    $shown = fn (): array => [
        'today' => array_column($this->getJson('/api/v1/today')->json('recent'), 'id'),
        'students' => $this->getJson('/api/v1/students')->json('0.attempts'),
        'student' => array_values(
            array_diff(
                array_column($this->getJson("/api/v1/students/{$this->yard->student->id}")->json('attempts'), 'id'),
                [$mine->id],
            ),
        ),
    ];
    expect($shown())->toBe(['today' => [$earlier->id], 'students' => 1, 'student' => [$earlier->id]]);
    foreach (['result', 'record', 'marks', 'sheet', ''] as $part) {
        $this->getJson("/api/v1/attempts/{$this->first->id}/$part")->assertForbidden();
    }
    $later = $this->yard->attempt(startedAt: '2026-11-25 14:00');
    ($this->finish)($later);
    expect(array_column($this->getJson("/api/v1/attempts/$later->id/result")->json('earlier'), 'id'))->toBe([
        $earlier->id,
    ]);

    ($this->finish)($mine);
    expect($shown()['today'])->toContain($this->first->id);
});

it('does not see it in the effect of a draft either', function (): void {
    $instructor = $this->yard->person(Role::Instructor, 'Anton Veyra');
    $this->actingAs($instructor);
    ($this->join)()->assertCreated();
    ($this->finish)($this->first);
    $draft = $this->postJson('/api/v1/drafts', ['kind' => 'checklist', 'base_id' => $this->yard->checklist->id])->json(
        'id',
    );

    $this->getJson("/api/v1/drafts/$draft/effect")
        ->assertOk()
        ->assertJsonPath('attempts', []);
    $this->actingAs($this->yard->person(Role::Manager))
        ->getJson("/api/v1/drafts/$draft/effect")
        ->assertJsonCount(1, 'attempts');
});

it('joins a walk only while it goes on, and is never the same person', function (): void {
    $this->actingAs($this->yard->scorer);
    ($this->join)()
        ->assertForbidden()
        ->assertJsonPath('detail', 'You score this walk already; a second opinion has to be somebody else\'s.');
    $this->actingAs($this->second);
    ($this->join)()->assertCreated();
    ($this->join)()->assertForbidden();
    ($this->finish)($this->first);
    $this->actingAs($this->yard->person(Role::Instructor, 'Anton Veyra'));
    ($this->join)()
        ->assertForbidden()
        ->assertJsonPath('detail', 'This walk is finished. A second scorer can join only while it goes on.');
});

it('starts once when the answer was lost', function (): void {
    $body = ['id' => (string) Str::uuid7(), 'walk_of' => $this->first->id];
    $this->actingAs($this->second)->postJson('/api/v1/attempts', $body)->assertCreated();
    ($this->finish)($this->first);
    $this->postJson('/api/v1/attempts', $body)->assertCreated();
    expect(Attempt::query()->count())->toBe(2);
});

it('adds no second walk to any count or history', function (): void {
    $this->actingAs($this->second);
    $mine = Attempt::query()->findOrFail(($this->join)()->json('card.id'));
    ($this->finish)($mine);
    $counted = fn (): array => [
        $this->getJson('/api/v1/students')->json('0.attempts'),
        $this->getJson('/api/v1/students')->json('0.last_permille'),
    ];
    expect($counted()[0])->toBe(1);
    ($this->finish)($this->first);
    expect($counted()[0])
        ->toBe(1)
        ->and(array_column($this->getJson("/api/v1/students/{$this->yard->student->id}")->json('attempts'), 'id'))
        ->toBe([$this->first->id])
        ->and(array_column($this->getJson('/api/v1/today')->json('recent'), 'id'))
        ->toBe([$this->first->id]);
    $later = $this->yard->attempt(startedAt: '2026-11-25 14:00');
    ($this->finish)($later);

    $this->getJson("/api/v1/attempts/$later->id/result")
        ->assertJsonCount(1, 'earlier')
        ->assertJsonPath('earlier.0.id', $this->first->id);
    expect(array_column($this->getJson("/api/v1/attempts/$mine->id/result")->json('earlier'), 'id'))->toBe([
        $later->id,
    ]);
});

it('does not let a student learn of a planted defect before it is noticed', function (): void {
    $account = $this->yard->person(Role::Student, 'Mira Tallgrass');
    $this->yard->student->update(['user_id' => $account->id]);
    $plain = fn (): array => $this->actingAs($account)
        ->getJson("/api/v1/attempts/{$this->first->id}/sheet")
        ->assertOk()
        ->json();
    $this->first->update(['live' => true]);
    $mark = fn (Mark ...$marks): mixed => app(RecordMarks::class)->handle(
        $this->first,
        $this->yard->scorer,
        $this->first->id,
        ['marks' => array_map(MarkWriter::write(...), $marks)],
    );
    $mark(Sample::whole(1, 'engine.oil_level'));
    $before = $plain();
    $mark(Mark::defectPlanted(Sample::id(2), 1000, 'engine.oil_level', 'dry'));
    expect($plain())
        ->toBe($before)
        ->and(
            $this->actingAs($this->yard->scorer)
                ->getJson("/api/v1/attempts/{$this->first->id}/sheet")
                ->json(),
        )
        ->not->toBe($before);
    foreach (['marks', 'record', 'brakes', 'recording', 'result'] as $part) {
        $this->actingAs($account)->getJson("/api/v1/attempts/{$this->first->id}/$part")->assertForbidden();
    }
    expect($this->getJson("/api/v1/attempts/{$this->first->id}")->getContent())->not->toContain('dry');

    $mark(Mark::defectNoticed(Sample::id(3), 2000, 'engine.oil_level'));
    expect(json_encode($plain()))->toContain('"defect":"dry"');
});
