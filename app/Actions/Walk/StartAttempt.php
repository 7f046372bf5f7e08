<?php

declare(strict_types=1);

namespace App\Actions\Walk;

use App\Exceptions\IdIsTaken;
use App\Library\InspectionLibrary;
use App\Models\Attempt;
use App\Models\AttemptMode;
use App\Models\AttemptStatus;
use App\Models\StoredChecklist;
use App\Models\StoredVehicle;
use App\Models\Student;
use App\Models\User;
use Illuminate\Support\Carbon;
use Pasada\Core\Inspection\NothingToInspect;

final readonly class StartAttempt
{
    public function __construct(private InspectionLibrary $inspections) {}

    /**
     * Starting the same attempt twice returns the first: the page may have lost the answer.
     *
     * @throws NothingToInspect if the checklist asks nothing of the vehicle
     * @throws IdIsTaken if the id belongs to an attempt of something or somebody else
     */
    public function handle(
        string $id, User $scorer, Student $student, StoredChecklist $checklist, StoredVehicle $vehicle,
        Carbon $startedAt, ?string $form = null, ?int $formSeed = null, AttemptMode $mode = AttemptMode::Practice,
        ?string $walkOf = null,
    ): Attempt {
        $this->inspections->of($checklist, $vehicle, $form);
        $wanted = [
            'scorer_id' => $scorer->id,
            'student_id' => $student->id,
            'checklist_id' => $checklist->id,
            'vehicle_id' => $vehicle->id,
        ];
        $attempt = Attempt::query()->firstOrCreate(
            ['id' => $id],
            [
                ...$wanted,
                'form' => $form,
                'form_seed' => $formSeed,
                'mode' => $mode,
                'live' => false,
                'walk_of' => $walkOf,
                'school_id' => $scorer->school_id,
                'status' => AttemptStatus::UnderWay,
                'started_at' => $startedAt,
            ],
        );
        if ($attempt->only(array_keys($wanted)) !== $wanted) {
            throw IdIsTaken::byAttempt($id);
        }

        return $attempt;
    }

    /** Another scorer's attempt at a walk that is being scored: the same in everything but who marks. */
    public function alongside(string $id, User $scorer, Attempt $walk, Carbon $startedAt): Attempt
    {
        return $this->handle(
            $id, $scorer, $walk->student, $walk->checklist, $walk->vehicle, $startedAt, $walk->form, $walk->form_seed,
            $walk->mode, $walk->walk_of ?? $walk->id,
        );
    }
}
