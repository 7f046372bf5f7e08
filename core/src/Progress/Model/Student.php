<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\Model;

/**
 * What is believed of one student: a level with its trend, and what is peculiar to places, components and items, each
 * as a mean with a variance on the logit scale. It is moved on through the days and learns from attempts.
 *
 * A hierarchical logistic model with random effects, followed through time as a Kalman filter follows a state; the
 * likelihood of an attempt is met by its mode and curvature (Laplace). See docs/progress.md for sources.
 */
final class Student
{
    /** Rounds of the search for the mode; the layers are searched in turn. */
    private const ROUNDS = 4;

    /** An outcome tells at least so much, however sure it was: a slip can happen to anybody. */
    private const LEAST_WEIGHT = 0.02;

    private Level $level;

    /** @var array<int, float> */
    private array $place;

    /** @var array<int, float> */
    private array $placeVar;

    /** @var array<int, float> */
    private array $component;

    /** @var array<int, float> */
    private array $componentVar;

    /** @var array<int, float> */
    private array $item;

    /** @var array<int, float> */
    private array $itemVar;

    private ?float $day = null;

    public function __construct(private readonly Plan $plan, private readonly Traits $traits)
    {
        $this->level = Level::first($traits);
        $this->place = array_fill(0, $plan->placeCount, 0.0);
        $this->placeVar = array_fill(0, $plan->placeCount, $traits->places ** 2);
        $this->component = array_fill(0, $plan->componentCount, 0.0);
        $this->componentVar = array_fill(0, $plan->componentCount, $traits->components ** 2);
        $count = count($plan->ids);
        $this->item = array_fill(0, $count, 0.0);
        $this->itemVar = array_fill(0, $count, $traits->items ** 2);
    }

    /** Moves on to the next attempt on a day: what was learnt meanwhile, and what was forgotten. */
    public function goTo(float $day): void
    {
        if ($this->day === null) {
            $this->day = $day;

            return;
        }
        $days = max(0.0, $day - $this->day);
        $this->day = $day;
        $this->level = $this->level->after($days, $this->traits);
        $keeps = $this->traits->keeping;
        foreach ($this->place as $k => $mean) {
            $this->place[$k] = $keeps * $mean;
            $this->placeVar[$k] = self::faded($this->placeVar[$k], $keeps, $this->traits->places)
                + $this->traits->shifts ** 2;
        }
        foreach ($this->component as $c => $mean) {
            $this->component[$c] = $keeps * $mean;
            $this->componentVar[$c] = self::faded($this->componentVar[$c], $keeps, $this->traits->components);
        }
        $ofDay = $keeps * exp(-$days / $this->traits->fading);
        foreach ($this->item as $i => $mean) {
            $this->item[$i] = $ofDay * $mean;
            $this->itemVar[$i] = self::faded($this->itemVar[$i], $ofDay, $this->traits->items);
        }
    }

    private static function faded(float $variance, float $keeps, float $spread): float
    {
        return $keeps * $keeps * $variance + (1.0 - $keeps * $keeps) * $spread * $spread;
    }

    /**
     * Takes in an attempt.
     *
     * @param  array<int, float>  $earned  share of each item that was asked, 0 to 1, by number
     * @param  array<int, float>  $hardness  logit of each item for a student of level 0
     * @param  float  $strictness  what the scorer takes off, on the logit scale
     * @return float the form of the day with what was not foreseen of the level: for the scorer's strictness
     */
    public function learn(array $earned, array $hardness, float $strictness): float
    {
        $traits = $this->traits;
        $prior = $this->level->var + $traits->days ** 2;
        [$places, $components] = [$this->plan->places, $this->plan->components];
        $all = $this->level->mean;
        [$place, $component, $item] = [$this->place, $this->component, $this->item];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $gradient = ($this->level->mean - $all) / $prior;
            $curve = 1.0 / $prior;
            foreach ($earned as $i => $share) {
                $p = 1.0 / (1.0 + exp(-($hardness[$i] - $strictness + $all + $place[$places[$i]]
                    + $component[$components[$i]] + $item[$i])));
                $gradient += $share - $p;
                $curve += max(self::LEAST_WEIGHT, $p * (1.0 - $p));
            }
            $all += $gradient / $curve;
            $sumOfPlace = $weightOfPlace = $sumOfComponent = $weightOfComponent = [];
            foreach ($earned as $i => $share) {
                $k = $places[$i];
                $p = 1.0 / (1.0 + exp(-($hardness[$i] - $strictness + $all + $place[$k]
                    + $component[$components[$i]] + $item[$i])));
                $sumOfPlace[$k] = ($sumOfPlace[$k] ?? 0.0) + $share - $p;
                $weightOfPlace[$k] = ($weightOfPlace[$k] ?? 0.0) + max(self::LEAST_WEIGHT, $p * (1.0 - $p));
            }
            foreach ($sumOfPlace as $k => $sum) {
                $place[$k] += ($sum + ($this->place[$k] - $place[$k]) / $this->placeVar[$k])
                    / ($weightOfPlace[$k] + 1.0 / $this->placeVar[$k]);
            }
            foreach ($earned as $i => $share) {
                $c = $components[$i];
                $p = 1.0 / (1.0 + exp(-($hardness[$i] - $strictness + $all + $place[$places[$i]]
                    + $component[$c] + $item[$i])));
                $w = max(self::LEAST_WEIGHT, $p * (1.0 - $p));
                $sumOfComponent[$c] = ($sumOfComponent[$c] ?? 0.0) + $share - $p;
                $weightOfComponent[$c] = ($weightOfComponent[$c] ?? 0.0) + $w;
                $item[$i] += ($share - $p + ($this->item[$i] - $item[$i]) / $this->itemVar[$i])
                    / ($w + 1.0 / $this->itemVar[$i]);
            }
            foreach ($sumOfComponent as $c => $sum) {
                $component[$c] += 0.7 * ($sum + ($this->component[$c] - $component[$c]) / $this->componentVar[$c])
                    / ($weightOfComponent[$c] + 1.0 / $this->componentVar[$c]);
            }
        }
        $before = $this->level->mean;
        $this->narrow($earned, $hardness, $strictness, $all, $place, $component, $item);

        return $all - $before;
    }

    /**
     * Takes the mode over, and the curvature there as the new variances.
     *
     * @param  array<int, float>  $earned
     * @param  array<int, float>  $hardness
     * @param  array<int, float>  $place
     * @param  array<int, float>  $component
     * @param  array<int, float>  $item
     */
    private function narrow(
        array $earned, array $hardness, float $strictness, float $all, array $place, array $component, array $item,
    ): void {
        $ofPlace = $ofComponent = [];
        foreach (array_keys($earned) as $i) {
            [$k, $c] = [$this->plan->places[$i], $this->plan->components[$i]];
            $p = 1.0 / (1.0 + exp(-($hardness[$i] - $strictness + $all + $place[$k] + $component[$c] + $item[$i])));
            $noise = 1.0 / max(self::LEAST_WEIGHT, $p * (1.0 - $p));
            $ofPlace[$k] = ($ofPlace[$k] ?? 0.0) + 1.0 / ($noise + $this->itemVar[$i] + $this->componentVar[$c]);
            $ofComponent[$c] = ($ofComponent[$c] ?? 0.0) + 1.0 / ($noise + $this->itemVar[$i]);
            $this->itemVar[$i] = 1.0 / (1.0 / $noise + 1.0 / $this->itemVar[$i]);
        }
        $told = 0.0;
        foreach ($ofPlace as $k => $precision) {
            $told += 1.0 / (1.0 / $precision + $this->placeVar[$k]);
            $this->placeVar[$k] = 1.0 / ($precision + 1.0 / $this->placeVar[$k]);
        }
        foreach ($ofComponent as $c => $precision) {
            $this->componentVar[$c] = 1.0 / ($precision + 1.0 / $this->componentVar[$c]);
        }
        [$this->place, $this->component, $this->item] = [$place, $component, $item];
        $prior = $this->level->var + $this->traits->days ** 2;
        $this->level = $this->level->seen(
            $all - $this->level->mean, 1.0 - 1.0 / ($told + 1.0 / $prior) / $prior, $this->traits,
        );
    }

    public function belief(): Belief
    {
        return new Belief(
            $this->level->mean, $this->level->var, $this->place, $this->placeVar, $this->component, $this->componentVar,
            $this->item, $this->itemVar,
        );
    }
}
