<?php

declare(strict_types=1);

namespace App\Http\Views\School;

use App\Http\Page;
use App\Http\Resources\Brakes\BrakePracticeResource;
use App\Http\Resources\Record\MissedItemResource;
use App\Http\Resources\School\StudentCardResource;
use App\Http\Resources\School\StudentRecordResource;
use App\Http\Resources\Walk\AttemptCardResource;
use App\Library\InspectionLibrary;
use App\Models\Attempt;
use App\Models\AttemptStatus;
use App\Models\BrakePractice;
use App\Models\ItemOutcomeRow;
use App\Models\Student;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;
use stdClass;

/** A student's attempts over time and what they miss most. */
final readonly class ReadStudentRecord
{
    private const MOST_MISSED = 12;

    private const HABIT = 2;

    private const MOST_PRACTICES = 10;

    /** Attempts that the record brings at once: more than most students make in a course. */
    private const NEWEST = 40;

    public function __construct(private InspectionLibrary $inspections) {}

    public function handle(Student $student, User $reader): StudentRecordResource
    {
        $newest = Page::newest(
            Attempt::ofRecord($student, $reader)->with(Attempt::CARD), Attempt::RECORD_ORDER, self::NEWEST,
        );

        return new StudentRecordResource(
            StudentCardResource::of(Student::cards($reader, all: true)->findOrFail($student->id)),
            array_map(AttemptCardResource::of(...), array_reverse($newest->items)),
            $newest->next,
            $this->mostMissed(Attempt::ofRecord($student, $reader)->where('attempts.status', AttemptStatus::Finished)),
            $this->practices($student),
        );
    }

    /** @return list<BrakePracticeResource> the newest first */
    private function practices(Student $student): array
    {
        // A student without an account has practiced nowhere.
        $practices = BrakePractice::with(['vehicle:id,name', 'checklist:id,name'])
            ->where('user_id', $student->user_id ?? 0)
            ->latest('id');
        $practices->limit(self::MOST_PRACTICES);

        return array_values($practices->get()->toBase()->map(BrakePracticeResource::of(...))->all());
    }

    /**
     * Only items missed more than once: a single miss is chance, not a habit.
     *
     * @param  Builder<Attempt>  $finished
     * @return list<MissedItemResource>
     */
    private function mostMissed(Builder $finished): array
    {
        $rows = ItemOutcomeRow::misses($finished->clone()->toBase()->select('attempts.id'), self::HABIT)->get();
        $names = $rows->isEmpty() ? [] : $this->names($finished);
        $missed = $rows->map(static function (stdClass $row) use ($names): MissedItemResource {
            /** @var stdClass&object{item: string, asked: int, missed: int} $row */
            return new MissedItemResource($row->item, $names[$row->item] ?? $row->item, $row->asked, $row->missed);
        })->all();
        // Most often in proportion first; shares are compared by multiplying, so that no rounding decides.
        usort(
            $missed,
            static fn (MissedItemResource $a, MissedItemResource $b): int => [
                $b->missed * $a->asked,
                $b->missed,
                $a->item,
            ] <=> [$a->missed * $b->asked, $a->missed, $b->item],
        );

        return array_slice($missed, 0, self::MOST_MISSED);
    }

    /**
     * @param  Builder<Attempt>  $finished
     * @return array<string, string> names by item id, as the newest attempt's checklist has them
     */
    private function names(Builder $finished): array
    {
        $names = [];
        $walked = $finished->clone()->toBase()->groupBy('checklist_id', 'vehicle_id')
            ->orderByRaw('max(started_at) desc')->get(['checklist_id', 'vehicle_id']);
        foreach ($walked as $row) {
            /** @var stdClass&object{checklist_id: int, vehicle_id: int} $row */
            $names += $this->inspections->names($row->checklist_id, $row->vehicle_id);
        }

        return $names;
    }
}
