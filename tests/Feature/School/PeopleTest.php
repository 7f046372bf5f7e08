<?php

declare(strict_types=1);

use App\Models\Attempt;
use App\Models\Role;
use App\Models\Student;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Tests\Support\Yard;

const GOOD = 'slack lug tarpaulin';

beforeEach(function (): void {
    $this->yard = new Yard;
    $this->manager = $this->yard->person(Role::Manager, 'Paul Averdale');
    $this->actingAs($this->manager);
    $this->ilse = ['name' => 'Ilse Drumlin', 'email' => 'ilse@yard.example', 'roles' => ['instructor', 'examiner']];
    $this->leave = function (): void {
        $this->app['auth']->forgetGuards();
        $this->flushSession();
    };
});

afterEach(fn () => Carbon::setTestNow());

describe('a manager', function (): void {
    it('lets somebody in by a link that opens once', function (): void {
        $path = $this->postJson('/api/v1/people', $this->ilse)->assertCreated()->json('path');
        $link = '/api/v1/links/'.basename($path);
        ($this->leave)();
        $this->getJson($link)->assertOk()->assertJsonPath('name', 'Ilse Drumlin');
        $this->postJson($link, ['password' => 'short'])->assertUnprocessable();
        $this->postJson($link, ['password' => GOOD])->assertOk()->assertJsonPath('roles', ['instructor', 'examiner']);
        ($this->leave)();
        $this->postJson($link, ['password' => GOOD.' again'])->assertStatus(410)
            ->assertJsonPath('type', '/problems/link-spent');
        $this->postJson('/api/v1/session', ['email' => 'ILSE@yard.example', 'password' => GOOD])->assertOk();
    });

    it('makes a link that opens nothing once it is old, replaced, or the account closed', function (
        Closure $spoil, string $said,
    ): void {
        $link = basename($this->postJson('/api/v1/people', $this->ilse)->json('path'));
        $user = User::query()->where('email', 'ilse@yard.example')->firstOrFail();
        $spoil($this, $user);
        $this->getJson("/api/v1/links/$link")->assertStatus(410)->assertSee($said);
    })->with([
        'eight days later' => [fn () => Carbon::setTestNow(now()->addDays(8)), 'too old'],
        'a newer one' => [
            fn ($test, User $user) => $test->postJson("/api/v1/people/$user->id/link")->assertCreated(), 'a newer one',
        ],
        'closed' => [
            fn ($test, User $user) => $test->putJson("/api/v1/people/$user->id/closed", ['closed' => true])->assertOk(),
            'closed',
        ],
    ]);

    it('is told what is wrong with a name, an address or roles', function (array $wrong, string $path): void {
        $this->postJson('/api/v1/people', [...$this->ilse, ...$wrong])->assertUnprocessable()
            ->assertJsonPath('errors.0.path', $path);
        expect(User::query()->where('name', 'Ilse Drumlin')->exists())->toBeFalse();
    })->with([
        'no name' => [['name' => ''], 'name'],
        'a name of 300 letters' => [['name' => str_repeat('a', 300)], 'name'],
        'a formula' => [['name' => '=1+1'], 'name'],
        'a birth date' => [['name' => '1998-04-12'], 'name'],
        'an address that is none' => [['email' => 'ilse'], 'email'],
        'an address of another school' => [fn (): array => ['email' => (new Yard)->scorer->email], 'email'],
        'no role' => [['roles' => []], 'roles'],
        'the same role twice' => [['roles' => ['examiner', 'examiner']], 'roles.0'],
        'a student' => [['roles' => ['student']], 'roles.0'],
    ]);

    it('closes an account, which signs it out and keeps its records', function (): void {
        $attempt = $this->yard->attempt();
        $this->putJson("/api/v1/people/{$this->yard->scorer->id}/closed", ['closed' => true])->assertOk();
        ($this->leave)();
        $this->postJson('/api/v1/session', ['email' => $this->yard->scorer->email, 'password' => 'walk-the-yard'])
            ->assertUnprocessable()->assertSee('closed');
        $this->actingAs($this->yard->scorer->refresh());
        $this->getJson('/api/v1/today')->assertUnauthorized();
        expect(Attempt::query()->whereKey($attempt->id)->exists())->toBeTrue();
    });

    it('cannot leave a school without one', function (): void {
        $me = "/api/v1/people/{$this->manager->id}";
        $this->putJson("$me/closed", ['closed' => true])->assertConflict();
        $this->putJson($me, ['name' => 'Paul', 'email' => 'paul@yard.example', 'roles' => ['examiner']])
            ->assertConflict();
        $this->postJson('/api/v1/people', [...$this->ilse, 'roles' => ['examiner', 'manager']])->assertCreated();
        $this->putJson("$me/closed", ['closed' => true])->assertOk();
    });

    it('alone changes people', function (Role $role): void {
        $this->actingAs($this->yard->person($role));
        $this->getJson('/api/v1/people')->assertForbidden();
        $this->postJson('/api/v1/people', $this->ilse)->assertForbidden();
        $this->putJson("/api/v1/people/{$this->yard->scorer->id}/closed", ['closed' => true])->assertForbidden();
    })->with([Role::Instructor, Role::Examiner, Role::Student]);
});

describe('the own account', function (): void {
    beforeEach(function (): void {
        ($this->leave)();
        $this->postJson('/api/v1/session', ['email' => $this->manager->email, 'password' => 'walk-the-yard'])
            ->assertOk();
    });

    it('changes its password with the old one, to one that holds', function (array $body, ?string $fault): void {
        $answer = $this->putJson('/api/v1/account/password', $body);
        $fault === null ? $answer->assertNoContent()
            : $answer->assertUnprocessable()->assertJsonPath('errors.0.path', $fault);
        $this->getJson('/api/v1/session')->assertOk();
    })->with([
        'as it should be' => [['old' => 'walk-the-yard', 'password' => GOOD], null],
        'another old one' => [['old' => 'wrong', 'password' => GOOD], 'old'],
        'too short' => [['old' => 'walk-the-yard', 'password' => 'short'], 'password'],
        'common' => [['old' => 'walk-the-yard', 'password' => 'password2026'], 'password'],
        'the own name' => [['old' => 'walk-the-yard', 'password' => 'averdale2026'], 'password'],
    ]);

    it('asks for a code once there is a second factor, and each code serves once', function (): void {
        $code = static fn (string $secret): string => Pasada\Core\Access\TimeCode::of($secret)->at(now()->timestamp);
        $this->postJson('/api/v1/account/second-factor', ['old' => 'wrong'])->assertUnprocessable();
        $secret = $this->postJson('/api/v1/account/second-factor', ['old' => 'walk-the-yard'])->assertOk()
            ->json('secret');
        $this->putJson('/api/v1/account/second-factor', ['code' => '000000'])->assertUnprocessable();
        $written = $this->putJson('/api/v1/account/second-factor', ['code' => $code($secret)])->assertOk()
            ->json('recovery_codes');
        expect($written)->toHaveCount(10);
        ($this->leave)();
        $me = ['email' => $this->manager->email, 'password' => 'walk-the-yard'];
        $this->postJson('/api/v1/session', $me)->assertUnauthorized()
            ->assertJsonPath('type', '/problems/second-factor');
        $this->postJson('/api/v1/session', [...$me, 'code' => $code($secret)])->assertUnprocessable();
        Carbon::setTestNow(now()->addMinutes(2));
        $this->postJson('/api/v1/session', [...$me, 'code' => $code($secret)])->assertOk();
        ($this->leave)();
        $this->postJson('/api/v1/session', [...$me, 'code' => $written[3]])->assertOk();
        ($this->leave)();
        $this->postJson('/api/v1/session', [...$me, 'code' => $written[3]])->assertUnprocessable();
        Carbon::setTestNow(now()->addMinutes(5));
        $off = Pasada\Core\Access\TimeCode::of($secret)->at(now()->timestamp + 300);
        $this->postJson('/api/v1/session', [...$me, 'code' => $off])->assertUnprocessable()
            ->assertSee('about 5 minutes ahead');
    });

    it('does nothing else until it has a second factor, where the school asks for one', function (): void {
        $this->yard->school->update(['two_factor_roles' => ['manager']]);
        $this->app['auth']->forgetGuards();
        $this->getJson('/api/v1/session')->assertOk()->assertJsonPath('wants_second_factor', true);
        $this->getJson('/api/v1/people')->assertForbidden()->assertJsonPath('type', '/problems/second-factor-missing');
        $this->getJson('/api/v1/account')->assertOk()->assertJsonPath('must_have_second_factor', true);
    });
});

describe('a student', function (): void {
    it('is added, changed, archived and brought back', function (): void {
        $class = $this->yard->schoolClass('Spring')->id;
        $told = ['id' => (string) Str::uuid7(), 'name' => '  Odell   Marrowby ', 'class_id' => $class, 'number' => '7'];
        $this->postJson('/api/v1/students', $told)->assertCreated();
        $id = $this->postJson('/api/v1/students', $told)->assertCreated()
            ->assertJsonPath('student.name', 'Odell Marrowby')->json('student.id');
        $this->putJson("/api/v1/students/$id", ['name' => 'Odell Marrowby', 'exam_on' => '2026-12-04'])->assertOk();
        $names = fn (): array => array_column($this->getJson('/api/v1/students')->json(), 'name');
        $this->putJson("/api/v1/students/$id/archived", ['archived' => true])->assertNoContent();
        expect($names())->toBe(['Mira Tallgrass']);
        $this->getJson("/api/v1/students/$id")->assertOk();
        $this->putJson("/api/v1/students/$id/archived", ['archived' => false])->assertNoContent();
        expect($names())->toBe(['Mira Tallgrass', 'Odell Marrowby']);
    });

    it('is refused with an id that is no text, as with any that is no UUID', function (mixed $id): void {
        $this->postJson('/api/v1/students', ['id' => $id, 'name' => 'Mira Tallgrass'])->assertUnprocessable()
            ->assertJsonPath('errors.0.path', fn (string $path): bool => str_starts_with($path, 'id'));
    })->with([[['x' => ['y' => []]]], [[[1, 2]]], [7], ['mine']]);

    it('has a number that no other has', function (): void {
        $add = fn (string $name) => $this->postJson('/api/v1/students', [
            'id' => (string) Str::uuid7(), 'name' => $name, 'number' => '7',
        ]);
        $add('A Student')->assertCreated();
        $add('B Student')->assertUnprocessable()
            ->assertJsonPath('errors.0.path', 'number');
    });

    it('that is there twice becomes one, with all walks and where they came from', function (): void {
        $twice = $this->yard->student('Mira Talgrass');
        $attempt = $this->yard->attempt(student: $twice);
        $this->postJson("/api/v1/students/$twice->id/merge", ['into' => $this->yard->student->id])->assertOk()
            ->assertJsonPath('attempts.0.id', $attempt->id);
        expect($twice->refresh()->merged_into)->toBe($this->yard->student->id)
            ->and($twice->archived_at)->not->toBeNull();
        $this->postJson("/api/v1/students/$twice->id/merge", ['into' => $this->yard->student->id])
            ->assertUnprocessable();
        $this->putJson("/api/v1/students/$twice->id/archived", ['archived' => false])->assertUnprocessable();
        $line = $this->getJson("/api/v1/trail?kind=attempt&record=$attempt->id")->json('lines.0');
        expect([$line['before'], $line['after']])
            ->toBe([['student_id' => $twice->id], ['student_id' => $this->yard->student->id]]);
    });

    it('sees the own record by an account of the own', function (): void {
        $path = "/api/v1/students/{$this->yard->student->id}/account";
        $link = basename($this->putJson($path, ['email' => 'mira@yard.example'])->assertCreated()->json('path'));
        ($this->leave)();
        $this->postJson("/api/v1/links/$link", ['password' => GOOD])->assertOk()
            ->assertJsonPath('student_id', $this->yard->student->id);
        $this->getJson("/api/v1/students/{$this->yard->student->id}")->assertOk();
    });

    it('is readied for the next exam that is noted and not cancelled', function (): void {
        $path = "/api/v1/students/{$this->yard->student->id}/appointments";
        $exam = fn (): ?string => Student::query()->findOrFail($this->yard->student->id)->exam_on?->toDateString();
        [$near, $far] = [now()->addDays(5)->toDateString(), now()->addDays(50)->toDateString()];
        $body = ['id' => (string) Str::uuid7(), 'held_on' => $near, 'begins' => '08:30', 'place' => 'Lot 3'];
        $this->postJson($path, ['id' => (string) Str::uuid7(), 'held_on' => $far])->assertOk();
        $this->postJson($path, $body)->assertOk();
        $this->postJson($path, $body)->assertOk();
        expect($exam())->toBe($near)->and($this->getJson($path)->json())->toHaveCount(2);
        $link = $this->postJson('/api/v1/week/calendar')->json('path');
        $calendar = fn (): string => (string) $this->get($link)->getContent();
        expect($calendar())->toContain('SUMMARY:Exam of Mira Tallgrass')->toContain('LOCATION:Lot 3');
        $this->deleteJson("/api/v1/appointments/$body[id]")->assertNoContent();
        expect($calendar())->not->toContain('LOCATION:Lot 3');
        expect($exam())->toBe($far);
        $this->postJson($path, [...$body, 'begins' => 'half past'])->assertUnprocessable();
    });
});

it('keeps classes with their instructors and vehicles', function (): void {
    $body = ['name' => 'Port drayage', 'begins_on' => '2026-11-01', 'ends_on' => '2026-12-20',
        'instructors' => [$this->yard->scorer->id], 'vehicles' => ['sample-tractor']];
    $class = collect($this->postJson('/api/v1/classes', $body)->assertOk()->json('classes'))
        ->firstWhere('name', 'Port drayage');
    expect($class['instructors'])->toBe([$this->yard->scorer->id])->and($class['vehicles'])->toBe(['sample-tractor']);
    $this->postJson('/api/v1/classes', $body)->assertUnprocessable()->assertSee('already');
    $this->putJson("/api/v1/classes/$class[id]", [...$body, 'ends_on' => '2026-10-01'])->assertUnprocessable()
        ->assertJsonPath('errors.0.path', 'ends_on');
    $this->putJson("/api/v1/classes/$class[id]", [...$body, 'archived' => true])->assertOk();
});

it('lets nobody examine a student whom they taught, whatever roles they have', function (
    array $roles, bool $taught, int $status,
): void {
    $rosa = $this->yard->scorer;
    $rosa->update(['role' => $roles[0], 'also' => array_slice($roles, 1)]);
    if ($taught) {
        $this->yard->finish($this->yard->attempt());
    }
    $this->actingAs($rosa->refresh());
    $this->postJson('/api/v1/attempts', [...$this->yard->startBody(), 'mode' => 'exam'])->assertStatus($status);
    $this->postJson('/api/v1/attempts', $this->yard->startBody())->assertSuccessful();
})->with([
    'both, and taught' => [['instructor', 'examiner'], true, 422],
    'both, and never seen' => [['examiner', 'instructor'], false, 201],
    'an instructor\'s mock exam' => [['instructor'], true, 201],
    'an examiner' => [['examiner'], true, 201],
]);
