<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\Model;

use Pasada\Core\Progress\History\PastAttempt;
use Pasada\Core\Progress\History\PastStudent;

/**
 * Learns a school's model from its attempts: by how well each attempt is foretold from those before it. The same
 * attempts give the same model.
 */
final class SchoolFit
{
    /** Students by whom traits are learnt; more would only take longer. */
    private const SAMPLE = 16;

    private const MOST_ATTEMPTS = 8;

    /** Rounds in which hardness and strictness are settled. */
    private const ROUNDS = 3;

    /** An item is as hard as all, give or take so much (logit), until its outcomes say otherwise. */
    private const SPREAD_OF_ITEMS = 1.2;

    /** A scorer is as strict as all, as if that had been seen in so many attempts. */
    private const HELD_BY = 4.0;

    /** A trait stays within a factor of about this of where it begins, until the attempts say otherwise. */
    private const SPREAD_OF_TRAITS = 0.8;

    /** Outcomes of one attempt hang together: so many of them tell as much as all. */
    private const OUTCOMES_OF_ATTEMPT = 25.0;

    /** @var list<PastStudent> */
    private readonly array $students;

    /** @param  list<PastStudent>  $students  in any order */
    public function __construct(private readonly Plan $plan, array $students)
    {
        usort($students, static fn (PastStudent $a, PastStudent $b): int => $a->id <=> $b->id);
        $this->students = array_values(
            array_filter($students, static fn (PastStudent $one): bool => $one->attempts !== []),
        );
    }

    /** @param  callable(int, int): void|null  $progress  steps that are done, and all */
    public function fit(?callable $progress = null): School
    {
        $school = new School($this->plan, new Traits, $this->firstHardness(), $this->halves(), [], Calibration::none());
        $sample = $this->sample();
        $names = array_diff(array_keys($school->traits->values()), LevelFit::TRAITS);
        $steps = 2 + ($sample === [] ? 0 : 2 * count($names));
        $done = 0;
        $tell = static function () use (&$done, $steps, $progress): void {
            $done++;
            if ($progress !== null) {
                $progress($done, $steps);
            }
        };
        $school = $this->timed($this->settled($school, $sample, self::ROUNDS));
        $tell();
        $best = $this->loss($school, $sample);
        foreach ($sample === [] ? [] : [1.8, 1.3] as $factor) {
            foreach ($names as $name) {
                foreach ([$factor, 1.0 / $factor] as $by) {
                    $tried = $this->with($school, $school->traits->times($name, $by));
                    $loss = $this->loss($tried, $sample);
                    if ($loss < $best) {
                        [$school, $best] = [$tried, $loss];
                        break;
                    }
                }
                $tell();
            }
            $school = $this->timed($this->settled($school, $sample, 1));
            $best = $this->loss($school, $sample);
        }
        $school = $this->settled($school, $this->students, 1);
        $tell();

        return $school;
    }

    /** @return list<PastStudent> spread evenly over all */
    private function sample(): array
    {
        $count = count($this->students);
        $sample = [];
        for ($n = 0; $n < min(self::SAMPLE, $count); $n++) {
            $one = $this->students[intdiv($n * $count, min(self::SAMPLE, $count))];
            $sample[] = new PastStudent($one->id, $one->examOn, array_slice($one->attempts, 0, self::MOST_ATTEMPTS));
        }

        return $sample;
    }

    /** @return array<int, float> by the share of first attempts in which each was earned, held to that of all */
    private function firstHardness(): array
    {
        $earned = $asked = array_fill(0, count($this->plan->ids), 0.0);
        foreach ($this->students as $student) {
            foreach (array_slice($student->attempts, 0, 2) as $attempt) {
                foreach ($attempt->earned as $id => $permille) {
                    $i = $this->plan->numbers[$id] ?? null;
                    if ($i !== null) {
                        $asked[$i]++;
                        $earned[$i] += $permille >= 1000 ? 1.0 : 0.0;
                    }
                }
            }
        }
        // As if ten had been seen of which seven were earned, where nothing was.
        $all = (array_sum($earned) + 7.0) / (array_sum($asked) + 10.0);

        return array_map(static function (float $e, float $n) use ($all): float {
            $share = ($e + 6.0 * $all) / ($n + 6.0);

            return log(($share + 0.01) / (1.0 - $share + 0.01));
        }, $earned, $asked);
    }

    /** @return array<int, float> the share of what is not whole, by item, held to that of all */
    private function halves(): array
    {
        $sum = $count = array_fill(0, count($this->plan->ids), 0.0);
        foreach ($this->students as $student) {
            foreach ($student->attempts as $attempt) {
                foreach ($attempt->earned as $id => $permille) {
                    $i = $this->plan->numbers[$id] ?? null;
                    if ($i !== null && $permille < 1000) {
                        $sum[$i] += $permille / 1000.0;
                        $count[$i]++;
                    }
                }
            }
        }
        $all = (array_sum($sum) + 0.5) / (array_sum($count) + 2.0);

        return array_map(static fn (float $s, float $n): float => ($s + 8.0 * $all) / ($n + 8.0), $sum, $count);
    }

    /** The same with what its levels tell of time. */
    private function timed(School $school): School
    {
        return $this->with($school, (new LevelFit($school, $this->students))->fit());
    }

    private function with(School $school, Traits $traits): School
    {
        return new School(
            $this->plan, $traits, $school->hardness, $school->half, $school->strictness, $school->calibration,
        );
    }

    /**
     * Moves hardness and strictness to where the attempts are foretold without a lean.
     *
     * @param  list<PastStudent>  $students
     */
    private function settled(School $school, array $students, int $rounds): School
    {
        for ($round = 0; $round < $rounds; $round++) {
            $lean = $weight = array_fill(0, count($this->plan->ids), 0.0);
            $forms = $times = [];
            $before = static function (Belief $belief, array $shares, float $strict) use (
                $school, &$lean, &$weight,
            ): void {
                /** @var array<int, float> $shares */
                foreach ($shares as $i => $share) {
                    $p = $school->expects($belief, $i, $strict);
                    $lean[$i] += $share - $p;
                    $weight[$i] += $p * (1.0 - $p);
                }
            };
            $after = static function (PastAttempt $attempt, float $form) use (&$forms, &$times): void {
                $forms[$attempt->scorer] = ($forms[$attempt->scorer] ?? 0.0) + $form;
                $times[$attempt->scorer] = ($times[$attempt->scorer] ?? 0) + 1;
            };
            foreach ($students as $past) {
                $school->follow($past, $before, $after);
            }
            $hardness = [];
            foreach ($school->hardness as $i => $one) {
                $hardness[] = $one + $lean[$i] / ($weight[$i] + 1.0 / self::SPREAD_OF_ITEMS ** 2);
            }
            $school = new School(
                $this->plan, $school->traits, $hardness, $school->half,
                $this->strictness($school->strictness, $forms, $times), $school->calibration,
            );
        }

        return $school;
    }

    /**
     * @param  array<array-key, float>  $before
     * @param  array<array-key, float>  $forms  sum of what was better than foretold, by scorer
     * @param  array<array-key, int>  $times
     * @return array<array-key, float> around nought: how strict all are together is told by how hard the items are
     */
    private function strictness(array $before, array $forms, array $times): array
    {
        if (count($times) < 2) {
            return [];
        }
        $strictness = [];
        foreach ($forms as $scorer => $form) {
            $strictness[$scorer] = ($before[$scorer] ?? 0.0) - $form / ($times[$scorer] + self::HELD_BY);
        }
        $weighed = 0.0;
        foreach ($strictness as $scorer => $one) {
            $weighed += $one * $times[$scorer];
        }
        $mean = $weighed / array_sum($times);

        return array_map(static fn (float $one): float => $one - $mean, $strictness);
    }

    /**
     * How badly each attempt is foretold from those before it: item by item, and as a share of the whole.
     *
     * @param  list<PastStudent>  $students
     */
    private function loss(School $school, array $students): float
    {
        $loss = 0.0;
        $first = (new Traits)->values();
        foreach ($school->traits->values() as $name => $value) {
            $loss += 0.5 * (log($value / $first[$name]) / self::SPREAD_OF_TRAITS) ** 2;
        }
        $before = function (Belief $belief, array $shares, float $strict) use ($school, &$loss): void {
            /** @var array<int, float> $shares */
            $loss += $shares === [] ? 0.0 : $this->surprise($school, $belief, $shares, $strict);
        };
        foreach ($students as $past) {
            $school->follow($past, $before);
        }

        return $loss;
    }

    /** @param  non-empty-array<int, float>  $shares */
    private function surprise(School $school, Belief $belief, array $shares, float $strict): float
    {
        $count = count($shares);
        $items = $mean = $earned = $noise = 0.0;
        $slopes = [];
        foreach ($shares as $i => $share) {
            $p = $school->expects($belief, $i, $strict);
            $items -= $share * log($p + 1e-9) + (1.0 - $share) * log(1.0 - $p + 1e-9);
            $mean += $p;
            $earned += $share;
            $steep = $p * (1.0 - $p);
            $noise += $steep;
            $k = $this->plan->places[$i];
            $slopes[$k] = ($slopes[$k] ?? 0.0) + $steep;
        }
        $spread = $noise + $noise ** 2 * ($belief->levelVar + $school->traits->days ** 2);
        foreach ($slopes as $k => $one) {
            $spread += $one ** 2 * $belief->placeVar[$k];
        }

        return self::OUTCOMES_OF_ATTEMPT * $items / $count + 0.5 * log($spread / $count ** 2)
            + 0.5 * ($earned - $mean) ** 2 / $spread;
    }
}
