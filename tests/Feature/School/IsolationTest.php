<?php

declare(strict_types=1);

use App\Models\ExamAppointment;
use App\Models\ExamResult;
use App\Models\Role;
use App\Models\Student;
use Illuminate\Routing\Route;
use Illuminate\Support\Str;
use Tests\Support\Yard;

// Nothing of one school is seen or changed from another: tried by machine over every route there is.

beforeEach(function (): void {
    $this->ours = new Yard;
    $this->theirs = new Yard;
    $this->theirs->school->update(['name' => 'Elsewhere College']);
    Student::query()->whereKey($this->theirs->student->id)->update(['name' => 'Elsewhere Student']);
    $this->theirs->person(Role::Manager, 'Elsewhere Manager');
    $this->theirs->checklist->update(['name' => 'Elsewhere checklist']);
    $this->theirs->vehicle->update(['name' => 'Elsewhere vehicle']);
    $attempt = $this->theirs->attempt();
    $this->theirs->finish($attempt);
    $class = $this->theirs->schoolClass('Elsewhere class');
    $exam = ExamResult::query()->create([
        'id' => (string) Str::uuid7(), 'school_id' => $this->theirs->school->id,
        'student_id' => $this->theirs->student->id, 'held_on' => '2026-11-01', 'passed' => true,
        'recorded_by' => $this->theirs->scorer->id, 'recorded_at' => now(),
    ]);
    $appointment = ExamAppointment::query()->create([
        'id' => (string) Str::uuid7(), 'school_id' => $this->theirs->school->id,
        'student_id' => $this->theirs->student->id, 'held_on' => '2026-12-20', 'noted_by' => $this->theirs->scorer->id,
    ]);
    $this->actingAs($this->theirs->scorer);
    $draft = $this->postJson('/api/v1/drafts', [
        'kind' => 'checklist', 'base_id' => $this->theirs->checklist->id,
    ])->json('id');
    $bundle = (string) Str::uuid7();
    $this->postJson("/api/v1/classes/$class->id/papers", ['id' => $bundle, 'size' => 'letter'])->assertAccepted();
    $this->ids = [
        'attempt' => $attempt->id, 'student' => $this->theirs->student->id, 'user' => $this->theirs->scorer->id,
        'vehicle' => $this->theirs->vehicle->id, 'kind' => 'checklist', 'id' => $this->theirs->checklist->id,
        'draft' => $draft, 'class' => $class->id, 'exam' => $exam->id, 'appointment' => $appointment->id,
        'bundle' => $bundle, 'sound' => (string) Str::uuid7(), 'utterance' => (string) Str::uuid7(), 'position' => '0',
        'rehearsal' => (string) Str::uuid7(),
    ];
});

/** @return list<array{string, string}> method and path of every route that names something by its id */
function routesWithIds(): array
{
    return collect(app('router')->getRoutes()->getRoutes())
        ->flatMap(static fn (Route $route): array => array_map(
            static fn (string $method): array => [$method, $route->uri()],
            array_diff($route->methods(), ['HEAD']),
        ))
        ->filter(static fn (array $route): bool => preg_match('/\{(?!secret|token|session|kind)/', $route[1]) === 1)
        ->values()->all();
}

it('tells nobody of another school that a record exists', function (Role $role): void {
    $this->actingAs($this->ours->person($role, 'Ours'));
    $tried = 0;
    foreach (routesWithIds() as [$method, $uri]) {
        $path = '/'.preg_replace_callback(
            '/\{(\w+)\}/',
            fn (array $found): string => (string) ($this->ids[$found[1]]
                ?? throw new LogicException("Give this test an id for {{$found[1]}} of $uri.")),
            $uri,
        );
        $answer = $this->json($method, $path, ['held_on' => '2026-12-01', 'closed' => true, 'archived' => true]);
        expect([$answer->status(), "$method $uri"])->toBeIn([[403, "$method $uri"], [404, "$method $uri"]])
            ->and((string) $answer->getContent())->not->toContain('Elsewhere');
        $tried++;
    }
    expect($tried)->toBeGreaterThan(30)
        ->and($this->theirs->scorer->refresh()->disabled_at)->toBeNull()
        ->and(Student::query()->findOrFail($this->ids['student'])->archived_at)->toBeNull();
})->with(Role::cases());

it('lists nothing of another school', function (Role $role): void {
    $this->actingAs($this->ours->person($role, 'Ours'));
    foreach (app('router')->getRoutes()->getRoutes() as $route) {
        $uri = str_replace('{kind}', 'checklist', $route->uri());
        if ($route->methods()[0] === 'GET' && ! str_contains($uri, '{')) {
            $answer = $this->getJson("/$uri?from=2026-11-23");
            expect((string) $answer->getContent())->not->toContain('Elsewhere');
        }
    }
})->with(Role::cases());

it('takes nothing of another school in a body', function (string $path, array $body): void {
    $this->actingAs($this->ours->scorer);
    $given = array_map(fn (mixed $value): mixed => is_string($value) ? strtr($value, [
        '{student}' => (string) $this->ids['student'], '{vehicle}' => (string) $this->ids['vehicle'],
        '{checklist}' => (string) $this->ids['id'], '{class}' => (string) $this->ids['class'],
        '{ours}' => (string) $this->ours->student->id, '{attempt}' => $this->ids['attempt'],
    ]) : $value, $body);
    expect($this->postJson("/api/v1/$path", ['id' => (string) Str::uuid7(), ...$given])->status())
        ->toBeIn([403, 404, 422]);
})->with([
    'an attempt of their student' => ['attempts', [
        'student_id' => '{student}', 'vehicle_id' => '{vehicle}', 'checklist_id' => '{checklist}',
    ]],
    'a walk alongside theirs' => ['attempts', ['walk_of' => '{attempt}']],
    'a student in their class' => ['students', ['name' => 'New Student', 'class_id' => '{class}']],
    'a draft of their checklist' => ['drafts', ['kind' => 'checklist', 'base_id' => '{checklist}']],
]);
