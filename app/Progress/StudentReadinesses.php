<?php

declare(strict_types=1);

namespace App\Progress;

use App\Models\Attempt;
use App\Models\StoredChecklist;
use App\Models\StoredVehicle;
use App\Models\Student;
use Illuminate\Support\Carbon;
use Pasada\Core\Progress\Readiness\Readiness;
use Pasada\Core\Progress\Readiness\StudentReadiness;

/** Tells how ready one student is. */
final readonly class StudentReadinesses
{
    public function __construct(
        private SchoolModels $models,
        private SchoolHistory $history,
    ) {}

    /**
     * @return array{StoredChecklist, StoredVehicle}|null null where nothing is in force
     */
    public function examinedBy(Student $student, Carbon $now): ?array
    {
        $last = Attempt::finished($student->school_id)
            ->where('student_id', $student->id)
            ->with(['checklist:id,slug', 'vehicle:id,slug'])
            ->latest('started_at')
            ->first();

        return Examined::at($student->school_id, $now)->by($last?->checklist->slug, $last?->vehicle->slug);
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
}
