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
use Illuminate\Support\Collection;
use stdClass;

/**
 * How ready many students are, from where it is kept: a handful of questions to the database, however many they are.
 * What changed is worked out anew, a part of it while somebody waits and the rest after the answer was sent.
 */
final readonly class ClassAnswers
{
    private const AT_ONCE = 40;

    public function __construct(
        private ConnectionInterface $database, private SchoolModels $models, private SchoolHistory $history,
        private AfterAnswer $later,
    ) {}

    /**
     * @param  Collection<int, Student>  $students  of one school
     * @return array<int, array{array<mixed>|null, int|null}> answer and vehicle by student; null while it is worked
     *   out, and where nothing is in force
     */
    public function of(int $schoolId, Collection $students, Carbon $now): array
    {
        $lasts = $this->lasts($schoolId);
        $results = ExamResult::standing($schoolId)->pluck('student_id')->countBy()->all();
        $kept = $this->database->table('student_readiness')
            ->whereIn('student_id', $students->pluck('id'))
            ->get()->keyBy('student_id')->all();
        $examined = Examined::at($schoolId, $now);
        $answers = $later = [];
        $worked = 0;
        foreach ($students as $student) {
            $last = $lasts[$student->id] ?? null;
            $by = $examined->by($last?->checklist, $last?->vehicle);
            $answers[$student->id] = [null, $by === null ? null : $by[1]->id];
            if ($by === null) {
                continue;
            }
            [$checklist, $vehicle] = $by;
            [, $school, $sign] = $this->models->of($schoolId, $checklist, $vehicle);
            $basis = hash('xxh128', implode('|', [
                KeptAnswer::FORMAT, $checklist->id, $vehicle->id, $sign, $student->exam_on?->toDateString(),
                $last->attempts ?? 0, $last->projected ?? '', $results[$student->id] ?? 0,
            ]));
            $row = $kept[$student->id] ?? null;
            /** @var (stdClass&object{basis: string, answer: string})|null $row */
            $answer = $row === null ? null : json_decode($row->answer, true);
            if (is_array($answer) && $row?->basis === $basis) {
                $answers[$student->id][0] = $answer;
            } elseif ($school !== null && $worked++ < self::AT_ONCE) {
                $answers[$student->id][0] = $this->work($student, $checklist, $vehicle, $basis);
            } elseif ($school !== null) {
                $later[] = [$student, $checklist, $vehicle, $basis];
            }
        }
        if ($later !== []) {
            $this->later->do(function () use ($later): void {
                foreach ($later as [$student, $checklist, $vehicle, $basis]) {
                    $this->work($student, $checklist, $vehicle, $basis);
                }
            });
        }

        return $answers;
    }

    /** @return array<mixed> */
    private function work(Student $student, StoredChecklist $checklist, StoredVehicle $vehicle, string $basis): array
    {
        [$readiness, $school] = $this->models->of($student->school_id, $checklist, $vehicle);
        $answer = KeptAnswer::write(
            $school === null ? null : $readiness->of($school, $this->history->ofStudent($student)), $readiness,
        );
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

    /**
     * @return array<int, stdClass&object{checklist: string, vehicle: string, attempts: int, projected: string}> what
     *   each student's last attempt was under, how many there are and when one was finished or amended last
     */
    private function lasts(int $schoolId): array
    {
        $ranked = Attempt::finished($schoolId)->toBase()->join(
            'attempt_results', 'attempt_results.attempt_id', '=', 'attempts.id',
        )->selectRaw(
            'student_id, checklist_id, vehicle_id, count(*) over (partition by student_id) as attempts, '.
            'max(projected_at) over (partition by student_id) as projected, '.
            'row_number() over (partition by student_id order by started_at desc, id desc) as place',
        );

        /** @var array<int, stdClass&object{checklist: string, vehicle: string, attempts: int, projected: string}> */
        return $this->database->table($ranked, 'ranked')
            ->join('checklists', 'checklists.id', '=', 'ranked.checklist_id')
            ->join('vehicles', 'vehicles.id', '=', 'ranked.vehicle_id')
            ->where('place', 1)
            ->get(['student_id', 'checklists.slug as checklist', 'vehicles.slug as vehicle', 'attempts', 'projected'])
            ->keyBy('student_id')->all();
    }
}
