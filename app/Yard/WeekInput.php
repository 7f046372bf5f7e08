<?php

declare(strict_types=1);

namespace App\Yard;

use App\Library\Outages;
use App\Models\Role;
use App\Models\StoredVehicle;
use App\Models\Student;
use App\Models\User;
use App\Progress\ClassAnswers;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Pasada\Core\Progress\Yard\WalkGain;

/** What there is to plan at a school in a week, in the open format of the planner. */
final readonly class WeekInput
{
    public function __construct(private ClassAnswers $answers, private Outages $outages) {}

    /** @return Collection<int, StoredVehicle> */
    public function vehicles(int $schoolId, Carbon $now): Collection
    {
        return StoredVehicle::inForceOn($schoolId, $now)->sortBy('name')->values()->toBase();
    }

    /**
     * @param  list<array{slot: string, student_id: int, vehicle_id: int, instructor_id: int}>  $fixed
     * @param  list<string>  $closed  slots in which nobody walks
     * @param  list<int>|null  $here  instructors and vehicles that are there; null for all
     * @param  list<int>|null  $standing
     * @return array<string, mixed>
     */
    public function write(
        int $schoolId, string $monday, Carbon $now, array $fixed, array $closed = [], ?array $here = null,
        ?array $standing = null,
    ): array {
        $slots = WeekDays::slots($monday);
        $open = array_values(array_diff($slots, array_diff($closed, array_column($fixed, 'slot'))));
        $out = $this->outages->reasons($schoolId);
        $vehicles = [];
        foreach ($this->vehicles($schoolId, $now) as $vehicle) {
            $isThere = ! isset($out[$vehicle->slug]) && ($standing === null || in_array($vehicle->id, $standing, true));
            $kept = array_column(array_filter(
                $fixed, static fn (array $walk): bool => $walk['vehicle_id'] === $vehicle->id,
            ), 'slot');
            $vehicles[] = ['id' => (string) $vehicle->id, 'free' => $isThere ? $open : $kept];
        }
        $instructors = [];
        foreach (User::working($schoolId, Role::Instructor) as $one) {
            $kept = array_column(array_filter(
                $fixed, static fn (array $walk): bool => $walk['instructor_id'] === $one->id,
            ), 'slot');
            $instructors[] = [
                'id' => (string) $one->id,
                'free' => $here === null || in_array($one->id, $here, true) ? $open : $kept,
            ];
        }

        return [
            'slots' => array_map(static fn (string $slot): array => [
                'id' => $slot, 'from' => $slot, 'minutes' => WeekDays::MINUTES,
            ], $slots),
            'instructors' => $instructors,
            'vehicles' => $vehicles,
            'students' => $this->students($schoolId, $now),
            'fixed' => array_map(static fn (array $walk): array => [
                'slot' => $walk['slot'], 'student' => (string) $walk['student_id'],
                'vehicle' => (string) $walk['vehicle_id'], 'instructor' => (string) $walk['instructor_id'],
            ], $fixed),
        ];
    }

    /** @return list<array<string, mixed>> */
    private function students(int $schoolId, Carbon $now): array
    {
        $students = [];
        $all = Student::present($schoolId)->get()->sortBy('name')->toBase();
        $answers = $this->answers->of($schoolId, $all, $now);
        foreach ($all as $student) {
            [$kept, $vehicle] = $answers[$student->id] ?? [null, null];
            /** @var array{chance?: float|null, drills?: list<array{gain: float}>} $answer */
            $answer = $kept ?? [];
            $one = [
                'id' => (string) $student->id,
                'chance' => $answer['chance'] ?? WalkGain::UNKNOWN_CHANCE,
                'gain' => isset($answer['chance'])
                    ? WalkGain::of(array_column($answer['drills'] ?? [], 'gain'))
                    : WalkGain::UNKNOWN_GAIN,
            ];
            if ($vehicle !== null) {
                $one['vehicles'] = [(string) $vehicle];
            }
            if ($student->exam_on !== null) {
                $one['exam_on'] = $student->exam_on->toDateString();
            }
            $students[] = $one;
        }

        return $students;
    }
}
