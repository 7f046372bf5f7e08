<?php

declare(strict_types=1);

namespace App\Http\Views\Progress;

use App\Http\Resources\Progress\BrakeChanceResource;
use App\Models\Attempt;
use App\Models\BrakePractice;
use App\Models\ItemOutcomeRow;
use App\Models\Student;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Progress\Practice\BrakeChance;
use Pasada\Core\Scoring\ItemStatus;
use stdClass;

/** How a student does in each brake test, in the vehicle and in the simulated cab. */
final readonly class ReadBrakeChances
{
    private const TESTS = 'test.%';

    /** @return array{brake_tests: list<BrakeChanceResource>, all_brake_tests: float} with the chance to pass all */
    public function handle(Student $student, Inspection $inspection): array
    {
        $of = static fn (?int $studentId): array => ItemOutcomeRow::query()->toBase()
            ->whereIn('attempt_id', Attempt::finished($student->school_id)
                ->tap(Attempt::onceAWalk(...))
                ->when($studentId !== null, static fn ($query) => $query->where('student_id', $studentId))
                ->select('attempts.id'))
            ->where('item', 'like', self::TESTS)
            ->whereNotIn('status', [ItemStatus::NotFitted->value, ItemStatus::NotReached->value])
            ->groupBy('item')
            ->selectRaw('item, count(*) as tried, cast(sum(earned >= possible) as signed) as passed')
            ->get()->keyBy('item')->all();
        /** @var array<string, stdClass&object{tried: int, passed: int}> $own */
        $own = $of($student->id);
        /** @var array<string, stdClass&object{tried: int, passed: int}> $all */
        $all = $of(null);
        $practiced = $this->inCab($student);
        $tests = $chances = [];
        foreach ($inspection->items as $id => $item) {
            if (! str_starts_with($item->component, 'test.')) {
                continue;
            }
            $usual = (($all[$id]->passed ?? 0) + 1.0) / (($all[$id]->tried ?? 0) + 2.0);
            [$tried, $passed] = [$own[$id]->tried ?? 0, $own[$id]->passed ?? 0];
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
