<?php

declare(strict_types=1);

namespace App\Progress;

use App\Library\InspectionLibrary;
use App\Models\Attempt;
use App\Models\ExamResult;
use App\Models\SchoolModel;
use App\Models\StoredChecklist;
use App\Models\StoredVehicle;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Cache;
use Pasada\Core\Progress\Model\KeptSchool;
use Pasada\Core\Progress\Model\School as FittedSchool;
use Pasada\Core\Progress\Readiness\Readiness;

/**
 * Hands out what a school's attempts tell under a checklist on a vehicle. It is fitted once and kept; where many more
 * attempts have come since it is fitted anew after the answer was sent, so that nobody waits for it.
 */
final class SchoolModels
{
    /** What was fitted holds until so many more attempts came, or this share of them. */
    private const HOLDS_FOR = 5;

    private const HOLDS_SHARE = 0.1;

    /** Only so many attempts are fitted while somebody waits. */
    private const MOST_AT_ONCE = 150;

    private const SECONDS_OF_FIT = 600;

    /** Models that are fitted while somebody waits: a class walks several vehicles, and each is one. */
    private const FITS_AT_ONCE = 1;

    private int $fitted = 0;

    /** @var array<string, array{Readiness, FittedSchool|null, string}> */
    private array $atHand = [];

    public function __construct(
        private readonly ConnectionInterface $database,
        private readonly InspectionLibrary $inspections,
        private readonly SchoolHistory $history,
        private readonly AfterAnswer $later,
    ) {}

    /**
     * @return array{Readiness, FittedSchool|null, string} with what is fitted, and a sign that changes with it; null
     *   while a large school is fitted for the first time
     */
    public function of(int $schoolId, StoredChecklist $checklist, StoredVehicle $vehicle): array
    {
        return $this->atHand[implode(':', [$schoolId, $checklist->id, $vehicle->id])]
            ??= $this->kept($schoolId, $checklist, $vehicle);
    }

    /** @return array{Readiness, FittedSchool|null, string} */
    private function kept(int $schoolId, StoredChecklist $checklist, StoredVehicle $vehicle): array
    {
        $readiness = $this->inspections->readiness($checklist, $vehicle);
        $attempts = Attempt::finished($schoolId)->count();
        $results = ExamResult::standing($schoolId)->count();
        [$school, $row] = $this->read($schoolId, $checklist->id, $vehicle->id, $readiness);
        if ($school === null && $attempts <= self::MOST_AT_ONCE && $this->fitted < self::FITS_AT_ONCE) {
            $this->fitted++;
            $this->fit($schoolId, $checklist, $vehicle);
            [$school, $row] = $this->read($schoolId, $checklist->id, $vehicle->id, $readiness);

            return [$readiness, $school, $this->sign($row)];
        }
        $isOld = $row === null
            || $attempts - $row->attempts >= max(self::HOLDS_FOR, self::HOLDS_SHARE * $row->attempts)
            || $results !== $row->results;
        if ($school === null || $isOld) {
            $this->later->do(fn () => $this->fit($schoolId, $checklist, $vehicle));
        }

        return [$readiness, $school, $this->sign($row)];
    }

    /** Fits anew and keeps it; one at a time. */
    public function fit(
        int $schoolId, StoredChecklist $checklist, StoredVehicle $vehicle, ?callable $progress = null,
    ): void {
        $lock = Cache::lock(implode(':', ['fit', $schoolId, $checklist->id, $vehicle->id]), self::SECONDS_OF_FIT);
        if ($lock->get() !== true) {
            return;
        }
        try {
            $attempts = Attempt::finished($schoolId)->count();
            $results = ExamResult::standing($schoolId)->get();
            $school = $this->inspections->readiness($checklist, $vehicle)->school(
                $this->history->ofSchool($schoolId), $progress,
                array_values($results
                    ->filter(static fn (ExamResult $one): bool => $one->untold !== null)
                    ->map(static fn (ExamResult $one): array => [(float) $one->untold, $one->passed])
                    ->all()),
            );
            $this->database->table('school_models')->upsert([
                'school_id' => $schoolId,
                'checklist_id' => $checklist->id,
                'vehicle_id' => $vehicle->id,
                'attempts' => $attempts,
                'results' => $results->count(),
                'model' => json_encode(KeptSchool::write($school), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
                'fitted_at' => Carbon::now()->format('Y-m-d H:i:s.v'),
            ], ['school_id', 'checklist_id', 'vehicle_id']);
        } finally {
            $lock->release();
        }
    }

    /** @return array{FittedSchool|null, SchoolModel|null} */
    private function read(int $schoolId, int $checklistId, int $vehicleId, Readiness $readiness): array
    {
        $row = SchoolModel::ofSchool($schoolId)
            ->where(['checklist_id' => $checklistId, 'vehicle_id' => $vehicleId])
            ->get()->first();
        $kept = $row === null ? null : json_decode($row->model, true);

        return [is_array($kept) ? KeptSchool::read($kept, $readiness->plan) : null, $row];
    }

    private function sign(?SchoolModel $row): string
    {
        return $row === null ? '' : hash('xxh32', $row->fitted_at);
    }
}
