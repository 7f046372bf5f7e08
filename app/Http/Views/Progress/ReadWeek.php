<?php

declare(strict_types=1);

namespace App\Http\Views\Progress;

use App\Http\Resources\Progress\NamedResource;
use App\Http\Resources\Progress\WeekResource;
use App\Http\Resources\Progress\YardWalkResource;
use App\Library\Outages;
use App\Models\Role;
use App\Models\School;
use App\Models\StoredVehicle;
use App\Models\Student;
use App\Models\User;
use App\Models\YardWalk;
use App\Yard\WeekDays;
use App\Yard\WeekInput;
use Illuminate\Support\Carbon;
use Pasada\Core\Progress\Yard\PlannedWalk;
use Pasada\Core\Progress\Yard\YardPlan;
use Pasada\Core\Progress\Yard\YardPlanner;
use Pasada\Core\Progress\Yard\YardReader;
use Pasada\Core\Progress\Yard\YardWriter;

/** A week as it is planned, or as it would best be. */
final readonly class ReadWeek
{
    public function __construct(private WeekInput $input, private Outages $outages) {}

    public function handle(School $school, string $monday, Carbon $now): WeekResource
    {
        $walks = $this->walks($school->id, $monday);
        $week = (new YardReader)->read($this->json($this->input->write($school->id, $monday, $now, [])), 'week');

        $planned = array_map(static fn (YardWalk $one): PlannedWalk => new PlannedWalk(
            $one->slot, (string) $one->student_id, (string) $one->vehicle_id, (string) $one->instructor_id,
            $one->is_fixed,
        ), $walks);

        return $this->resource($school, $monday, $now, new YardPlan($week, $planned), $walks);
    }

    /**
     * @param  list<array{slot: string, student_id: int, vehicle_id: int, instructor_id: int}>  $fixed
     * @param  list<string>  $closed
     * @param  list<int>|null  $here
     * @param  list<int>|null  $standing
     */
    public function proposal(
        School $school, string $monday, Carbon $now, array $fixed, array $closed, ?array $here, ?array $standing,
    ): WeekResource {
        $local = $now->copy()->setTimezone($school->time_zone)->format('Y-m-d\TH:i');
        $begun = array_filter(WeekDays::slots($monday), static fn (string $slot): bool => $slot <= $local);
        $week = (new YardReader)->read($this->json($this->input->write(
            $school->id, $monday, $now, $fixed, [...$closed, ...array_values($begun)], $here, $standing,
        )), 'week');

        return $this->resource($school, $monday, $now, (new YardPlanner)->plan($week), null);
    }

    /** @return list<YardWalk> in order of time */
    private function walks(int $schoolId, string $monday): array
    {
        $slots = array_flip(WeekDays::slots($monday));
        $from = array_key_first($slots);
        $walks = YardWalk::ofSchool($schoolId)->where('slot', '>=', $from)->get()->sortBy('slot');

        return array_values(
            $walks->filter(static fn (YardWalk $one): bool => isset($slots[$one->slot]))->all(),
        );
    }

    /** @param  list<YardWalk>|null  $stored  as they are kept; null for those of the plan */
    private function resource(
        School $school, string $monday, Carbon $now, YardPlan $plan, ?array $stored,
    ): WeekResource {
        $students = Student::present($school->id)->get()->sortBy('name')->toBase();
        $names = $students->keyBy('id')->all();
        $vehicles = [];
        foreach ($plan->week->learners as $learner) {
            $vehicle = $learner->vehicle();
            $vehicles[(int) $learner->id] = $vehicle === null ? null : (int) $vehicle;
        }
        $out = $this->outages->reasons($school->id);

        return new WeekResource(
            $monday, $school->yard_revision, WeekDays::slots($monday),
            $now->copy()->setTimezone($school->time_zone)->format('Y-m-d\TH:i'),
            array_values(User::working($school->id, Role::Instructor)->map(
                static fn (User $one): NamedResource => new NamedResource($one->id, $one->name),
            )->all()),
            array_values($this->input->vehicles($school->id, $now)->map(
                static fn (StoredVehicle $one): NamedResource => new NamedResource(
                    $one->id, $one->name, $out[$one->slug] ?? null,
                ),
            )->all()),
            array_values($students->map(static fn (Student $one): NamedResource => new NamedResource(
                $one->id, $one->name, null, $vehicles[$one->id] ?? null,
            ))->all()),
            $stored === null ? $this->planned($plan) : array_map(
                static fn (YardWalk $one): YardWalkResource => new YardWalkResource(
                    $one->slot, $one->student_id, $one->vehicle_id, $one->instructor_id, $one->is_fixed, $one->why,
                ),
                $stored,
            ),
            $stored !== null ? [] : array_map(static fn (array $one): NamedResource => new NamedResource(
                (int) $one[0], $names[(int) $one[0]]->name ?? '', $one[1],
            ), $plan->unplaced()),
            $plan->withoutWalks(),
            // Compared while somebody chooses, and not at every look.
            $stored !== null ? null : (new YardPlanner)->firstCome($plan->week)->expectedPasses(),
            $plan->expectedPasses(),
        );
    }

    /** @return list<YardWalkResource> */
    private function planned(YardPlan $plan): array
    {
        $gains = $plan->gains();
        $walks = [];
        foreach ($plan->walks as $n => $walk) {
            $walks[] = new YardWalkResource(
                $walk->slot, (int) $walk->student, (int) $walk->vehicle, (int) $walk->instructor, $walk->isFixed,
                YardWriter::why($plan, $walk, $gains[$n]),
            );
        }

        return $walks;
    }

    /** @param  array<string, mixed>  $input */
    private function json(array $input): string
    {
        return json_encode($input, JSON_THROW_ON_ERROR);
    }
}
