<?php

declare(strict_types=1);

use App\Actions\Walk\RecordMarks;
use App\Models\Amendment;
use App\Models\Attempt;
use App\Models\AttemptMode;
use App\Models\Role;
use Illuminate\Support\Str;
use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Attempt\Marks\MarkWriter;
use Pasada\Core\Tests\Sample;
use Tests\Support\Yard;

beforeEach(function (): void {
    $this->yard = new Yard;
    $this->attempt = $this->yard->attempt();
    $this->path = '/api/v1/attempts/'.$this->attempt->id;
    $this->actingAs($this->yard->scorer);
    $this->play = fn (Attempt $attempt, Mark ...$marks): mixed => app(RecordMarks::class)->handle(
        $attempt,
        $attempt->scorer,
        $attempt->id,
        ['marks' => array_map(MarkWriter::write(...), $marks)],
    );
    $this->stroke = [[100, 200, 300, 400], [10, 10, 20, 20]];
});

describe('watching', function (): void {
    it('is by the scorer\'s leave', function (Role $role): void {
        $watcher = $this->yard->person($role, 'Ilse Drumlin');
        if ($role === Role::Student) {
            $this->yard->student->update(['user_id' => $watcher->id]);
        }
        $this->actingAs($watcher)
            ->getJson($this->path.'/sheet')
            ->assertForbidden()
            ->assertJsonPath(
                'detail',
                'Rosa Kettering is scoring this walk and has not opened it for others to watch. It can be read when '.
                    'it is finished.',
            );
        $this->actingAs($this->yard->scorer)
            ->putJson($this->path.'/live', ['live' => true])
            ->assertNoContent();
        $this->actingAs($watcher->fresh())
            ->getJson($this->path.'/sheet')
            ->assertOk()
            ->assertJsonPath('standing', 'open');
    })->with([
        'another instructor' => [Role::Instructor],
        'the student' => [Role::Student],
        'the manager' => [Role::Manager],
    ]);

    it('is no thing for another student, nor for an examination', function (): void {
        $this->attempt->update(['mode' => AttemptMode::Exam]);
        $this->putJson($this->path.'/live', ['live' => true])
            ->assertForbidden()
            ->assertJsonPath('detail', 'An examination is not shown to others while it goes on.');
        $this->attempt->update(['mode' => AttemptMode::Practice, 'live' => true]);
        $this->actingAs($this->yard->person(Role::Student))->getJson($this->path.'/sheet')->assertNotFound();
    });

    it('costs little while nothing is new', function (): void {
        $tag = $this->getJson($this->path.'/sheet')->assertOk()->headers->get('ETag');
        $this->getJson($this->path.'/sheet', ['If-None-Match' => $tag])->assertStatus(304);
        ($this->play)($this->attempt, Sample::whole(1, 'cab.seat_belt'));
        $this->getJson($this->path.'/sheet', ['If-None-Match' => $tag])->assertOk()->assertJsonPath('whole', 1);
    });
});

it('tells everything that was ever marked, and by whom', function (): void {
    ($this->play)($this->attempt, Sample::whole(1, 'cab.seat_belt'), Sample::undo(2, 1));

    $this->getJson($this->path.'/marks')
        ->assertOk()
        ->assertJsonCount(2)
        ->assertJsonPath('0.mark.kind', 'heard_whole')
        ->assertJsonPath('0.by', 'Rosa Kettering')
        ->assertJsonPath('1.mark.undoes', Sample::id(1));
});

it('keeps what only some marks carry', function (): void {
    $marks = [
        Mark::heardWhole(Sample::id(1), 1000, 'side.mirror@left'),
        Sample::figure(2, 'engine.alternator', Pasada\Core\Catalogue\Point::BeltPlay, 625),
        Sample::carry(3, 'drive-wheel', 'steer', ['wheel.tyre@drive']),
        Mark::defectNoticed(Sample::id(4), 4000, 'engine.oil_level', 'dry'),
    ];
    ($this->play)($this->attempt, ...$marks);

    expect(array_column($this->getJson($this->path.'/marks')->json(), 'mark'))->toBe(
        array_map(MarkWriter::write(...), $marks),
    );
});

describe('signing', function (): void {
    it('keeps the strokes of both with the time of the server', function (): void {
        ($this->play)($this->attempt, Sample::finish(9));
        $this->postJson($this->path.'/signatures', [
            'id' => (string) Str::uuid7(),
            'party' => 'scorer',
            'name' => 'Rosa Kettering',
            'strokes' => $this->stroke,
        ])
            ->assertCreated()
            ->assertJsonPath('strokes', $this->stroke);
        $this->postJson($this->path.'/signatures', [
            'id' => (string) Str::uuid7(),
            'party' => 'student',
            'name' => 'Mira Tallgrass',
            'strokes' => $this->stroke,
        ])->assertCreated();
        $this->getJson($this->path.'/result')
            ->assertJsonCount(2, 'signatures')
            ->assertJsonPath('signatures.1.name', 'Mira Tallgrass');
    });

    it('is refused where there is nothing to sign', function (
        bool $finished, array $body, int $status, string $says,
    ): void {
        if ($finished) {
            ($this->play)($this->attempt, Sample::finish(9));
        }
        $this->postJson($this->path.'/signatures', [
            'id' => (string) Str::uuid7(),
            'party' => 'scorer',
            'name' => 'Rosa',
            'strokes' => [[1, 2, 3, 4]],
            ...$body,
        ])
            ->assertStatus($status)
            ->assertJsonPath('detail', $says);
    })->with([
        'before the end' => [false, [], 409, 'The walk is not finished yet; finish it, then sign.'],
        'an empty glass' => [true, ['strokes' => []], 422, 'There is no signature on the glass yet.'],
        'no name' => [true, ['name' => ''], 422, 'Write the name beside the signature, in at most 120 letters.'],
    ]);

    it('is the scorer\'s to witness', function (): void {
        ($this->play)($this->attempt, Sample::finish(9));
        $this->actingAs($this->yard->person(Role::Examiner))
            ->postJson($this->path.'/signatures', [
                'id' => (string) Str::uuid7(),
                'party' => 'scorer',
                'name' => 'X',
                'strokes' => $this->stroke,
            ])
            ->assertForbidden();
    });
});

describe('amending', function (): void {
    beforeEach(function (): void {
        ($this->play)($this->attempt, ...[...array_slice(Sample::all(), 0, 6), Sample::finish(60)]);
        $this->body = [
            'id' => (string) Str::uuid7(),
            'reason' => 'The tyre was said; my thumb slipped.',
            'marks' => [MarkWriter::write(Mark::heardWhole(Sample::id(90), 60_000, 'wheel.tyre@steer'))],
        ];
    });

    it('changes the sheet and leaves the original readable', function (): void {
        $this->postJson($this->path.'/amendments', $this->body)
            ->assertOk()
            ->assertJsonPath('whole', 7)
            ->assertJsonPath('standing', 'passed');
        $this->getJson($this->path.'/result')
            ->assertJsonPath('sheet.whole', 7)
            ->assertJsonPath('original.whole', 6)
            ->assertJsonPath('original.standing', 'failed')
            ->assertJsonPath('amendments.0.reason', 'The tyre was said; my thumb slipped.');
        expect($this->attempt->fresh()?->result?->permille)->toBe(875);
    });

    it('counts once when it is sent twice', function (): void {
        $this->postJson($this->path.'/amendments', $this->body)->assertOk();
        $this->postJson($this->path.'/amendments', $this->body)->assertOk()->assertJsonPath('whole', 7);
        expect(Amendment::query()->count())->toBe(1);
    });

    it('is refused without a reason, for a mark at fault, and to others', function (): void {
        $this->postJson($this->path.'/amendments', [...$this->body, 'reason' => ''])
            ->assertUnprocessable()
            ->assertJsonPath(
                'detail',
                'Say in a few words why the closed record is changed; the reason stays with it.',
            );
        $this->postJson($this->path.'/amendments', Sample::with($this->body, ['marks', 0, 'item'], 'cab.roof'))
            ->assertUnprocessable()
            ->assertJsonPath('errors.0.path', 'marks[0].item');
        $this->actingAs($this->yard->person(Role::Examiner))
            ->postJson($this->path.'/amendments', $this->body)
            ->assertForbidden();
        $this->actingAs($this->yard->person(Role::Manager))
            ->postJson($this->path.'/amendments', $this->body)
            ->assertOk();
        expect(Amendment::query()->count())->toBe(1);
    });

    it('is not what an open walk needs', function (): void {
        $this->postJson('/api/v1/attempts/'.$this->yard->attempt()->id.'/amendments', $this->body)
            ->assertConflict()
            ->assertJsonPath('type', '/problems/record-open')
            ->assertJsonPath('detail', 'The walk is not finished yet; mark it as usual instead of amending it.');
    });
});

describe('two scorers of one walk', function (): void {
    beforeEach(function (): void {
        $this->second = $this->yard->person(Role::Examiner, 'Ilse Drumlin');
        $body = ['id' => (string) Str::uuid7(), 'walk_of' => $this->attempt->id];
        $this->other = Attempt::query()->findOrFail(
            $this->actingAs($this->second)
                ->postJson('/api/v1/attempts', $body)
                ->assertCreated()
                ->assertJsonPath('card.student', 'Mira Tallgrass')
                ->json('card.id'),
        );
    });

    it('are blind to each other until both are finished', function (): void {
        ($this->play)($this->attempt, ...[...Sample::all(), Sample::finish(60)]);
        $this->getJson($this->path)
            ->assertForbidden()
            ->assertJsonPath(
                'detail',
                'You score the same walk. You see the other sheet when yours is finished, so that neither sways the '.
                    'other.',
            );
        $this->getJson('/api/v1/attempts/'.$this->other->id.'/agreement')
            ->assertOk()
            ->assertExactJson([]);
        $other = array_map(
            static fn (Mark $mark): Mark => Mark::heardWhole(
                str_replace('0190', '0191', $mark->id),
                $mark->atMs,
                (string) $mark->payload->item(),
            ),
            array_slice(Sample::all(), 0, 4),
        );
        ($this->play)($this->other, ...[...$other, Mark::finished('01910000-0000-7000-8000-000000009999', 60_000)]);

        $this->getJson($this->path)->assertOk();
        $this->getJson('/api/v1/attempts/'.$this->other->id.'/agreement')
            ->assertOk()
            ->assertJsonPath('0.compared', 8)
            ->assertJsonPath('0.agreed', 4)
            ->assertJsonPath('0.kappa_permille', 0)
            ->assertJsonPath('0.other.scorer', 'Rosa Kettering')
            ->assertJsonCount(4, '0.items')
            ->assertJsonPath('0.items.0', ['name' => 'Alternator', 'before' => 'missed', 'after' => 'whole']);
    });

    it('score the same vehicle, checklist and form', function (): void {
        expect($this->other->only(['student_id', 'vehicle_id', 'checklist_id', 'form', 'mode']))->toBe(
            $this->attempt->fresh()?->only(['student_id', 'vehicle_id', 'checklist_id', 'form', 'mode']),
        );
    });
});

describe('without network', function (): void {
    it('a walk can be prepared, and its start told later', function (): void {
        $this->getJson(
            "/api/v1/prepared?vehicle_id={$this->yard->vehicle->id}&checklist_id={$this->yard->checklist->id}",
        )
            ->assertOk()
            ->assertJsonPath('inspection.item_count', 8)
            ->assertJsonPath('sheet.asked', 8)
            ->assertJsonPath('phrases.0', 'Did not point at it');
        $at = now()->subHours(5)->startOfSecond();
        $id = $this->postJson('/api/v1/attempts', [
            ...$this->yard->startBody(),
            'mode' => 'exam',
            'started_at' => $at->toIso8601ZuluString(),
        ])
            ->assertCreated()
            ->assertJsonPath('mode', 'exam')
            ->json('card.id');
        expect(Attempt::query()->find($id)?->started_at->equalTo($at))->toBeTrue();
        $this->postJson('/api/v1/attempts', [
            ...$this->yard->startBody(),
            'started_at' => now()->addDay()->toIso8601ZuluString(),
        ])->assertUnprocessable();
    });
});

it('keeps the school\'s own phrases for notes', function (): void {
    $this->putJson('/api/v1/school/phrases', [
        'phrases' => [' Hands in pockets ', 'Hands in pockets', 'Loud and clear'],
    ])
        ->assertOk()
        ->assertExactJson(['Hands in pockets', 'Loud and clear']);
    $this->getJson($this->path)->assertJsonPath('phrases', ['Hands in pockets', 'Loud and clear']);
    $this->actingAs($this->yard->person(Role::Examiner))
        ->putJson('/api/v1/school/phrases', ['phrases' => []])
        ->assertForbidden();
});
