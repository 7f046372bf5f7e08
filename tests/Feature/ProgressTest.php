<?php

declare(strict_types=1);

use App\Actions\Walk\RecordMarks;
use App\Models\BrakePractice;
use App\Models\CabHelp;
use App\Models\ExamResult;
use App\Models\Role;
use App\Models\StoredChecklist;
use App\Models\StoredVehicle;
use App\Models\Student;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Pasada\Core\Attempt\Marks\MarkWriter;
use Pasada\Core\Brakes\Judging\Standing;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Tests\Sample;
use Tests\Support\Yard;

// What attempts tell of a student and of a class, and results of real exams.

beforeEach(function (): void {
    $this->yard = new Yard;
    $this->actingAs($this->yard->scorer);
    $this->path = '/api/v1/students/'.$this->yard->student->id;
    $this->walked = function (string ...$items): void {
        $attempt = $this->yard->attempt();
        $marks = [];
        foreach ($items as $n => $item) {
            $marks[] = Sample::whole($n + 1, $item);
        }
        $marks[] = Sample::finish(count($items) + 1);
        app(RecordMarks::class)->handle(
            $attempt, $this->yard->scorer, $attempt->id, ['marks' => array_map(MarkWriter::write(...), $marks)],
        );
    };
});

it('says what is missing where nothing is known, and never a figure', function (): void {
    $this->getJson($this->path.'/readiness')->assertOk()
        ->assertJsonPath('chance', null)
        ->assertJsonPath('unknown', 'Nothing was scored yet of what this checklist asks. One attempt is enough to '.
            'begin with.')
        ->assertJsonPath('items', []);
});

it('tells chance, doubt, reason and practice once there is an attempt', function (): void {
    ($this->walked)('cab.seat_belt');
    $told = $this->getJson($this->path.'/readiness')->assertOk()->json();

    expect($told['chance'])->toBeGreaterThan(0.0)->toBeLessThan(1.0)
        ->and($told['low'])->toBeLessThanOrEqual($told['chance'])
        ->and($told['high'])->toBeGreaterThanOrEqual($told['chance'])
        ->and($told['unknown'])->toBeNull()
        ->and($told['limits'])->not->toBe('')
        ->and($told['today'])->toHaveCount(3)
        ->and($told['today'][0]['drills'])->not->toBe([])
        ->and($told['attempts'])->toHaveCount(1)
        ->and(array_column($told['items'], 'item'))->toContain('cab.seat_belt');
});

it('plans the days up to the exam, and none where none is ahead', function (?string $exam, bool $isPlanned): void {
    ($this->walked)('cab.seat_belt');
    $this->yard->student->update(['exam_on' => $exam === null ? null : Carbon::parse($exam)->toDateString()]);
    $told = $this->getJson($this->path.'/readiness')->assertOk()->json();

    expect($told['for_exam'])->toBe($isPlanned)->and($told['plan'] !== [])->toBe($isPlanned);
})->with([['+9 days', true], ['-9 days', false], [null, false]]);

it('keeps a student\'s readiness to those who may read the record', function (Role $role, int $status): void {
    $this->actingAs($this->yard->person($role));
    $this->getJson($this->path.'/readiness')->assertStatus($status);
    $this->getJson('/api/v1/class')->assertStatus($status === 404 ? 403 : $status);
})->with([[Role::Manager, 200], [Role::Examiner, 200], [Role::Student, 404]]);

it('fits one vehicle while somebody waits, and the others after the answer', function (): void {
    ($this->walked)('cab.seat_belt');
    $truck = StoredVehicle::query()->create([
        ...$this->yard->vehicle->only(['school_id', 'document', 'in_force_from']), 'slug' => 'other', 'version' => 1,
        'name' => 'Other truck',
    ]);
    $attempt = $this->yard->attempt(student: $this->yard->student('Odell Marrowby'));
    $attempt->update(['vehicle_id' => $truck->id]);
    $this->yard->finish($attempt->refresh());

    expect($this->getJson('/api/v1/class')->assertOk()->json('waiting'))->toBe(1);
    // Another request, which has nothing of this one at hand.
    $this->app->forgetScopedInstances();
    expect($this->getJson('/api/v1/class')->assertOk()->json('waiting'))->toBe(0);
});

it('shows the class from what is kept, and works out anew what changed', function (): void {
    $other = $this->yard->student('Odell Marrowby');
    ($this->walked)('cab.seat_belt');
    $this->getJson('/api/v1/class')->assertOk()
        ->assertJsonPath('students.0.name', 'Mira Tallgrass')
        ->assertJsonPath('students.0.attempts', 1)
        ->assertJsonPath('students.1.chance', null)
        ->assertJsonPath('waiting', 0);
    $before = $this->getJson('/api/v1/class')->json('students.0.chance');
    ($this->walked)(...array_column($this->getJson($this->path.'/readiness')->json('items'), 'item'));

    expect($this->getJson('/api/v1/class')->json('students.0.chance'))->toBeGreaterThan($before)
        ->and($other->refresh()->name)->toBe('Odell Marrowby');
});

describe('the result of a real exam', function (): void {
    it('is kept once, with what was foretold for it', function (): void {
        ($this->walked)('cab.seat_belt');
        $tomorrow = Carbon::now()->addDay()->toDateString();
        $body = ['id' => (string) Str::uuid7(), 'held_on' => $tomorrow, 'passed' => true];
        $this->postJson($this->path.'/exams', $body)->assertCreated()->assertJsonPath('passed', true);
        $this->postJson($this->path.'/exams', $body)->assertCreated();
        $kept = $this->getJson($this->path.'/readiness')->json('exams.0');

        expect(ExamResult::query()->count())->toBe(1)
            ->and($kept['held_on'])->toBe($tomorrow)
            // As the page told it, in one piece with its doubt.
            ->and($kept['chance'])->toBeGreaterThan($kept['low'])->toBeLessThan($kept['high']);
    });

    it('is refused with its place and the remedy', function (array $wrong, string $path): void {
        $body = ['id' => (string) Str::uuid7(), 'held_on' => '2026-11-01', 'passed' => false];
        $this->postJson($this->path.'/exams', [...$body, ...$wrong])->assertUnprocessable()
            ->assertJsonPath('errors.0.path', $path);

        expect(ExamResult::query()->count())->toBe(0);
    })->with([
        'a day ahead' => [['held_on' => '2099-01-01'], 'held_on'], 'no day' => [['held_on' => 'soon'], 'held_on'],
        'neither passed nor not' => [['passed' => 'perhaps'], 'passed'], 'no id' => [['id' => '7'], 'id'],
    ]);

    it('keeps an id for one result', function (): void {
        $body = ['id' => (string) Str::uuid7(), 'held_on' => '2026-11-01', 'passed' => false];
        $this->postJson($this->path.'/exams', $body)->assertCreated();
        $this->postJson($this->path.'/exams', [...$body, 'passed' => true])->assertConflict();
    });

    it('is withdrawn and stays in the trail', function (): void {
        $body = ['id' => (string) Str::uuid7(), 'held_on' => '2026-11-01', 'passed' => false];
        $this->postJson($this->path.'/exams', $body)->assertCreated();
        $this->deleteJson('/api/v1/exams/'.$body['id'])->assertNoContent();
        $this->deleteJson('/api/v1/exams/'.$body['id'])->assertNoContent();

        expect($this->getJson($this->path.'/readiness')->json('exams'))->toBe([])
            ->and(ExamResult::query()->sole()->withdrawn_at)->not->toBeNull();
    });

    it('is nothing for a student to record', function (): void {
        $account = $this->yard->person(Role::Student);
        Student::query()->whereKey($this->yard->student->id)->update(['user_id' => $account->id]);
        $this->actingAs($account);
        $this->postJson($this->path.'/exams', [
            'id' => (string) Str::uuid7(), 'held_on' => '2026-11-01', 'passed' => true,
        ])->assertForbidden();
    });
});

describe('a part that is recited', function (): void {
    beforeEach(function (): void {
        $this->body = fn (array $with = []): array => $with + [
            'id' => (string) Str::uuid7(), 'checklist_id' => $this->yard->checklist->id,
            'vehicle_id' => $this->yard->vehicle->id, 'item' => 'engine.alternator', 'words' => 'securely mounted',
        ];
    });

    it('is told at once what was heard and what was missing, and is counted once', function (): void {
        $body = ($this->body)();
        $told = $this->postJson($this->path.'/recitals', $body)->assertOk()->json();
        $this->postJson($this->path.'/recitals', $body)->assertOk()->assertJsonPath('today', 1);

        expect($told['heard'])->not->toBe([])
            ->and($told['missing'])->not->toBe([])
            ->and(array_intersect($told['heard'], $told['missing']))->toBe([])
            ->and($told['say'])->toContain('Alternator')
            ->and($told['earned'])->toBeLessThan(1000);
    });

    it('keeps an id for one recital', function (array $other): void {
        $body = ($this->body)();
        $this->postJson($this->path.'/recitals', $body)->assertOk();
        $this->postJson($this->path.'/recitals', [...$body, ...$other])->assertConflict()
            ->assertJsonPath('type', '/problems/id-taken');
    })->with(['other words' => [['words' => 'no leaks']], 'another part' => [['item' => 'cab.seat_belt']]]);

    it('earns all by the words that it is told to use, whichever the part', function (): void {
        ($this->walked)('cab.seat_belt');
        foreach (array_column($this->getJson($this->path.'/readiness')->json('items'), 'item') as $item) {
            $say = $this->postJson($this->path.'/recitals', ($this->body)(['item' => $item]))->json('say');
            $this->postJson($this->path.'/recitals', ($this->body)(['item' => $item, 'words' => $say]))->assertOk()
                ->assertJsonPath('earned', 1000)
                ->assertJsonPath('missing', []);
        }
    });

    it('is refused with its place and the remedy', function (array $with, string $path): void {
        $this->postJson($this->path.'/recitals', ($this->body)($with))->assertUnprocessable()
            ->assertJsonPath('errors.0.path', $path);
    })->with([
        'no words' => [['words' => ''], 'words'], 'far too many' => [['words' => str_repeat('a ', 1200)], 'words'],
        'a part that is not asked' => [['item' => 'engine.flux'], 'item'], 'no id' => [['id' => '1'], 'id'],
    ]);

    it('counts on no sheet', function (): void {
        ($this->walked)('cab.seat_belt');
        $before = $this->getJson($this->path.'/readiness')->json('chance');
        $this->postJson($this->path.'/recitals', ($this->body)())->assertOk();

        $after = $this->getJson($this->path.'/readiness')->json();
        expect($after['chance'])->toBe($before)->and($after['recited'])->toBe(1);
    });
});

it('tells what is said wrong or too late again and again', function (): void {
    foreach ([1, 2, 3] as $walk) {
        $attempt = $this->yard->attempt();
        $marks = [
            Sample::wrong(1, 'engine.alternator', Point::Mounted), Sample::finish(2),
        ];
        app(RecordMarks::class)->handle(
            $attempt, $this->yard->scorer, $attempt->id, ['marks' => array_map(MarkWriter::write(...), $marks)],
        );
    }

    expect(implode(' ', $this->getJson($this->path.'/readiness')->json('confusions')))
        ->toContain('Said wrong: Alternator (3 of 3)');
});

it('counts each brake test of the Air cab by itself, half as much as one in the vehicle', function (): void {
    $account = $this->yard->person(Role::Student);
    Student::query()->whereKey($this->yard->student->id)->update(['user_id' => $account->id]);
    $of = ['school_id' => $this->yard->school->id, 'version' => 1, 'in_force_from' => '2026-01-01'];
    $checklist = StoredChecklist::query()->create([
        ...$of, 'slug' => 'whole', 'name' => 'Whole', 'document' => Sample::shipped('checklists', 'whole-walk-round'),
    ]);
    $vehicle = StoredVehicle::query()->create([
        ...$of, 'slug' => 'dock', 'name' => 'Dock 4', 'document' => Sample::shipped('vehicles', 'dock-tractor-chassis'),
    ]);
    $path = $this->path."/readiness?checklist_id=$checklist->id&vehicle_id=$vehicle->id";
    $tests = static fn (array $told): array => array_column($told['brake_tests'], null, 'name');
    $before = $tests($this->getJson($path)->assertOk()->json());
    foreach ([1, 2, 3, 4] as $n) {
        BrakePractice::query()->create([
            'user_id' => $account->id, 'uuid' => (string) Str::uuid7(), 'vehicle_id' => $this->yard->vehicle->id,
            'checklist_id' => $this->yard->checklist->id, 'help' => CabHelp::Alone, 'standing' => Standing::Failed,
            'tests' => ['test.low_air' => true], 'controls' => [], 'created_at' => Carbon::now(),
        ]);
    }
    $after = $tests($this->getJson($path)->json());
    foreach ($after as $name => $test) {
        $isPracticed = $test['in_cab'] > 0;
        expect([$test['in_cab'], $test['passed_in_cab']])->toBe($isPracticed ? [4, 4] : [0, 0])
            ->and($test['chance'] > $before[$name]['chance'])->toBe($isPracticed);
    }

    expect(array_filter($after, static fn (array $one): bool => $one['in_cab'] > 0))->toHaveCount(1);
});

describe('how alike scorers score', function (): void {
    it('says that nothing was scored where nothing was', function (): void {
        $this->getJson('/api/v1/scoring-health')->assertNotFound();
    });

    it('shows a manager all who score, and anybody else themselves', function (Role $role, int $shown): void {
        ($this->walked)('cab.seat_belt');
        $this->yard->person(Role::Examiner, 'Ilse Drumlin');
        $this->actingAs($role === Role::Instructor ? $this->yard->scorer : $this->yard->person($role));
        $this->getJson('/api/v1/scoring-health')->assertOk()->assertJsonCount($shown, 'scorers');
    })->with([[Role::Manager, 2], [Role::Instructor, 1]]);

    it('says nothing of a scorer from too few walks', function (): void {
        ($this->walked)('cab.seat_belt');
        $this->getJson('/api/v1/scoring-health')->assertJsonPath('scorers.0.items_of_100', null)
            ->assertJsonPath('scorers.0.shared', 0);
    });

    it('tells from shared walks which way a scorer has moved lately', function (): void {
        $other = $this->yard->person(Role::Examiner, 'Ilse Drumlin');
        $items = array_keys(Sample::inspection()->items);
        for ($day = 1; $day <= 8; $day++) {
            $first = $this->yard->attempt(startedAt: sprintf('2026-11-%02d 14:00', $day));
            $second = $this->yard->attempt($other, startedAt: sprintf('2026-11-%02d 14:01', $day));
            $second->update(['walk_of' => $first->id]);
            // The examiner writes all of it down at first, and later little.
            $heard = [$first->id => $items, $second->id => $day <= 4 ? $items : array_slice($items, 0, 2)];
            foreach ([$first, $second] as $attempt) {
                $marks = array_map(
                    static fn (string $item, int $n): array => MarkWriter::write(Sample::whole($n + 1, $item)),
                    $heard[$attempt->id], array_keys($heard[$attempt->id]),
                );
                $marks[] = MarkWriter::write(Sample::finish(100));
                app(RecordMarks::class)->handle($attempt, $attempt->scorer, $attempt->id, ['marks' => $marks]);
            }
        }
        $this->actingAs($this->yard->person(Role::Manager));
        $told = array_column($this->getJson('/api/v1/scoring-health')->assertOk()->json('scorers'), 'moved', 'name');

        expect($told)->toBe(['Rosa Kettering' => 'milder', 'Ilse Drumlin' => 'stricter']);
    });

    it('is nothing for a student', function (): void {
        $this->actingAs($this->yard->person(Role::Student));
        $this->getJson('/api/v1/scoring-health')->assertForbidden();
    });
});
