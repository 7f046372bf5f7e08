<?php

declare(strict_types=1);

namespace App\Actions\Progress;

use App\Exceptions\WeekHasMovedOn;
use App\Models\School;
use App\Models\User;
use App\Models\YardWalk;
use App\Yard\WeekDays;
use App\Yard\WeekInput;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Carbon;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Progress\Yard\YardPlan;
use Pasada\Core\Progress\Yard\YardReader;
use Pasada\Core\Progress\Yard\YardWriter;

/** Keeps the walks of a week in place of those that were planned: all of them or, if one cannot be, none. */
final readonly class SaveWeek
{
    public function __construct(private ConnectionInterface $database, private WeekInput $input) {}

    /**
     * @param  list<array{slot: string, student_id: int, vehicle_id: int, instructor_id: int, fixed: bool}>  $walks
     *
     * @throws DocumentHasFaults if two walks meet, or one cannot be
     * @throws WeekHasMovedOn if somebody else has planned since
     */
    public function handle(User $by, string $monday, int $revision, array $walks, Carbon $now): void
    {
        // Checked as the planner checks what is set by hand; the page says which stay so.
        $week = (new YardReader)->read(
            json_encode($this->input->write($by->school_id, $monday, $now, $walks), JSON_THROW_ON_ERROR), 'walks',
        );
        $plan = new YardPlan($week, $week->fixed);
        $gains = $plan->gains();
        $rows = [];
        foreach ($walks as $n => $walk) {
            $rows[] = [
                'school_id' => $by->school_id, 'slot' => $walk['slot'], 'minutes' => WeekDays::MINUTES,
                'student_id' => $walk['student_id'], 'vehicle_id' => $walk['vehicle_id'],
                'instructor_id' => $walk['instructor_id'], 'is_fixed' => $walk['fixed'],
                'why' => YardWriter::why($plan, $week->fixed[$n], $gains[$n]), 'planned_by' => $by->id,
            ];
        }
        $this->database->transaction(static function () use ($by, $monday, $revision, $rows): void {
            $school = School::query()->whereKey($by->school_id);
            if ($school->lockForUpdate()->value('yard_revision') !== $revision) {
                throw new WeekHasMovedOn;
            }
            YardWalk::ofSchool($by->school_id)->whereIn('slot', WeekDays::slots($monday))->delete();
            YardWalk::query()->insert($rows);
            School::query()->whereKey($by->school_id)->update(['yard_revision' => $revision + 1]);
        });
    }
}
