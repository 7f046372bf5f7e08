<?php

declare(strict_types=1);

namespace App\Actions\School;

use App\Actions\Brakes\KeepPractice;
use App\Actions\Walk\RecordMarks;
use App\Actions\Walk\StartAttempt;
use App\Demo\DemoCab;
use App\Demo\DemoSchool;
use App\Demo\DemoWalker;
use App\Demo\StudentProfile;
use App\Library\AirCab;
use App\Library\InspectionLibrary;
use App\Library\JudgedPractice;
use App\Library\ShippedDocuments;
use App\Models\CabHelp;
use App\Models\DocumentKind;
use App\Models\Installation;
use App\Models\Role;
use App\Models\School;
use App\Models\SchoolClass;
use App\Models\StoredChecklist;
use App\Models\StoredVehicle;
use App\Models\Student;
use App\Models\User;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Carbon;
use Pasada\Core\Attempt\Marks\MarkWriter;
use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Vehicle\VehicleReader;

/** Loads the made-up school and plays its students' walks through the same code that records real ones. */
final readonly class LoadDemoSchool
{
    private const WEEKS = 8;

    public function __construct(
        private ConnectionInterface $database,
        private InspectionLibrary $inspections,
        private StartAttempt $start,
        private RecordMarks $record,
        private KeepPractice $keep,
        private ShippedDocuments $shipped,
    ) {}

    /** @param  callable(string): void  $told  hears of each student done */
    public function handle(Carbon $now, callable $told): void
    {
        $this->database->transaction(function () use ($now, $told): void {
            $school = School::query()->create([
                'name' => 'Ferrow Sound Harbor College',
                'state' => 'Tamarack',
                'is_demo' => true,
            ]);
            Installation::query()->create(['id' => 1, 'kind' => Installation::DEMO]);
            $class = SchoolClass::query()->create([
                'school_id' => $school->id, 'name' => 'Port drayage, autumn',
                'begins_on' => $now->copy()->subWeeks(self::WEEKS)->toDateString(),
                'ends_on' => $now->copy()->addWeeks(self::WEEKS)->toDateString(),
            ]);
            $scorers = [];
            foreach (DemoSchool::staff() as $person) {
                $user = $this->account($school, ...$person);
                if ($user->has(Role::Instructor)) {
                    $class->instructors()->attach($user);
                }
                if ($user->scores()) {
                    $scorers[] = $user;
                }
            }
            $vehicles = $this->vehicles($school, $now);
            $checklist = $this->checklists($school, $now)['whole-walk-round'];
            foreach (DemoSchool::students() as $number => $profile) {
                $student = $this->student($school, $class, $profile, $now);
                for ($attempt = 0; $attempt < $profile->attempts; $attempt++) {
                    $seed = 1000 * ($number + 1) + $attempt;
                    $this->walk(
                        $student, $profile, $attempt, $seed, $scorers[$seed % count($scorers)], $checklist,
                        $vehicles[$profile->vehicle], $now,
                    );
                }
                $this->practices($student, $checklist, $vehicles[$profile->vehicle], $now);
                $told($profile->name);
            }
        });
    }

    private function account(School $school, string $name, string $email, Role $role): User
    {
        return User::query()->create([
            'school_id' => $school->id,
            'name' => $name,
            'email' => $email,
            'password' => DemoSchool::PASSWORD,
            'role' => $role,
            'password_set_at' => Carbon::now(),
        ]);
    }

    private function student(School $school, SchoolClass $class, StudentProfile $profile, Carbon $now): Student
    {
        [$name, $email, $role] = DemoSchool::studentAccount();

        return Student::query()->create([
            'school_id' => $school->id,
            'user_id' => $profile->name === $name ? $this->account($school, $name, $email, $role)->id : null,
            'name' => $profile->name,
            'class_id' => $class->id,
            'exam_on' => $profile->examInDays === null
                ? null
                : $now->copy()->addDays($profile->examInDays)->toDateString(),
        ]);
    }

    private function walk(
        Student $student, StudentProfile $profile, int $number, int $seed, User $scorer, StoredChecklist $checklist,
        StoredVehicle $vehicle, Carbon $now,
    ): void {
        // Spread evenly from eight weeks ago to the day the student was last seen, at some hour of the working day.
        $first = self::WEEKS * 7;
        $daysAgo = $first - intdiv(($first - $profile->lastSeenDaysAgo) * $number, max(1, $profile->attempts - 1));
        $startedAt = $now->copy()->subDays($daysAgo)->setTime(13 + $seed % 7, ($seed * 7) % 60);
        $uuid = sprintf('%012x', $startedAt->getTimestampMs());
        $id = sprintf('%s-%s-7000-8000-%012x', substr($uuid, 0, 8), substr($uuid, 8), $seed);
        $attempt = $this->start->handle($id, $scorer, $student, $checklist, $vehicle, $startedAt);
        $marks = (new DemoWalker($this->inspections->forAttempt($attempt), $profile, $number, $seed))->walk();
        $this->record->handle($attempt, $scorer, $id, ['marks' => array_map(MarkWriter::write(...), $marks)]);
    }

    /** Whoever has an account has sat in the simulated cab, in the last days. */
    private function practices(Student $student, StoredChecklist $checklist, StoredVehicle $vehicle, Carbon $now): void
    {
        $user = User::query()->find($student->user_id);
        if ($user === null) {
            return;
        }
        foreach (DemoCab::SLIPS as $n => $slip) {
            $practice = JudgedPractice::of(
                AirCab::in($vehicle, '', 90.0), $checklist, DemoCab::controls($slip), null, false,
            );
            $at = $now->copy()->subDays(9 - 3 * $n);
            $this->keep->handle($user, $checklist, CabHelp::Alone, $practice, $at, null);
        }
    }

    /** @return array<string, StoredVehicle> by id of the file */
    private function vehicles(School $school, Carbon $now): array
    {
        $stored = [];
        foreach ($this->shipped->of(DocumentKind::Vehicle) as $id => $text) {
            $vehicle = (new VehicleReader())->read($text, $id);
            $stored[$vehicle->id] = StoredVehicle::query()->create([
                'school_id' => $school->id,
                'slug' => $vehicle->id,
                'version' => 1,
                'name' => $vehicle->name,
                'document' => $text,
                'in_force_from' => $now->copy()->subWeeks(self::WEEKS)->toDateString(),
            ]);
        }

        return $stored;
    }

    /** @return array<string, StoredChecklist> by id of the file */
    private function checklists(School $school, Carbon $now): array
    {
        $stored = [];
        foreach ($this->shipped->of(DocumentKind::Checklist) as $id => $text) {
            $checklist = (new ChecklistReader())->read($text, $id);
            $stored[$checklist->id] = StoredChecklist::query()->create([
                'school_id' => $school->id,
                'slug' => $checklist->id,
                'version' => $checklist->version,
                'name' => $checklist->name,
                'document' => $text,
                'in_force_from' => $now->copy()->subWeeks(self::WEEKS)->toDateString(),
            ]);
        }

        return $stored;
    }
}
