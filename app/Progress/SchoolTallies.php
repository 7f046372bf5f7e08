<?php

declare(strict_types=1);

namespace App\Progress;

use App\Models\Attempt;
use App\Models\DayTally;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;
use Pasada\Core\Progress\Health\Tallies;
use stdClass;

/**
 * How items went in a school's finished walks, day by day. A day is counted once and kept; it is counted anew once a
 * walk of it was added, amended, voided or erased, which its stamp tells. So nobody has to remember to count.
 */
final readonly class SchoolTallies
{
    /**
     * Once a walk; what is dated after tomorrow was dated wrong and tells nothing.
     *
     * @return array<string, Tallies> by day (UTC), the oldest first
     */
    public function byDay(int $schoolId, Carbon $now, ?Carbon $from = null): array
    {
        $stamps = $this->stamps($schoolId, $now, $from);
        if ($stamps === []) {
            return [];
        }
        $tallies = [];
        $rows = DayTally::ofSchool($schoolId)->where('day', '>=', array_key_first($stamps))->get();
        foreach ($rows as $row) {
            if (($stamps[$row->day] ?? null) === $row->stamp) {
                /** @var array{attempts: int, scorers: array<array-key, array<string, list<int>>>} $kept */
                $kept = json_decode($row->tallies, true, flags: JSON_THROW_ON_ERROR);
                $tallies[$row->day] = Tallies::read($kept);
            }
        }
        $tallies += $this->count($schoolId, array_diff_key($stamps, $tallies));
        ksort($tallies);

        return $tallies;
    }

    /** @param  Builder<Attempt>  $attempts  finished ones; few of them, for nothing is kept */
    public function of(Builder $attempts): Tallies
    {
        return Tallies::sum(array_map(Tallies::sum(...), $this->walks($attempts)));
    }

    /** @return array<string, string> by day; it changes with every walk of the day that counts, or counts no more */
    private function stamps(int $schoolId, Carbon $now, ?Carbon $from): array
    {
        $days = $this->attempts($schoolId)->toBase()
            ->join('attempt_results', 'attempt_results.attempt_id', '=', 'attempts.id')
            ->where('started_at', '<=', $now->copy()->addDay())
            ->groupBy('day')->orderBy('day')
            ->selectRaw('date(started_at) as day,
                concat(count(*), "-", bit_xor(crc32(concat(attempts.id, scorer_id, projected_at)))) as stamp');
        if ($from !== null) {
            $days->where('started_at', '>=', $from->copy()->startOfDay());
        }
        $stamps = [];
        foreach ($days->get() as $row) {
            /** @var stdClass&object{day: string, stamp: string} $row */
            $stamps[$row->day] = $row->stamp;
        }

        return $stamps;
    }

    /**
     * @param  array<string, string>  $stamps  of days that are not kept as they are
     * @return array<string, Tallies>
     */
    private function count(int $schoolId, array $stamps): array
    {
        $tallies = [];
        foreach ($this->together($stamps) as $days) {
            $walks = $this->walks($this->attempts($schoolId)->where(
                static function (Builder $query) use ($days): void {
                    foreach (array_keys($days) as $day) {
                        $from = Carbon::parse($day);
                        $query->orWhereBetween('started_at', [$from, $from->copy()->endOfDay()]);
                    }
                },
            ));
            $rows = [];
            foreach ($days as $day => $stamp) {
                $tallies[$day] = Tallies::sum($walks[$day] ?? []);
                $rows[] = [
                    'school_id' => $schoolId, 'day' => $day, 'stamp' => $stamp,
                    'tallies' => json_encode($tallies[$day]->write(), JSON_THROW_ON_ERROR),
                ];
            }
            DayTally::query()->upsert($rows, ['school_id', 'day'], ['stamp', 'tallies']);
        }

        return $tallies;
    }

    /**
     * @param  array<string, string>  $stamps  by day
     * @return list<array<string, string>> days whose walks are read together
     */
    private function together(array $stamps): array
    {
        $groups = $group = [];
        $walks = 0;
        foreach ($stamps as $day => $stamp) {
            $walks += (int) $stamp;
            if ($group !== [] && $walks > WalkOutcomes::AT_ONCE) {
                $groups[] = $group;
                $group = [];
                $walks = (int) $stamp;
            }
            $group[$day] = $stamp;
        }
        if ($group !== []) {
            $groups[] = $group;
        }

        return $groups;
    }

    /**
     * @param  Builder<Attempt>  $attempts
     * @return array<string, list<Tallies>> one of each walk, by day
     */
    private function walks(Builder $attempts): array
    {
        $of = $attempts->toBase()->selectRaw('attempts.id, scorer_id, date(started_at) as day')->get();
        $outcomes = WalkOutcomes::of(array_values(array_filter($of->pluck('id')->all(), is_string(...))));
        $walks = [];
        foreach ($of as $attempt) {
            /** @var stdClass&object{id: string, scorer_id: int, day: string} $attempt */
            $walks[$attempt->day][] = Tallies::ofAttempt(
                (string) $attempt->scorer_id, $outcomes[$attempt->id] ?? [],
            );
        }

        return $walks;
    }

    /** @return Builder<Attempt> */
    private function attempts(int $schoolId): Builder
    {
        return Attempt::finished($schoolId)->tap(Attempt::onceAWalk(...));
    }
}
