<?php

declare(strict_types=1);

use App\Actions\Walk\RecordMarks;
use App\Models\Attempt;
use App\Models\AttemptMode;
use App\Models\AttemptStatus;
use App\Models\Role;
use App\Models\VehicleOutage;
use Illuminate\Support\Str;
use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Attempt\Marks\MarkWriter;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Inspection\Item;
use Pasada\Core\Tests\Sample;
use Tests\Support\Yard;

// What an instructor, an examiner and a manager meet in a day in the yard, beside the marks themselves.

beforeEach(function (): void {
    $this->yard = new Yard;
    $this->attempt = $this->yard->attempt();
    $this->path = '/api/v1/attempts/'.$this->attempt->id;
    $this->actingAs($this->yard->scorer);
    $this->play = fn (Mark ...$marks): mixed => app(RecordMarks::class)->handle(
        $this->attempt,
        $this->yard->scorer,
        $this->attempt->id,
        ['marks' => array_map(MarkWriter::write(...), $marks)],
    );
});

describe('a walk begun by mistake', function (): void {
    it('is discarded with a reason, once, and counts nowhere', function (): void {
        ($this->play)(Sample::whole(1, 'cab.seat_belt'));
        $body = ['reason' => 'Wrong student'];
        $this->postJson($this->path.'/discard', $body)->assertNoContent();
        $this->postJson($this->path.'/discard', $body)->assertNoContent();

        expect($this->attempt->refresh()->status)->toBe(AttemptStatus::Discarded)
            ->and($this->getJson('/api/v1/today')->json('under_way'))
            ->toBe([])
            ->and($this->getJson('/api/v1/today')->json('recent'))
            ->toBe([]);
        $this->getJson('/api/v1/students/'.$this->attempt->student_id)
            ->assertJsonPath('attempts.0.status', 'discarded')
            ->assertJsonPath('attempts.0.reason', 'Wrong student');
        // What was marked stays in the trail.
        $this->getJson($this->path.'/marks')->assertOk()->assertJsonCount(1);
    });

    it('takes nothing more', function (): void {
        $this->postJson($this->path.'/discard', ['reason' => 'Only tried out'])->assertNoContent();
        $this->postJson($this->path.'/marks', [
            'recorder' => (string) Str::uuid7(), 'marks' => [MarkWriter::write(Sample::whole(1, 'cab.seat_belt'))],
        ])->assertConflict();
        $this->postJson($this->path.'/signatures', [
            'id' => (string) Str::uuid7(), 'party' => 'scorer', 'name' => 'Rosa', 'strokes' => [], 'typed' => true,
        ])->assertConflict();
    });

    it('is not discarded without a reason, by somebody else, or once it is finished', function (): void {
        $this->postJson($this->path.'/discard', ['reason' => ' '])
            ->assertUnprocessable()
            ->assertJsonPath(
                'detail',
                'Say in at most 500 letters why the walk is discarded: it stays in the trail.',
            );
        $this->actingAs($this->yard->person(Role::Instructor, 'Anton Reyle'))
            ->postJson($this->path.'/discard', ['reason' => 'x'])
            ->assertForbidden();
        $this->actingAs($this->yard->scorer);
        ($this->play)(Sample::finish(9));
        $this->postJson($this->path.'/discard', ['reason' => 'x'])->assertConflict();
        expect($this->attempt->refresh()->status)->toBe(AttemptStatus::Finished);
    });
});

it('tells where the student is in a walk under way', function (): void {
    ($this->play)(Sample::enter(1, 'engine'));

    $this->getJson('/api/v1/today')->assertJsonPath('under_way.0.place', 'Engine');
});

describe('a vehicle with a defect', function (): void {
    beforeEach(function (): void {
        $this->service = '/api/v1/library/vehicle/'.$this->attempt->vehicle_id.'/service';
        $this->manager = $this->yard->person(Role::Manager, 'Paul Averdale');
    });

    it('is taken out of service by the manager and brought back, and who did so is kept', function (): void {
        $this->actingAs($this->manager);
        $this->putJson($this->service, ['reason' => 'cracked hub seal'])->assertNoContent();
        $this->putJson($this->service, ['reason' => 'cracked hub seal'])->assertNoContent();
        expect(array_column($this->getJson('/api/v1/library')->json('vehicles'), 'out_of_service'))->toContain(
            'cracked hub seal',
        );
        $this->putJson($this->service, ['reason' => null])->assertNoContent();

        expect(array_filter(array_column($this->getJson('/api/v1/library')->json('vehicles'), 'out_of_service')))
            ->toBe([])
            ->and(VehicleOutage::query()->get(['reason', 'user_id', 'ended_by'])->toArray())
            ->toBe([[
                'reason' => 'cracked hub seal', 'user_id' => $this->manager->id, 'ended_by' => $this->manager->id,
            ]]);
    });

    it('is nobody else\'s to take out', function (): void {
        $this->putJson($this->service, ['reason' => 'x'])
            ->assertForbidden()
            ->assertJsonPath(
                'detail',
                'Only the manager takes a vehicle out of service or brings it back. Tell them.',
            );
        $this->actingAs($this->manager)
            ->putJson($this->service, ['reason' => str_repeat('x', 501)])
            ->assertUnprocessable();
        $this->putJson($this->service, [])->assertUnprocessable();
    });

    it('takes no examination, and a practice with its warning', function (): void {
        $this->actingAs($this->manager)
            ->putJson($this->service, ['reason' => 'cracked hub seal.'])
            ->assertNoContent();
        $body = $this->yard->startBody();
        $this->actingAs($this->yard->scorer)
            ->postJson('/api/v1/attempts', [...$body, 'mode' => AttemptMode::Exam->value])
            ->assertUnprocessable()
            ->assertJsonPath(
                'detail',
                'This vehicle is out of service: cracked hub seal. Examine on another one, or have the manager bring '.
                    'it back.',
            );
        $this->postJson('/api/v1/attempts', $body)->assertCreated();
        expect(array_column($this->getJson('/api/v1/choices')->json('vehicles'), 'out_of_service'))->toContain(
            'cracked hub seal.',
        );
    });
});

describe('the result', function (): void {
    it('says first what would bring most, in what mode it was, and what was noticed', function (): void {
        $this->attempt->update(['mode' => AttemptMode::Exam]);
        ($this->play)(
            Mark::defectNoticed(Sample::id(1), 1000, 'engine.oil_level', 'dry'),
            Sample::points(2, 'cab.seat_belt', Point::Works),
            Sample::finish(9),
        );
        $result = $this->getJson($this->path.'/result')->assertOk();

        expect(count($result->json('first')))->toBeBetween(1, 5)
            ->and($result->json('first.0.say'))
            ->not->toBe('')
            ->and($result->json('mode'))
            ->toBe('exam')
            ->and($result->json('drawn'))
            ->toBeFalse()
            ->and($result->json('pace'))
            ->toBeNull()
            ->and(array_column($result->json('sheet.outcomes'), 'noticed', 'item')['engine.oil_level'])
            ->toBe('dry');
    });

    it('is signed by a typed name where somebody cannot draw, and the record says so', function (): void {
        ($this->play)(Sample::finish(9));
        $body = ['id' => (string) Str::uuid7(), 'party' => 'student', 'name' => 'Mira Tallgrass', 'typed' => true];
        $this->postJson($this->path.'/signatures', [...$body, 'strokes' => [[1, 2, 3, 4]]])->assertUnprocessable();
        $this->postJson($this->path.'/signatures', [...$body, 'strokes' => []])->assertCreated();

        $this->getJson($this->path.'/result')
            ->assertJsonPath('signatures.0.name', 'Mira Tallgrass')
            ->assertJsonPath('signatures.0.strokes', []);
    });
});

it('offers what the school\'s finished walks usually said of a part that is half said', function (): void {
    // One of which most is said, so that a rare half is none of the first guesses.
    $items = Sample::inspection()->items;
    uasort($items, static fn (Item $a, Item $b): int => $b->points->count() <=> $a->points->count());
    $item = (string) array_key_first($items);
    $usual = fn (Attempt $attempt): array => array_column(
        $this->getJson('/api/v1/attempts/'.$attempt->id)->json('usual'),
        'halves',
        'item',
    )[$item];
    $points = $items[$item]->points->points();
    $rare = end($points);
    assert($rare instanceof Point);
    expect($usual($this->attempt)[0])->not->toBe([$rare->value]);
    for ($n = 1; $n <= 12; $n++) {
        $walk = $this->yard->attempt();
        app(RecordMarks::class)->handle($walk, $this->yard->scorer, $walk->id, ['marks' => array_map(
            MarkWriter::write(...),
            [Sample::points(100 * $n + 1, $item, $rare), Sample::finish(100 * $n + 9)],
        )]);
    }

    expect($usual($this->attempt)[0])->toBe([$rare->value]);
});

describe('practice of chosen sections', function (): void {
    beforeEach(function (): void {
        $this->body = $this->yard->startBody();
        $this->section = array_key_first(Sample::inspection()->sections);
    });

    it('asks nothing else, and tells nothing of the whole', function (): void {
        $body = [...$this->body, 'form' => 'only:'.$this->section];
        $started = $this->postJson('/api/v1/attempts', $body)->assertCreated();
        $sections = array_column($started->json('inspection.sections'), 'id');
        app(RecordMarks::class)->handle(
            Attempt::query()->findOrFail($body['id']), $this->yard->scorer, $body['id'],
            ['marks' => [MarkWriter::write(Sample::finish(9))]],
        );

        expect($sections)->toBe([$this->section])
            ->and($started->json('card.form'))
            ->toBe('only:'.$this->section)
            ->and($this->getJson('/api/v1/students/'.$body['student_id'])->json('student.last_permille'))
            ->toBeNull();
        $this->getJson('/api/v1/prepared?'.http_build_query([
            'vehicle_id' => $body['vehicle_id'], 'checklist_id' => $body['checklist_id'], 'form' => $body['form'],
        ]))->assertJsonPath('inspection.form', 'only '.Sample::inspection()->sections[$this->section]->name);
    });

    it('is refused of a section that is not there, and in an examination', function (array $more): void {
        $this->postJson('/api/v1/attempts', [...$this->body, 'form' => 'only:'.$this->section, ...$more])
            ->assertUnprocessable();
    })->with([
        'no such section' => [['form' => 'only:moon']],
        'an examination' => [['mode' => 'exam']],
    ]);
});
