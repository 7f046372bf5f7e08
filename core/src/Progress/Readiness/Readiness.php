<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\Readiness;

use Pasada\Core\Checklist\Checklist;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\NothingToInspect;
use Pasada\Core\Progress\History\PastStudent;
use Pasada\Core\Progress\Model\Belief;
use Pasada\Core\Progress\Model\Calibration;
use Pasada\Core\Progress\Model\Plan;
use Pasada\Core\Progress\Model\School;
use Pasada\Core\Progress\Model\SchoolFit;
use Pasada\Core\Vehicle\Vehicle;

/** How ready students are for an examination under a checklist on a vehicle. */
final readonly class Readiness
{
    /** Where no exam is ahead, the answer is for so many days after the last attempt. */
    private const USUAL_DAYS = 7.0;

    /** Minutes that a part takes to practice: heard, said and corrected; a brake test has to be done. */
    private const MINUTES = 1.0;

    private const MINUTES_OF_TEST = 3.0;

    /** What was practiced and is not repeated fades to a third in so many days, at the most. */
    private const LONGEST_KEPT = 90.0;

    private const MOST_DRILLS = 40;

    /** Attempts that are foretold from those before, and students drawn for each: enough to see a lean. */
    private const BACKTESTS = 250;

    private const DRAWS_OF_BACKTEST = 12;

    /** Students who are followed for it. */
    private const BACKTESTED = 100;

    /** A mark that is met so surely is not what a student has to work at. */
    private const NO_DOUBT = 0.98;

    /** A real exam counts as so many attempts: it alone tells how strict the examiners are. */
    private const EXAM_COUNTS = 4;

    /**
     * @param  non-empty-array<string, PassRule>  $rules  by form
     * @param  non-empty-array<string, float>  $weights
     */
    private function __construct(
        public Plan $plan, private Inspection $inspection, private array $rules, private array $weights,
    ) {}

    /** @throws NothingToInspect if the checklist asks nothing of the vehicle */
    public static function under(Checklist $checklist, Vehicle $vehicle): self
    {
        $all = Inspection::of($checklist, $vehicle);
        $plan = Plan::of($all);
        $rules = $weights = [];
        foreach ($checklist->forms->forms as $id => $form) {
            $rules[$id] = PassRule::of(Inspection::of($checklist, $vehicle, $form), $plan);
            $weights[$id] = (float) $form->weight;
        }
        $sum = array_sum($weights);
        if ($rules === [] || $sum <= 0.0) {
            return new self($plan, $all, ['' => PassRule::of($all, $plan)], ['' => 1.0]);
        }

        return new self($plan, $all, $rules, array_map(static fn (float $one): float => $one / $sum, $weights));
    }

    /**
     * What all attempts tell of a school, with its chances put right by what came of attempts that were foretold from
     * those before them.
     *
     * @param  list<PastStudent>  $students
     * @param  callable(int, int): void|null  $progress  steps that are done, and all
     * @param  list<array{float, bool}>  $exams  what had been foretold of real exams, with whether they were passed
     */
    public function school(array $students, ?callable $progress = null, array $exams = []): School
    {
        $school = (new SchoolFit($this->plan, $students))->fit($progress);
        $foretold = $this->foretold($school, $students);
        foreach ($exams as $exam) {
            array_push($foretold, ...array_fill(0, self::EXAM_COUNTS, $exam));
        }

        return $school->calibratedBy(Calibration::fit($foretold));
    }

    /** The place at which an item is said, in words. */
    public function placeOf(string $item): string
    {
        return $this->inspection->place($this->inspection->items[$item]->place)->name ?? '';
    }

    public function name(string $item): string
    {
        return $this->inspection->items[$item]->fullName();
    }

    /**
     * @param  list<PastStudent>  $students
     * @return list<array{float, bool}> chances as the model had them before, with whether it was passed
     */
    private function foretold(School $school, array $students): array
    {
        usort($students, static fn (PastStudent $a, PastStudent $b): int => $a->id <=> $b->id);
        $of = max(1, intdiv(count($students), self::BACKTESTED));
        $students = array_filter($students, static fn (int $n): bool => $n % $of === 0, ARRAY_FILTER_USE_KEY);
        $all = array_sum(array_map(static fn (PastStudent $one): int => max(0, count($one->attempts) - 1), $students));
        $every = max(1.0, $all / self::BACKTESTS);
        $foretold = [];
        [$seen, $next] = [0, 0.0];
        foreach ($students as $past) {
            $n = 0;
            $school->follow($past, function (Belief $belief, array $shares, float $strict) use (
                $school, $past, $every, &$n, &$seen, &$next, &$foretold,
            ): void {
                $attempt = $past->attempts[$n++];
                if ($n < 2 || $seen++ < $next) {
                    return;
                }
                $next += $every;
                foreach ($this->rules as $form => $rule) {
                    $passed = $rule->passed($school->numbered($attempt->earned));
                    if ($passed !== null) {
                        $forecast = Forecast::of(
                            $school, $belief, [$form => $rule], [$form => 1.0], self::DRAWS_OF_BACKTEST, $strict,
                        );
                        $foretold[] = [$forecast->untold(), $passed];

                        return;
                    }
                }
            });
        }

        return $foretold;
    }

    /** What is to be expected of a student; null where nothing was ever earned or missed. */
    public function of(School $school, PastStudent $past): ?StudentReadiness
    {
        $asked = 0;
        foreach ($past->attempts as $attempt) {
            $asked += count($school->shares($attempt->earned));
        }
        $last = $past->attempts === [] ? null : $past->attempts[count($past->attempts) - 1]->day;
        if ($last === null || $asked === 0) {
            return null;
        }
        $isAhead = $past->examOn !== null && $past->examOn >= floor($last);
        $on = $isAhead ? max($last, $past->examOn) : $last + self::USUAL_DAYS;
        $student = $school->follow($past);
        $student->goTo($on);
        $conduct = Conduct::of($this->inspection->checklist->rules, $past->attempts);
        $forecast = Forecast::of(
            $school, $student->belief(), $this->rules, $this->weights, conduct: $conduct->chance(),
        );

        return new StudentReadiness(
            $past, $forecast, $on, $isAhead, $this->limits($forecast, $conduct),
            $this->drills($school, $forecast, $on - $last),
            count($past->attempts), $this->marks($forecast, $conduct),
        );
    }

    /** @return array<string, float> */
    private function marks(Forecast $forecast, Conduct $conduct): array
    {
        $marks = [];
        foreach ($forecast->ofMarks as $form => $chances) {
            foreach ($chances as $n => $chance) {
                $said = $this->rules[$form]->marks[$n]->said();
                $marks[$said] = min($marks[$said] ?? 1.0, $chance);
            }
        }
        $marks += $conduct->marks;
        asort($marks);

        return $marks;
    }

    /** What stands in the way most, in one sentence. */
    private function limits(Forecast $forecast, Conduct $conduct): string
    {
        $worst = null;
        foreach ($forecast->ofMarks as $form => $chances) {
            foreach ($chances as $n => $chance) {
                if ($worst === null || $chance < $worst[0]) {
                    $worst = [$chance, $this->rules[$form]->marks[$n]];
                }
            }
        }
        if ($worst === null) {
            return 'The checklist asks for nothing.';
        }
        foreach ($conduct->marks as $said => $chance) {
            if ($chance < $worst[0]) {
                return sprintf('What is least sure is %s (%d in 100).', $said, (int) round(100 * $chance));
            }
        }
        $weakest = null;
        foreach ($worst[1]->items as $i) {
            $chance = $forecast->item($i)[0];
            $weakest = $weakest === null || $chance < $weakest[0] ? [$chance, $i] : $weakest;
        }
        $part = $weakest === null ? '' : sprintf(
            '%s (%d in 100)', $this->inspection->items[$this->plan->ids[$weakest[1]]]->fullName(),
            (int) round(100 * $weakest[0]),
        );
        if ($worst[0] >= self::NO_DOUBT) {
            return $part === '' ? 'No mark of the checklist is in doubt.'
                : sprintf('No mark of the checklist is in doubt; the part that is least sure is %s.', $part);
        }

        return sprintf(
            'What is least sure is %s (%d in 100)%s.', $worst[1]->said(), (int) round(100 * $worst[0]),
            $part === '' ? '' : '; of its parts '.$part,
        );
    }

    /** @return list<Drill> the largest gain per minute first */
    private function drills(School $school, Forecast $forecast, float $days): array
    {
        $kept = exp(-$days / max(self::LONGEST_KEPT, $school->traits->fading));
        $drills = [];
        foreach ($forecast->gains($kept) as $i => $gain) {
            $id = $this->plan->ids[$i];
            $isTest = str_starts_with($this->inspection->items[$id]->component, 'test.');
            $drills[] = new Drill($id, $isTest ? self::MINUTES_OF_TEST : self::MINUTES, $gain);
        }
        usort($drills, static fn (Drill $a, Drill $b): int => $b->perMinute() <=> $a->perMinute());

        return array_slice($drills, 0, self::MOST_DRILLS);
    }
}
