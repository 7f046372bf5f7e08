<?php

declare(strict_types=1);

namespace App\Http\Views\Progress;

use App\Http\Resources\Progress\ChanceResource;
use App\Http\Resources\Progress\DrillResource;
use App\Http\Resources\Progress\ExamResultResource;
use App\Http\Resources\Progress\MasteryResource;
use App\Http\Resources\Progress\ReadinessResource;
use App\Http\Resources\Progress\ScopeResource;
use App\Http\Resources\Progress\SessionResource;
use App\Http\Resources\Progress\UsualMistakeResource;
use App\Http\Resources\Walk\InspectionResource;
use App\Library\InspectionLibrary;
use App\Models\ExamResult;
use App\Models\Recital;
use App\Models\StoredChecklist;
use App\Models\StoredVehicle;
use App\Models\Student;
use App\Progress\DayNumber;
use App\Progress\SchoolHistory;
use App\Progress\StudentReadinesses;
use Illuminate\Support\Carbon;
use Pasada\Core\Coaching\Coach;
use Pasada\Core\Coaching\UsualMistake;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Progress\History\PastAttempt;
use Pasada\Core\Progress\Practice\Confusions;
use Pasada\Core\Progress\Practice\PracticePlan;
use Pasada\Core\Progress\Practice\Session;
use Pasada\Core\Progress\Readiness\Drill;
use Pasada\Core\Progress\Readiness\ReadinessWriter;
use Pasada\Core\Progress\Readiness\Ready;
use Pasada\Core\Progress\Readiness\StudentReadiness;

/** How ready a student is, why, and what to practice. */
final readonly class ReadReadiness
{
    private const MINUTES = [10.0, 20.0, 40.0];

    private const MINUTES_A_DAY = 20.0;

    private const RECITED_DAYS = 14;

    private const NOT_FITTED = 'The attempts are being worked through for the first time. It comes by itself, '.
        'within some minutes where there are many.';

    public function __construct(
        private StudentReadinesses $readinesses, private SchoolHistory $history,
        private InspectionLibrary $inspections, private ReadBrakeChances $brakes, private ReadHabits $habits,
        private Coach $coach,
    ) {}

    public function handle(
        Student $student, StoredChecklist $checklist, StoredVehicle $vehicle, Carbon $today,
    ): ReadinessResource {
        $inspection = $this->inspections->of($checklist, $vehicle);
        [, $one, $isFitting] = $this->readinesses->of($student, $checklist, $vehicle);
        $past = $this->history->ofStudent($student)->attempts;
        $exams = ExamResult::standing($student->school_id)->where('student_id', $student->id)->get();
        [$low, $high] = $one?->forecast->interval() ?? [null, null];
        $plan = new PracticePlan($one->drills ?? []);
        $today = DayNumber::of(Carbon::parse($today->toDateString()));

        return new ReadinessResource(
            // Nobody is told here what is wrong with a vehicle that is still to be walked.
            InspectionResource::of($inspection->withoutDefects(), $this->coach),
            $checklist->id, $checklist->name, $vehicle->id, $vehicle->name,
            match (true) {
                $isFitting => self::NOT_FITTED,
                $one === null => ReadinessWriter::NOTHING_KNOWN,
                default => null,
            },
            $isFitting,
            $one === null ? null : DayNumber::date($one->on),
            $one !== null && $one->isForExam && $one->on >= $today,
            $one?->forecast->chance(), $low, $high, $one?->forecast->share()[0], $one->limits ?? '',
            $this->forms($one, $inspection), $this->marks($one),
            array_map(static fn (PastAttempt $attempt): string => DayNumber::date($attempt->day), $past),
            array_map(static fn (PastAttempt $attempt): ?float => $attempt->seconds, $past),
            array_map(static fn (PastAttempt $attempt): ?int => $attempt->outOfPlace, $past),
            $one === null ? [] : $this->items($inspection, $one, $past, $today),
            [
                ...Confusions::of(
                    $inspection, array_map(static fn (PastAttempt $attempt): array => $attempt->earned, $past),
                ),
                ...$this->habits->handle($student, $inspection),
            ],
            array_map(
                fn (float $minutes): SessionResource => $this->session(
                    $inspection, null, $plan->now($minutes), $minutes,
                ),
                self::MINUTES,
            ),
            $one === null || ! $one->isForExam ? [] : array_map(
                fn (Session $session): SessionResource => $this->session(
                    $inspection, DayNumber::date($session->on), $session->drills, $session->minutes(),
                ),
                $plan->until($today, floor($one->on), self::MINUTES_A_DAY),
            ),
            ...[...$this->brakes->handle($student, $inspection), ...$this->recited($student, $today)],
            mistakes: $this->mistakes($inspection),
            exams: array_values($exams->sortBy('held_on')->toBase()->map(ExamResultResource::of(...))->all()),
            scopes: ScopeResource::allOf($inspection),
        );
    }

    /** @return array{recited: int, recited_whole: int} in the last days */
    private function recited(Student $student, float $today): array
    {
        $since = Carbon::parse(DayNumber::date($today - self::RECITED_DAYS));
        $earned = Recital::query()
            ->where('student_id', $student->id)
            ->where('recited_at', '>=', $since)
            ->pluck('earned');

        return [
            'recited' => $earned->count(),
            'recited_whole' => $earned->filter(static fn (mixed $one): bool => $one === 1000)->count(),
        ];
    }

    /** @return list<UsualMistakeResource> */
    private function mistakes(Inspection $inspection): array
    {
        $mistakes = [];
        foreach ($inspection->items as $id => $item) {
            $said = UsualMistake::of($inspection, $item);
            if ($said !== null) {
                $mistakes[] = new UsualMistakeResource($id, $said);
            }
        }

        return $mistakes;
    }

    /** @return list<ChanceResource> */
    private function forms(?StudentReadiness $one, Inspection $inspection): array
    {
        $forms = [];
        foreach ($one?->forecast->byForm() ?? [] as $id => $chance) {
            if ($id !== '') {
                $forms[] = new ChanceResource($inspection->checklist->forms->forms[$id]->name, $chance);
            }
        }

        return $forms;
    }

    /** @return list<ChanceResource> */
    private function marks(?StudentReadiness $one): array
    {
        $marks = [];
        foreach ($one->marks ?? [] as $said => $chance) {
            $marks[] = new ChanceResource($said, $chance);
        }

        return $marks;
    }

    /**
     * @param  list<PastAttempt>  $past
     * @return list<MasteryResource>
     */
    private function items(Inspection $inspection, StudentReadiness $one, array $past, float $today): array
    {
        $items = [];
        $number = 0;
        foreach ($inspection->items as $id => $item) {
            [$chance, $low, $high] = $one->forecast->item($number++);
            $earned = $since = [];
            foreach ($past as $attempt) {
                $earned[] = $attempt->earned[$id] ?? null;
                if (($attempt->earned[$id] ?? 0) >= 1000) {
                    $since[] = max(0, (int) floor($today - floor($attempt->day)));
                }
            }
            $items[] = new MasteryResource(
                $id, $item->fullName(), $item->place, $chance, $low, $high, Ready::knows($chance),
                $earned, $since === [] ? null : min($since),
            );
        }

        return $items;
    }

    /** @param  list<Drill>  $drills */
    private function session(Inspection $inspection, ?string $on, array $drills, float $minutes): SessionResource
    {
        return new SessionResource(
            $on, $minutes, array_sum(array_map(static fn (Drill $drill): float => $drill->gain, $drills)),
            array_map(static fn (Drill $drill): DrillResource => new DrillResource(
                $drill->item, $inspection->items[$drill->item]->fullName(), $drill->minutes, $drill->gain,
            ), $drills),
        );
    }
}
