<?php

declare(strict_types=1);

use App\Actions\Walk\RecordMarks;
use App\Models\Amendment;
use App\Models\Attempt;
use App\Models\Role;
use App\Models\Signature;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Attempt\Marks\MarkWriter;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Tests\Sample;
use Tests\Support\Yard;

beforeEach(function (): void {
    $this->yard = new Yard;
    // Places close when they are left, so that what comes afterwards would be late.
    $this->yard->checklist->update(['document' => (string) json_encode(Sample::ruled(['returns' => 'place']))]);
    $this->attempt = $this->yard->attempt();
    $this->path = '/api/v1/attempts/'.$this->attempt->id;
    $this->actingAs($this->yard->scorer);
    $this->play = fn (Attempt $attempt, Mark ...$marks): mixed => app(RecordMarks::class)->handle(
        $attempt,
        $attempt->scorer,
        $attempt->id,
        ['marks' => array_map(MarkWriter::write(...), $marks)],
    );
    ($this->play)(
        $this->attempt,
        Sample::enter(0, 'cab'),
        Sample::whole(1, 'cab.seat_belt'),
        Sample::close(2, 'cab'),
        Sample::enter(3, 'engine'),
        Sample::points(4, 'engine.alternator', Point::Mounted),
        Sample::close(5, 'engine'),
        Sample::finish(9),
    );
    $this->amend = fn (array $marks, array $with = []): TestResponse => $this->postJson($this->path.'/amendments', [
        'id' => (string) Str::uuid7(),
        'reason' => 'The wind took it.',
        'marks' => array_map(
            static fn (array $mark): array => ['id' => (string) Str::uuid7(), 'at_ms' => 9000, ...$mark],
            $marks,
        ),
        ...$with,
    ]);
    $this->status = fn (string $item): string => collect(
        $this->getJson($this->path.'/sheet')->json('outcomes'),
    )->firstWhere('item', $item)['status'];
    $this->sign = fn (string $party = 'scorer', array $with = []): TestResponse => $this->postJson(
        $this->path.'/signatures',
        [
            'id' => (string) Str::uuid7(),
            'party' => $party,
            'name' => 'Rosa Kettering',
            'strokes' => [[1, 2, 3, 4]],
            ...$with,
        ],
    );
});

describe('an amendment', function (): void {
    it('has an effect: what was said counts as said in time, unless it is told to have been late', function (
        array $mark,
        string $status,
    ): void {
        expect(($this->status)('engine.oil_level'))->toBe('missed');
        ($this->amend)([['kind' => 'heard_whole', 'item' => 'engine.oil_level', ...$mark]])->assertOk();
        expect(($this->status)('engine.oil_level'))->toBe($status);
    })->with([
        'as it is sent' => [[], 'whole'],
        'in time' => [['said' => 'in_time'], 'whole'],
        'late' => [['said' => 'late'], 'late'],
    ]);

    it('adds single points, figures, defects and words said wrong', function (): void {
        ($this->amend)([
            ['kind' => 'points_heard', 'item' => 'engine.alternator', 'points' => ['drive']],
            ['kind' => 'figure_heard', 'item' => 'engine.alternator', 'points' => ['belt_play'], 'value' => 0.75],
            ['kind' => 'defect_noticed', 'item' => 'engine.oil_level', 'text' => 'dry'],
            ['kind' => 'said_wrong', 'item' => 'wheel.tyre@steer', 'points' => ['depth'], 'text' => 'two'],
        ])->assertOk();

        expect(($this->status)('engine.alternator'))
            ->toBe('whole')
            ->and(($this->status)('wheel.tyre@steer'))
            ->toBe('wrong');
        $items = collect($this->getJson($this->path.'/result')->json('amendments.0.items'))->keyBy('item');
        expect($items['engine.alternator'])
            ->toMatchArray([
                'name' => 'Alternator',
                'was' => 'partial',
                'was_missing' => ['how driven', 'belt play'],
                'now' => 'whole',
                'now_missing' => [],
            ])
            ->and($items['wheel.tyre@steer'])
            ->toMatchArray(['name' => 'Tyre, steer axle', 'was' => 'missed', 'now' => 'wrong'])
            ->and($items->keys()->all())
            ->toContain('engine.oil_level');
    });

    it('has no part in the order, since it is not known when it was said', function (): void {
        $before = $this->getJson($this->path.'/sheet')->json();
        ($this->amend)([['kind' => 'heard_whole', 'item' => 'cab.horn_air']])->assertOk();

        expect($this->getJson($this->path.'/sheet')->json())->toMatchArray([
            'named' => $before['named'],
            'out_of_place' => $before['out_of_place'],
            'duration_ms' => $before['duration_ms'],
        ]);
    });

    it('is not taken under an id that stands for something else', function (): void {
        $marks = [
            ['id' => (string) Str::uuid7(), 'at_ms' => 9000, 'kind' => 'heard_whole', 'item' => 'engine.oil_level'],
        ];
        $body = ['id' => (string) Str::uuid7(), 'reason' => 'The wind took it.', 'marks' => $marks];
        $this->postJson($this->path.'/amendments', $body)->assertOk();
        $this->postJson($this->path.'/amendments', $body)->assertOk();
        $this->postJson($this->path.'/amendments', [...$body, 'reason' => 'Another reason'])
            ->assertConflict()
            ->assertJsonPath('type', '/problems/id-taken');
        $other = $this->yard->attempt();
        ($this->play)($other, Mark::finished('01910000-0000-7000-8000-000000000009', 9000));
        $this->postJson("/api/v1/attempts/$other->id/amendments", $body)
            ->assertConflict()
            ->assertJsonPath('type', '/problems/id-taken');

        expect(Amendment::query()->count())->toBe(1);
    });

    it('drops no mark in silence', function (): void {
        ($this->amend)([['id' => Sample::id(1), 'kind' => 'heard_whole', 'item' => 'cab.seat_belt']])
            ->assertConflict()
            ->assertJsonPath('type', '/problems/id-taken');
        expect(Amendment::query()->count())->toBe(0);
    });

    it('cannot open the record again, nor change the course of the walk', function (array $mark, string $path): void {
        ($this->amend)([$mark])->assertUnprocessable()->assertJsonPath('errors.0.path', $path);
        $this->getJson($this->path.'/sheet')->assertJsonPath('finished', true);
    })->with([
        'undoing the finish' => [['kind' => 'undo', 'undoes' => Sample::id(9)], 'marks[0].undoes'],
        'finishing again' => [['kind' => 'finished'], 'marks[0].kind'],
        'entering a place' => [['kind' => 'place_entered', 'place' => 'cab'], 'marks[0].kind'],
    ]);

    it('stands behind the one before it, whatever the clock of a device says', function (): void {
        ($this->amend)([
            ['id' => '01ffffff-0000-7000-8000-000000000001', 'kind' => 'heard_whole', 'item' => 'engine.oil_level'],
        ])->assertOk();
        ($this->amend)([
            [
                'id' => '01000000-0000-7000-8000-000000000001',
                'at_ms' => 0,
                'kind' => 'points_taken_back',
                'item' => 'engine.oil_level',
                'points' => ['identified'],
            ],
        ])->assertOk();

        expect(($this->status)('engine.oil_level'))
            ->toBe('missed')
            ->and(
                Amendment::query()
                    ->where('attempt_id', $this->attempt->id)
                    ->get()
                    ->sortBy('position')
                    ->pluck('position')
                    ->all(),
            )
            ->toBe([1, 2]);
    });

    it('can tell what was observed of the brake tests', function (): void {
        ($this->amend)(
            [],
            ['brake_events' => [['id' => (string) Str::uuid7(), 'at_ms' => 0, 'kind' => 'engine', 'to' => 'on']]],
        )->assertOk();
        $this->getJson($this->path.'/brakes')->assertJsonCount(1, 'events');
    });
});

describe('a signature', function (): void {
    it('is over the record: one that was changed since shows it, and can be signed again', function (): void {
        ($this->sign)()
            ->assertCreated()
            ->assertJsonPath('stands', true)
            ->assertJsonPath('entered_by', 'Rosa Kettering');
        ($this->sign)()->assertConflict();
        $this->getJson($this->path.'/result')->assertJsonPath('signatures.0.stands', true);
        ($this->amend)([['kind' => 'heard_whole', 'item' => 'engine.oil_level']])->assertOk();
        $this->getJson($this->path.'/result')->assertJsonPath('signatures.0.stands', false);
        ($this->sign)()->assertCreated();
        $this->getJson($this->path.'/result')
            ->assertJsonCount(2, 'signatures')
            ->assertJsonPath('signatures.0.stands', false)
            ->assertJsonPath('signatures.1.stands', true);
    });

    it('notices whatever is changed, behind the back of the application too', function (Closure $change): void {
        ($this->sign)()->assertCreated();
        $change($this->attempt);
        $this->getJson($this->path.'/result')->assertJsonPath('signatures.0.stands', false);
    })->with([
        'a mark' => [
            fn (Attempt $attempt) => Illuminate\Support\Facades\DB::table('marks')
                ->where('attempt_id', $attempt->id)
                ->where('id', Sample::id(1))
                ->update(['at_ms' => 1001]),
        ],
        'an observation' => [
            fn (Attempt $attempt) => Illuminate\Support\Facades\DB::table('brake_events')->insert([
                'attempt_id' => $attempt->id,
                'id' => Sample::id(77),
                'position' => 0,
                'entry' => json_encode(['id' => Sample::id(77), 'at_ms' => 0, 'kind' => 'key', 'to' => 'on']),
                'received_at' => now(),
            ]),
        ],
        'captions' => [
            fn (Attempt $attempt) => App\Models\Recording::query()->create([
                'id' => Sample::id(78),
                'attempt_id' => $attempt->id,
                'position' => 0,
                'user_id' => $attempt->scorer_id,
                'name' => 'x',
                'content' => 'rim is good',
                'received_at' => now(),
            ]),
        ],
        'the checklist' => [
            fn (Attempt $attempt) => $attempt->checklist->update([
                'document' => (string) json_encode(Sample::ruled(['returns' => 'end'])),
            ]),
        ],
    ]);

    it('is there once when it is sent twice, and not under an id of another', function (): void {
        $id = ['id' => (string) Str::uuid7()];
        ($this->sign)('scorer', $id)->assertCreated();
        ($this->sign)('scorer', $id)->assertCreated();
        ($this->sign)('student', $id)->assertConflict()->assertJsonPath('type', '/problems/id-taken');
        expect(Signature::query()->where('attempt_id', $this->attempt->id)->count())->toBe(1);
    });

    it('is measured before it is looked at', function (array $strokes, string $says): void {
        ($this->sign)('scorer', ['strokes' => $strokes])->assertUnprocessable()->assertJsonPath('detail', $says);
    })->with([
        'thousands of points' => [
            array_fill(0, 300, array_fill(0, 40, 5)),
            'The signature has 6000 points; at most 4000 are kept. Clear it and sign again, a little faster.',
        ],
        'off the pad' => [
            [[1, 2, 3, 1001]],
            'A point of the signature lies off the pad, which goes from 0 to 1000. Clear it and sign again.',
        ],
        'no number' => [
            [[1, 2, 3, 'x']],
            'A point of the signature lies off the pad, which goes from 0 to 1000. Clear it and sign again.',
        ],
        'half a point' => [
            [[1, 2, 3, 4, 5]],
            'A stroke of the signature is no list of x and y by turns. Clear it and sign again.',
        ],
    ]);

    it('of somebody else\'s session is told before its strokes are read', function (): void {
        $this->actingAs($this->yard->person(Role::Examiner));
        ($this->sign)('scorer', ['strokes' => 'nothing'])->assertForbidden();
    });
});
