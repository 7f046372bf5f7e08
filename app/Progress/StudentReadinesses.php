<?php

declare(strict_types=1);

namespace App\Progress;

use App\Models\Attempt;
use App\Models\ExamResult;
use App\Models\StoredChecklist;
use App\Models\StoredVehicle;
use App\Models\Student;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Carbon;
use Pasada\Core\Progress\Readiness\Readiness;
use Pasada\Core\Progress\Readiness\StudentReadiness;
use stdClass;

/** Tells how ready students are: worked out for one, kept for lists until something of it changes. */
final readonly class StudentReadinesses
{
    public function __construct(
        private ConnectionInterface $database,
        private SchoolModels $models,
        private SchoolHistory $history,
    ) {}

    /**
     * What a student would be examined by: the checklist and the vehicle of the last walk, as they are in force.
     *
     * @return array{StoredChecklist, StoredVehicle}|null null where nothing is in force
     */
    public function examinedBy(Student $student, Carbon $now): ?array
    {
        $last = Attempt::finished($student->school_id)
            ->where('student_id', $student->id)
            ->with(['checklist:id,slug', 'vehicle:id,slug'])
            ->latest('started_at')
            ->first();
        $checklists = StoredChecklist::inForceOn($student->school_id, $now);
        $vehicles = StoredVehicle::inForceOn($student->school_id, $now);
        $checklist = $checklists->firstWhere('slug', $last?->checklist->slug) ?? $checklists->first();
        $vehicle = $vehicles->firstWhere('slug', $last?->vehicle->slug) ?? $vehicles->first();

        return $checklist === null || $vehicle === null ? null : [$checklist, $vehicle];
    }

    /**
     * @param  Carbon|null  $before  as it was foretold from what was known before then
     * @return array{Readiness, StudentReadiness|null, bool} nothing where nothing is known; whether it is still fitted
     */
    public function of(
        Student $student, StoredChecklist $checklist, StoredVehicle $vehicle, ?Carbon $before = null,
    ): array {
        [$readiness, $school] = $this->models->of($student->school_id, $checklist, $vehicle);
        if ($school === null) {
            return [$readiness, null, true];
        }

        return [$readiness, $readiness->of($school, $this->history->ofStudent($student, $before)), false];
    }

    /**
     * The answer for lists, from where it is kept or worked out now.
     *
     * @return array<mixed>|null null while the school is fitted for the first time, or where nothing is in force
     */
    public function kept(Student $student, Carbon $now): ?array
    {
        $by = $this->examinedBy($student, $now);
        if ($by === null) {
            return null;
        }
        [$checklist, $vehicle] = $by;
        [$readiness, $school, $sign] = $this->models->of($student->school_id, $checklist, $vehicle);
        if ($school === null) {
            return null;
        }
        $basis = $this->basis($student, $checklist->id, $vehicle->id, $sign);
        /** @var (stdClass&object{basis: string, answer: string})|null $row */
        $row = $this->database->table('student_readiness')->where('student_id', $student->id)->first();
        if ($row?->basis === $basis) {
            $answer = json_decode($row->answer, true);
            if (is_array($answer)) {
                return $answer;
            }
        }
        $one = $readiness->of($school, $this->history->ofStudent($student));
        $answer = KeptAnswer::write($one, $readiness);
        $this->database->table('student_readiness')->upsert([
            'student_id' => $student->id,
            'checklist_id' => $checklist->id,
            'vehicle_id' => $vehicle->id,
            'basis' => $basis,
            'answer' => json_encode($answer, JSON_THROW_ON_ERROR),
            'answered_at' => Carbon::now()->format('Y-m-d H:i:s.v'),
        ], ['student_id']);

        return $answer;
    }

    /** Changes with whatever the answer rests on. */
    private function basis(Student $student, int $checklistId, int $vehicleId, string $sign): string
    {
        $attempts = Attempt::finished($student->school_id)->where('student_id', $student->id);

        return hash('xxh128', implode('|', [
            KeptAnswer::FORMAT, $checklistId, $vehicleId, $sign, $student->exam_on?->toDateString(),
            $attempts->count(), json_encode($attempts->max('finished_at')),
            ExamResult::standing($student->school_id)->where('student_id', $student->id)->count(),
        ]));
    }
}
