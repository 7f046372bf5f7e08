<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Actions\Walk\RecordMarks;
use App\Actions\Walk\StartAttempt;
use App\Models\Attempt;
use App\Models\Role;
use App\Models\School;
use App\Models\SchoolClass;
use App\Models\StoredChecklist;
use App\Models\StoredVehicle;
use App\Models\Student;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Attempt\Marks\MarkWriter;
use Pasada\Core\Brakes\Events\BenchEntry;
use Pasada\Core\Brakes\Events\BrakeEvent;
use Pasada\Core\Tests\Sample;

/** A small school in the database: one checklist, one vehicle, people as they are asked for. */
final class Yard
{
    public readonly School $school;

    public readonly StoredChecklist $checklist;

    public readonly StoredVehicle $vehicle;

    public readonly Student $student;

    public readonly User $scorer;

    public function __construct()
    {
        $this->school = School::query()->create(['name' => 'Ferrow Sound Harbor College', 'state' => 'Tamarack']);
        $this->checklist = StoredChecklist::query()->create([
            'school_id' => $this->school->id,
            'slug' => 'sample',
            'version' => 1,
            'name' => 'Sample',
            'document' => (string) json_encode(Sample::checklistDocument()),
            'in_force_from' => '2026-01-01',
        ]);
        $this->vehicle = StoredVehicle::query()->create([
            'school_id' => $this->school->id,
            'slug' => 'sample-tractor',
            'version' => 1,
            'name' => 'Sample tractor',
            'document' => (string) json_encode(Sample::vehicleDocument()),
            'in_force_from' => '2026-01-01',
        ]);
        $this->scorer = $this->person(Role::Instructor);
        $this->student = $this->student();
    }

    public function person(Role $role, string $name = 'Rosa Kettering'): User
    {
        return User::query()->create([
            'school_id' => $this->school->id,
            'name' => $name,
            'email' => Str::random(12).'@ferrow-sound.example',
            'password' => 'walk-the-yard',
            'role' => $role,
        ]);
    }

    public function student(string $name = 'Mira Tallgrass', ?User $account = null): Student
    {
        return Student::query()->create([
            'school_id' => $this->school->id,
            'user_id' => $account?->id,
            'name' => $name,
            'class_id' => $this->schoolClass()->id,
            'exam_on' => null,
        ]);
    }

    public function schoolClass(string $name = 'Autumn'): SchoolClass
    {
        return SchoolClass::query()->firstOrCreate(['school_id' => $this->school->id, 'name' => $name]);
    }

    public function attempt(
        ?User $scorer = null,
        ?Student $student = null,
        string $startedAt = '2026-11-20 14:00',
    ): Attempt {
        return app(StartAttempt::class)->handle(
            (string) Str::uuid7(), $scorer ?? $this->scorer, $student ?? $this->student, $this->checklist,
            $this->vehicle, Carbon::parse($startedAt),
        );
    }

    /** The day that it is at the school; by UTC it may be another. */
    public function today(): Carbon
    {
        return $this->school->today(Carbon::now());
    }

    public function finish(Attempt $attempt): void
    {
        app(RecordMarks::class)->handle($attempt, $attempt->scorer, $attempt->id, [
            'marks' => [MarkWriter::write(Mark::finished((string) Str::uuid7(), 3_600_000))],
        ]);
        $attempt->refresh();
    }

    /**
     * What a bench sends of these events, each with an id.
     *
     * @param  list<BrakeEvent>  $events
     * @param  int|null  $walkMs  time in the walk at which the bench began; null where it is not known
     * @return list<array<string, int|float|string>>
     */
    public static function benchLines(array $events, ?int $walkMs = null): array
    {
        return array_map(
            static fn (BrakeEvent $event): array => BenchEntry::observed(
                (string) Str::uuid7(),
                $event,
                $walkMs === null ? null : $walkMs + $event->atMs,
            )->write(),
            $events,
        );
    }

    /** @return array<string, int|string> the body that starts an attempt here */
    public function startBody(): array
    {
        return [
            'id' => (string) Str::uuid7(),
            'student_id' => $this->student->id,
            'vehicle_id' => $this->vehicle->id,
            'checklist_id' => $this->checklist->id,
        ];
    }
}
