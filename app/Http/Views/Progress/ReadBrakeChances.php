<?php

declare(strict_types=1);

namespace App\Http\Views\Progress;

use App\Http\Resources\Progress\BrakeChanceResource;
use App\Models\Attempt;
use App\Models\BrakePractice;
use App\Models\Student;
use App\Progress\SchoolTallies;
use Illuminate\Support\Carbon;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Progress\Health\ItemTally;
use Pasada\Core\Progress\Health\Tallies;
use Pasada\Core\Progress\Practice\BrakeChance;

/** How a student does in each brake test, in the vehicle and in the simulated cab. */
final readonly class ReadBrakeChances
{
    public function __construct(private SchoolTallies $tallies) {}

    /** @return array{brake_tests: list<BrakeChanceResource>, all_brake_tests: float} with the chance to pass all */
    public function handle(Student $student, Inspection $inspection): array
    {
        $own = $this->tallies->of(Attempt::finished($student->school_id)->where('student_id', $student->id)
            ->tap(Attempt::onceAWalk(...)))->items();
        $all = Tallies::sum($this->tallies->byDay($student->school_id, Carbon::now()))->items();
        $practiced = $this->inCab($student);
        $tests = $chances = [];
        foreach ($inspection->items as $id => $item) {
            if (! str_starts_with($item->component, 'test.')) {
                continue;
            }
            $ofAll = $all[$id] ?? ItemTally::of([]);
            $usual = ($ofAll->whole() + 1.0) / ($ofAll->asked() + 2.0);
            $ofStudent = $own[$id] ?? ItemTally::of([]);
            [$tried, $passed] = [$ofStudent->asked(), $ofStudent->whole()];
            [$inCab, $passedInCab] = $practiced[$item->component] ?? [0, 0];
            $chances[] = $chance = BrakeChance::of($tried, $passed, $inCab, $passedInCab, $usual);
            $tests[] = new BrakeChanceResource(
                $item->fullName(), $tried, $passed, $inCab, $passedInCab, $chance->chance, $chance->low, $chance->high,
            );
        }

        return ['brake_tests' => $tests, 'all_brake_tests' => BrakeChance::ofAll($chances)];
    }

    /** @return array<string, array{int, int}> times tried and done right in the simulated cab, by component */
    private function inCab(Student $student): array
    {
        $counts = [];
        $practices = BrakePractice::query()->where('user_id', $student->user_id ?? 0)->get(['id', 'tests']);
        foreach ($practices as $practice) {
            foreach ($practice->tests ?? [] as $component => $isRight) {
                [$tried, $right] = $counts[$component] ?? [0, 0];
                $counts[$component] = [$tried + 1, $right + ($isRight ? 1 : 0)];
            }
        }

        return $counts;
    }
}
