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
use App\Models\Student;
use App\Models\User;
use App\Progress\ClassAnswers;
use App\Progress\SchoolTallies;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;
use Pasada\Core\Progress\Health\ItemTally;
use Pasada\Core\Progress\Health\Tallies;
use Pasada\Core\Progress\Readiness\Ready;
use stdClass;

/** The class as a whole, from what is kept of each student. */
final readonly class ReadClass
{
    private const WEEKS = 8;

    private const WEEKS_COMPARED = 4;

    private const MOST = 8;

    /** Bounds of the groups in which it is told how well chances were kept, in percent. */
    private const GROUPS = [[0, 40], [40, 60], [60, 80], [80, 100]];

    public function __construct(
        private ConnectionInterface $database, private ClassAnswers $answers, private InspectionLibrary $inspections,
        private SchoolTallies $tallies,
    ) {}

    public function handle(User $reader, Carbon $now): ClassResource
    {
        $students = Student::present($reader->school_id)->with('schoolClass:id,name')->get()->sortBy('name')->toBase();
        $answers = $this->answers->of($reader->school_id, $students, $now);
        $lasts = $this->lasts($reader);
        $weeks = $this->weeks($reader, $now);
        $rows = $lessons = [];
        $waiting = 0;
        foreach ($students as $student) {
            [$answer] = $answers[$student->id] ?? [null];
            $rows[] = $row = $this->student(
                $student, $answer, $lasts[$student->id] ?? null, $weeks[$student->id] ?? [],
            );
            $waiting += $row->is_fitting ? 1 : 0;
            foreach (is_array($answer['drills'] ?? null) ? $answer['drills'] : [] as $drill) {
                /** @var array{item: string, place: string, gain: float} $drill */
                $place = $drill['place'];
                $lessons[$place][$student->id] = ($lessons[$place][$student->id] ?? 0.0) + $drill['gain'];
            }
        }

        return new ClassResource(
            $rows, $this->missed($reader, $now), $this->lessons($lessons), $this->kept($reader), $waiting,
            self::WEEKS_COMPARED,
        );
    }

    /** @return Builder<Attempt> finished ones, once a walk, without what may not sway the reader */
    private function attempts(User $reader): Builder
    {
        return Attempt::finished($reader->school_id)
            ->tap(Attempt::onceAWalk(...))
            ->tap(static fn (Builder $query) => Attempt::blindTo($query, $reader));
    }

    /** @return array<int, stdClass&object{vehicle: string, scorer: string, attempts: int, started_at: string}> */
    private function lasts(User $reader): array
    {
        $ranked = $this->attempts($reader)->toBase()->selectRaw(
            'student_id, vehicle_id, scorer_id, started_at, count(*) over (partition by student_id) as attempts, '.
            'row_number() over (partition by student_id order by started_at desc, id desc) as place',
        );

        /** @var array<int, stdClass&object{vehicle: string, scorer: string, attempts: int, started_at: string}> */
        return $this->database->table($ranked, 'ranked')
            ->join('vehicles', 'vehicles.id', '=', 'ranked.vehicle_id')
            ->join('users', 'users.id', '=', 'ranked.scorer_id')
            ->where('place', 1)
            ->get(['student_id', 'vehicles.name as vehicle', 'users.name as scorer', 'attempts', 'started_at'])
            ->keyBy('student_id')->all();
    }

    /** @return array<int, array<int, int>> best share by student and weeks ago, in thousandths */
    private function weeks(User $reader, Carbon $now): array
    {
        $at = $now->format('Y-m-d H:i:s');
        $rows = $this->attempts($reader)->toBase()
            ->join('attempt_results', 'attempt_results.attempt_id', '=', 'attempts.id')
            ->where('started_at', '>', $now->copy()->subWeeks(self::WEEKS))
            ->where('started_at', '<=', $now)
            ->groupBy('student_id', 'ago')
            ->selectRaw('student_id, timestampdiff(week, started_at, ?) as ago, max(permille) as best', [$at])
            ->get();
        $weeks = [];
        foreach ($rows as $row) {
            /** @var stdClass&object{student_id: int, ago: int, best: int} $row */
            $weeks[$row->student_id][$row->ago] = $row->best;
        }

        return $weeks;
    }

    /**
     * @param  array<mixed>|null  $answer  null while it is worked out, or where nothing was walked
     * @param  (stdClass&object{vehicle: string, scorer: string, attempts: int, started_at: string})|null  $last
     * @param  array<int, int>  $weeks  by weeks ago
     */
    private function student(Student $student, ?array $answer, ?stdClass $last, array $weeks): ClassStudentResource
    {
        $isFitting = $answer === null && $last !== null;
        /** @var array{chance?: float|null, low?: float, high?: float, limits?: string,
         *   drills?: list<array{item: string, name: string, minutes: float, gain: float}>}|null $answer */
        $first = $answer['drills'][0] ?? null;

        return new ClassStudentResource(
            $student->id, $student->name, $student->className(), $student->exam_on?->toDateString(),
            $last->vehicle ?? '', $last->scorer ?? null, $last->attempts ?? 0,
            $last === null ? null : Carbon::parse($last->started_at)->toIso8601ZuluString(),
            Ready::of($answer['chance'] ?? null, $answer['low'] ?? null),
            $answer['chance'] ?? null, $answer['low'] ?? null, $answer['high'] ?? null, $answer['limits'] ?? '',
            $first === null ? null : new DrillResource(
                $first['item'], $first['name'], $first['minutes'], $first['gain'],
            ),
            array_map(static fn (int $ago): ?int => $weeks[$ago] ?? null, range(self::WEEKS - 1, 0)), $isFitting,
        );
    }

    /** @return list<ClassMissResource> */
    private function missed(User $reader, Carbon $now): array
    {
        $since = $now->copy()->subWeeks(self::WEEKS_COMPARED)->startOfDay();
        $before = $since->copy()->subWeeks(self::WEEKS_COMPARED);
        $days = $this->tallies->byDay($reader->school_id, $now, $before);
        $isLate = static fn (string $day): bool => $day >= $since->toDateString();
        $hidden = Attempt::hiddenFrom($reader)->where('started_at', '>=', $before);
        $latest = $this->seen($days, $isLate, $hidden->clone()->where('started_at', '>=', $since));
        $then = $this->seen(
            $days, static fn (string $day): bool => ! $isLate($day), $hidden->where('started_at', '<', $since),
        );
        uasort($latest, static fn (ItemTally $a, ItemTally $b): int => $b->missed() * $a->fitted()
            <=> $a->missed() * $b->fitted());
        $names = $this->names($reader);
        $missed = [];
        foreach (array_slice($latest, 0, self::MOST) as $item => $tally) {
            if ($tally->missed() > 0) {
                $before = $then[$item] ?? ItemTally::of([]);
                $missed[] = new ClassMissResource(
                    $item, $names[$item] ?? $item, $tally->fitted(), $tally->missed(), $before->fitted(),
                    $before->missed(),
                );
            }
        }

        return $missed;
    }

    /**
     * @param  array<string, Tallies>  $days
     * @param  callable(string): bool  $isAsked  of a day
     * @param  Builder<Attempt>  $hidden  of those days
     * @return array<string, ItemTally> by item, in the order of their ids
     */
    private function seen(array $days, callable $isAsked, Builder $hidden): array
    {
        $items = Tallies::sum(array_filter($days, $isAsked, ARRAY_FILTER_USE_KEY))
            ->without($this->tallies->of($hidden))->items();
        ksort($items);

        return $items;
    }

    /** @return array<string, string> by item, over all that was walked */
    private function names(User $reader): array
    {
        $names = [];
        $walked = $this->attempts($reader)->toBase()->distinct()->get(['checklist_id', 'vehicle_id']);
        foreach ($walked as $row) {
            /** @var stdClass&object{checklist_id: int, vehicle_id: int} $row */
            $names += $this->inspections->names($row->checklist_id, $row->vehicle_id);
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
