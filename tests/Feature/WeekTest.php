<?php

declare(strict_types=1);

use App\Models\Role;
use App\Models\School;
use App\Models\YardWalk;
use Illuminate\Support\Carbon;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Reader;
use Tests\Support\Yard;

// Who walks what with whom and when.

beforeEach(function (): void {
    $this->yard = new Yard;
    $this->actingAs($this->yard->scorer);
    $this->monday = Carbon::now()->addWeeks(2)->startOfWeek(Carbon::MONDAY)->toDateString();
    $this->walk = fn (array $with = []): array => $with + [
        'slot' => $this->monday.'T09:00', 'student_id' => $this->yard->student->id,
        'vehicle_id' => $this->yard->vehicle->id, 'instructor_id' => $this->yard->scorer->id, 'fixed' => true,
    ];
    $this->save = fn (array $walks, int $revision = 0) => $this->putJson('/api/v1/week', [
        'from' => $this->monday, 'revision' => $revision, 'walks' => $walks,
    ]);
});

it('proposes walks that the slots, the vehicle and the instructor allow, and keeps nothing of it', function (): void {
    $other = $this->yard->student('Odell Marrowby');
    $told = $this->postJson('/api/v1/week/proposal', ['from' => $this->monday])->assertOk()->json();
    $slots = array_column($told['walks'], 'slot');

    expect($told['walks'])->not->toBe([])
        ->and(array_unique($slots))->toHaveCount(count($slots))
        ->and(array_column($told['walks'], 'student_id'))->toContain($other->id)
        ->and($told['planned'])->toBeGreaterThan($told['without'])
        ->and($told['walks'][0]['why'])->toContain('in 100')
        ->and(YardWalk::query()->count())->toBe(0);
});

it('plans around what was set by hand, and leaves closed hours and who is away out', function (): void {
    $fixed = ($this->walk)(['slot' => $this->monday.'T15:00']);
    $told = $this->postJson('/api/v1/week/proposal', [
        'from' => $this->monday, 'walks' => [$fixed], 'closed' => [$this->monday.'T08:00'],
    ])->assertOk()->json('walks');
    expect(array_column(array_filter($told, static fn (array $one): bool => $one['fixed']), 'slot'))
        ->toBe([$fixed['slot']])
        ->and(array_column($told, 'slot'))->not->toContain($this->monday.'T08:00');

    $this->postJson('/api/v1/week/proposal', ['from' => $this->monday, 'instructors' => []])->assertOk()
        ->assertJsonPath('walks', [])
        ->assertJsonPath('unplaced.0.id', $this->yard->student->id);
});

it('keeps a week whole, and says by what it is better', function (): void {
    ($this->save)([($this->walk)()])->assertOk()
        ->assertJsonPath('revision', 1)
        ->assertJsonPath('walks.0.slot', $this->monday.'T09:00')
        ->assertJsonPath('walks.0.fixed', true);
    ($this->save)([], 1)->assertOk()->assertJsonPath('walks', []);
});

it('takes none of a week where one walk cannot be', function (array $second, string $why): void {
    ($this->save)([($this->walk)()])->assertOk();
    $with = $second + ['student_id' => $this->yard->student('Odell Marrowby')->id];
    ($this->save)([($this->walk)(), ($this->walk)($with)], 1)->assertUnprocessable()
        ->assertJsonPath('errors.0.message', $why);

    expect(YardWalk::query()->count())->toBe(1)
        ->and(School::query()->findOrFail($this->yard->school->id)->yard_revision)->toBe(1);
})->with([
    'the vehicle twice' => [[], 'cannot be: the vehicle is taken'],
    'an hour that is none' => [
        ['slot' => '2026-01-01T03:00'], 'names a slot, student, vehicle or instructor that is not of this week',
    ],
]);

it('does not let two who plan at once undo each other', function (): void {
    ($this->save)([($this->walk)()])->assertOk();
    ($this->save)([])->assertConflict()->assertJsonPath('type', '/problems/week-moved-on');

    expect(YardWalk::query()->count())->toBe(1);
});

it('lets nobody walk after the exam', function (): void {
    $this->yard->student->update(['exam_on' => $this->monday]);
    ($this->save)([($this->walk)()])->assertUnprocessable();
});

it('is for instructors and managers to plan, for examiners to read, and no student\'s', function (
    Role $role, int $read, int $plan,
): void {
    $this->actingAs($this->yard->person($role));
    $this->getJson('/api/v1/week?from='.$this->monday)->assertStatus($read);
    ($this->save)([])->assertStatus($plan);
    $this->postJson('/api/v1/week/proposal', ['from' => $this->monday])->assertStatus($plan);
})->with([
    [Role::Manager, 200, 200], [Role::Instructor, 200, 200], [Role::Examiner, 200, 403], [Role::Student, 403, 403],
]);

it('asks for a day that is one', function (): void {
    $this->getJson('/api/v1/week?from=soon')->assertUnprocessable()->assertJsonPath('errors.0.path', 'from');
});

describe('the calendar', function (): void {
    beforeEach(function (): void {
        ($this->save)([($this->walk)()])->assertOk();
        $this->path = $this->postJson('/api/v1/week/calendar')->assertOk()->json('path');
        $this->events = function (string $path): int {
            $file = Reader::read($this->get($path)->assertOk()->getContent());
            assert($file instanceof VCalendar);

            return count($file->select('VEVENT'));
        };
    });

    it('is read by its link without signing in, in times of the world', function (): void {
        $this->app->make('auth')->forgetGuards();
        $answer = $this->get($this->path)->assertOk();

        expect(($this->events)($this->path))->toBe(1)
            ->and($answer->headers->get('Content-Type'))->toContain('text/calendar')
            ->and($answer->getContent())->toContain('Mira Tallgrass walks with Rosa Kettering')
            ->toContain(Carbon::parse($this->monday.' 09:00', 'America/New_York')->utc()->format('Ymd\THis\Z'));
    });

    it('shows an instructor only their own walks', function (): void {
        $this->actingAs($this->yard->person(Role::Instructor, 'Anton Veyra'));
        $other = $this->postJson('/api/v1/week/calendar')->json('path');

        expect(($this->events)($other))->toBe(0);
    });

    it('reads nothing by a link that was renewed', function (): void {
        $new = $this->postJson('/api/v1/week/calendar')->json('path');
        $this->get($this->path)->assertNotFound();

        expect($new)->not->toBe($this->path)->and(($this->events)($new))->toBe(1);
    });
});
