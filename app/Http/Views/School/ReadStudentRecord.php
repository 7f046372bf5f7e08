<?php

declare(strict_types=1);

namespace App\Http\Views\School;

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
use Illuminate\Database\Eloquent\Collection;
use stdClass;

/** A student's attempts over time and what they miss most. */
final readonly class ReadStudentRecord
{
    private const MOST_MISSED = 12;

    private const HABIT = 2;

    private const MOST_PRACTICES = 10;

    public function __construct(private InspectionLibrary $inspections) {}

    public function handle(Student $student, User $reader): StudentRecordResource
    {
        $attempts = Attempt::query()
            ->with(Attempt::CARD)
            ->where('student_id', $student->id)
            ->tap(static fn (Builder $query) => Attempt::blindTo($query, $reader))
            ->get()
            ->sortBy('started_at');
        $counted = Attempt::finished($student->school_id)
            ->where('student_id', $student->id)
            ->tap(Attempt::onceAWalk(...))
            ->whereKey($attempts->modelKeys())
            ->pluck('id');

        return new StudentRecordResource(
            StudentCardResource::of(Student::cards($reader, all: true)->findOrFail($student->id)),
            // Once a walk, whoever scored it; the other sheet of a walk of two is beside this one.
            array_values(
                $attempts
                    ->filter(
                        static fn (Attempt $one): bool => $one->status !== AttemptStatus::Finished ||
                            $counted->contains($one->id),
                    )
                    ->toBase()
                    ->map(AttemptCardResource::of(...))
                    ->all(),
            ),
            $this->mostMissed($attempts->whereIn('id', $counted)),
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
     * @param  Collection<int, Attempt>  $attempts
     * @return list<MissedItemResource>
     */
    private function mostMissed(Collection $attempts): array
    {
        $rows = ItemOutcomeRow::misses($attempts->modelKeys(), self::HABIT)->get();
        $names = $this->names($attempts);
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
     * @param  Collection<int, Attempt>  $attempts
     * @return array<string, string> names by item id, as the newest attempt's checklist has them
     */
    private function names(Collection $attempts): array
    {
        $names = [];
        foreach (
            $attempts->unique(
                static fn (Attempt $attempt): string => $attempt->checklist_id.':'.$attempt->vehicle_id,
            ) as $attempt
        ) {
            $names = [...$names, ...$this->inspections->names($attempt->checklist_id, $attempt->vehicle_id)];
        }

        return $names;
    }
}
