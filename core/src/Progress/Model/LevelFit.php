<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\Model;

use Pasada\Core\Progress\History\PastStudent;

/**
 * Learns how levels move through time: each attempt is read as one level with its error, and the traits of time are
 * those under which the levels of all students are the most likely, held to starting values.
 */
final readonly class LevelFit
{
    /** The traits that are learnt here. */
    public const TRAITS = ['students', 'learning', 'learners', 'lasting', 'drift', 'forgetting', 'days'];

    /** Students by whom they are learnt; more would only take longer. */
    private const SAMPLE = 150;

    /** Factors by which a trait is tried, the wide ones first. */
    private const STEPS = [2.0, 1.5, 1.25, 1.1, 1.25, 1.1];

    /** A trait stays within a factor of about this of where it begins (natural logarithm), until attempts say else. */
    private const SPREAD = 1.0;

    private const ROUNDS_OF_MODE = 8;

    /** A level is not beyond this, whatever was earned (logit). */
    private const FARTHEST = 6.0;

    /** @var list<list<array{float, float, float}>> days since the attempt before, level and its variance, by student */
    private array $seen;

    /** @param  list<PastStudent>  $students */
    public function __construct(private School $school, array $students)
    {
        $traits = $school->traits;
        $own = $traits->places ** 2 + $traits->components ** 2 + $traits->items ** 2;
        $slope = 1.0 / sqrt(1.0 + M_PI / 8.0 * $own);
        $every = max(1, intdiv(count($students), self::SAMPLE));
        $seen = [];
        foreach ($students as $n => $past) {
            if ($n % $every !== 0) {
                continue;
            }
            $levels = [];
            $last = null;
            foreach ($past->attempts as $attempt) {
                $shares = $school->shares($attempt->earned);
                if ($shares !== []) {
                    [$level, $var] = $this->level($shares, $school->strictness[$attempt->scorer] ?? 0.0, $slope);
                    $levels[] = [$last === null ? 0.0 : $attempt->day - $last, $level, $var];
                }
                $last = $attempt->day;
            }
            $seen[] = $levels;
        }
        $this->seen = $seen;
    }

    /**
     * The level at which what was earned is what would be expected.
     *
     * @param  non-empty-array<int, float>  $shares
     * @return array{float, float} with its variance
     */
    private function level(array $shares, float $strict, float $slope): array
    {
        $level = 0.0;
        $told = 1.0;
        for ($round = 0; $round < self::ROUNDS_OF_MODE; $round++) {
            $lean = -0.02 * $level;
            $told = 0.02;
            foreach ($shares as $i => $share) {
                $p = 1.0 / (1.0 + exp(-$slope * ($this->school->hardness[$i] - $strict + $level)));
                $lean += $slope * ($share - $p);
                $told += $slope * $slope * $p * (1.0 - $p);
            }
            $level = max(-self::FARTHEST, min(self::FARTHEST, $level + $lean / $told));
        }

        return [$level, 1.0 / $told];
    }

    public function fit(): Traits
    {
        $traits = $this->school->traits->startingAt($this->start());
        $best = $this->loss($traits);
        foreach (self::STEPS as $factor) {
            foreach (self::TRAITS as $name) {
                foreach ([$factor, 1.0 / $factor] as $by) {
                    $tried = $traits->times($name, $by);
                    $loss = $this->loss($tried);
                    if ($loss < $best) {
                        [$traits, $best] = [$tried, $loss];
                        break;
                    }
                }
            }
        }

        return $traits;
    }

    /** Mean level of first attempts, as if one more had been at nought. */
    private function start(): float
    {
        $first = array_map(
            static fn (array $levels): float => $levels[0][1],
            array_filter($this->seen, static fn (array $levels): bool => $levels !== []),
        );

        return array_sum($first) / (count($first) + 1);
    }

    /** How unlikely the levels are, each from those before it, with what holds the traits. */
    private function loss(Traits $traits): float
    {
        $loss = 0.0;
        [$first, $values] = [(new Traits)->values(), $traits->values()];
        foreach (self::TRAITS as $name) {
            $loss += 0.5 * (log($values[$name] / $first[$name]) / self::SPREAD) ** 2;
        }
        foreach ($this->seen as $levels) {
            $level = Level::first($traits);
            foreach ($levels as $n => [$days, $seen, $var]) {
                if ($n > 0) {
                    $level = $level->after(max(0.0, $days), $traits);
                }
                $prior = $level->var + $traits->days ** 2;
                $off = $seen - $level->mean;
                $loss += 0.5 * log($prior + $var) + 0.5 * $off * $off / ($prior + $var);
                $share = $prior / ($prior + $var);
                $level = $level->seen($share * $off, $share, $traits);
            }
        }

        return $loss;
    }
}
