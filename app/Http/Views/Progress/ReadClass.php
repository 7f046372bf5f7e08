<?php

declare(strict_types=1);

namespace App\Http\Views\Progress;

use App\Http\Resources\Progress\ClassMissResource;
use App\Http\Resources\Progress\ClassResource;
use App\Http\Resources\Progress\ClassStudentResource;
use App\Http\Resources\Progress\DrillResource;
use App\Http\Resources\Progress\KeptPromiseResource;
use App\Http\Resources\Progress\LessonGainResource;
use App\Library\InspectionLibrary;
use App\Models\Attempt;
use App\Models\ExamResult;
use App\Models\ItemOutcomeRow;
use App\Models\Student;
use App\Models\User;
use App\Progress\StudentReadinesses;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Pasada\Core\Scoring\ItemStatus;
use stdClass;

/** The class as a whole, from what is kept of each student. */
final readonly class ReadClass
{
    private const WEEKS = 8;

    private const WEEKS_COMPARED = 4;

    private const MOST = 8;

    /** Bounds of the groups in which it is told how well chances were kept, in percent. */
    private const GROUPS = [[0, 40], [40, 60], [60, 80], [80, 100]];

    public function __construct(private StudentReadinesses $readinesses, private InspectionLibrary $inspections) {}

    public function handle(User $reader, Carbon $now): ClassResource
    {
        $students = Student::ofSchool($reader->school_id)->get()->sortBy('name');
        $attempts = Attempt::finished($reader->school_id)
            ->tap(Attempt::onceAWalk(...))
            ->tap(static fn (Builder $query) => Attempt::blindTo($query, $reader))
            ->with(['vehicle:id,name', 'scorer:id,name', 'result'])
            ->get()
            ->sortBy('started_at');
        $byStudent = $attempts->groupBy('student_id');
        $rows = $lessons = [];
        $waiting = 0;
        foreach ($students as $student) {
            $answer = $this->readinesses->kept($student, $now);
            $waiting += $answer === null ? 1 : 0;
            $rows[] = $this->student($student, $answer ?? [], $byStudent->get($student->id, new Collection), $now);
            foreach (is_array($answer['drills'] ?? null) ? $answer['drills'] : [] as $drill) {
                /** @var array{item: string, place: string, gain: float} $drill */
                $place = $drill['place'];
                $lessons[$place][$student->id] = ($lessons[$place][$student->id] ?? 0.0) + $drill['gain'];
            }
        }

        return new ClassResource(
            $rows, $this->missed($reader, $attempts, $now), $this->lessons($lessons), $this->kept($reader), $waiting,
            self::WEEKS_COMPARED,
        );
    }

    /**
     * @param  array<mixed>  $answer
     * @param  Collection<int, Attempt>  $attempts  oldest first
     */
    private function student(Student $student, array $answer, Collection $attempts, Carbon $now): ClassStudentResource
    {
        $last = $attempts->last();
        /** @var array{chance?: float|null, low?: float, high?: float, limits?: string,
         *   drills?: list<array{item: string, name: string, minutes: float, gain: float}>} $answer */
        $first = $answer['drills'][0] ?? null;
        $weeks = array_fill(0, self::WEEKS, null);
        foreach ($attempts as $attempt) {
            $ago = intdiv((int) $attempt->started_at->diffInDays($now), 7);
            if ($ago >= 0 && $ago < self::WEEKS && $attempt->result !== null) {
                $week = self::WEEKS - 1 - $ago;
                $weeks[$week] = max($weeks[$week] ?? 0, $attempt->result->permille);
            }
        }

        return new ClassStudentResource(
            $student->id, $student->name, $student->class_name, $student->exam_on?->toDateString(),
            $last->vehicle->name ?? '', $last?->scorer->name, $attempts->count(),
            $last === null ? null : max(0, (int) $last->started_at->diffInDays($now)),
            $answer['chance'] ?? null, $answer['low'] ?? null, $answer['high'] ?? null, $answer['limits'] ?? '',
            $first === null ? null : new DrillResource(
                $first['item'], $first['name'], $first['minutes'], $first['gain'],
            ),
            $weeks,
        );
    }

    /**
     * @param  Collection<int, Attempt>  $attempts
     * @return list<ClassMissResource>
     */
    private function missed(User $reader, Collection $attempts, Carbon $now): array
    {
        $since = $now->copy()->subWeeks(self::WEEKS_COMPARED);
        $before = $since->copy()->subWeeks(self::WEEKS_COMPARED);
        $now = $this->counts($attempts->where('started_at', '>=', $since));
        $then = $this->counts($attempts->where('started_at', '<', $since)->where('started_at', '>=', $before));
        uasort($now, static fn (stdClass $a, stdClass $b): int => [$b->missed * $a->asked, $a->item]
            <=> [$a->missed * $b->asked, $b->item]);
        $names = $this->names($attempts);
        $missed = [];
        foreach (array_slice($now, 0, self::MOST) as $row) {
            if ($row->missed > 0) {
                $missed[] = new ClassMissResource(
                    $row->item, $names[$row->item] ?? $row->item, $row->asked, $row->missed,
                    $then[$row->item]->asked ?? 0, $then[$row->item]->missed ?? 0,
                );
            }
        }

        return $missed;
    }

    /**
     * @param  Collection<int, Attempt>  $attempts
     * @return array<string, stdClass&object{item: string, asked: int, missed: int}> by item
     */
    private function counts(Collection $attempts): array
    {
        $lessons = array_map(static fn (ItemStatus $status): string => $status->value, ItemStatus::lessons());
        $marks = implode(', ', array_fill(0, count($lessons), '?'));

        /** @var array<string, stdClass&object{item: string, asked: int, missed: int}> */
        return ItemOutcomeRow::query()->toBase()
            ->whereIn('attempt_id', $attempts->pluck('id'))
            ->where('status', '<>', ItemStatus::NotFitted->value)
            ->groupBy('item')
            ->selectRaw('item, count(*) as asked, cast(sum(status in ('.$marks.')) as signed) as missed', $lessons)
            ->get()->keyBy('item')->all();
    }

    /**
     * @param  Collection<int, Attempt>  $attempts
     * @return array<string, string> by item
     */
    private function names(Collection $attempts): array
    {
        $names = [];
        foreach ($attempts->unique(
            static fn (Attempt $one): string => $one->checklist_id.':'.$one->vehicle_id,
        ) as $attempt) {
            foreach ($this->inspections->forAttempt($attempt)->items as $id => $item) {
                $names[$id] ??= $item->fullName();
            }
        }

        return $names;
    }

    /**
     * @param  array<string, array<int, float>>  $lessons  gain of each student, by place
     * @return list<LessonGainResource> what brings most first
     */
    private function lessons(array $lessons): array
    {
        $gains = [];
        foreach ($lessons as $place => $ofStudents) {
            $gains[] = new LessonGainResource($place, count($ofStudents), array_sum($ofStudents));
        }
        usort($gains, static fn (LessonGainResource $a, LessonGainResource $b): int => [$b->passes, $a->name]
            <=> [$a->passes, $b->name]);

        return array_slice($gains, 0, self::MOST);
    }

    /** @return list<KeptPromiseResource> groups in which there were exams */
    private function kept(User $reader): array
    {
        $results = ExamResult::standing($reader->school_id)->where('chance', '>=', 0)->get();
        $groups = [];
        foreach (self::GROUPS as [$from, $to]) {
            $in = $results->filter(static fn (ExamResult $one): bool => 100 * (float) $one->chance >= $from
                && (100 * (float) $one->chance < $to || $to === 100));
            if ($in->isNotEmpty()) {
                $groups[] = new KeptPromiseResource(
                    $from, $to, $in->count(), $in->where('passed', true)->count(),
                    array_sum($in->map(static fn (ExamResult $one): float => (float) $one->chance)->all()),
                );
            }
        }

        return $groups;
    }
}
