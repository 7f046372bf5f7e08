<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\Model;

use Pasada\Core\Progress\History\PastAttempt;
use Pasada\Core\Progress\History\PastStudent;

/** What was learnt from all attempts of a school: how hard items are, how strict scorers are, how students learn. */
final readonly class School
{
    /** What is earned of an item in part tells so much of what earning it whole would. */
    private const PART_TELLS = 0.3;

    /** Spread of scorers' strictness where too few are known to tell it (logit). */
    private const USUAL_STRICTNESS = 0.25;

    /**
     * @param  array<int, float>  $hardness  logit of each item for a student at the first attempt, by number
     * @param  array<int, float>  $half  share that is earned of each item where it is not earned whole, 0 to 1
     * @param  array<array-key, float>  $strictness  what a scorer takes off, on the logit scale
     * @param  Calibration  $calibration  what the chances to pass are put right by
     */
    public function __construct(
        public Plan $plan,
        public Traits $traits,
        public array $hardness,
        public array $half,
        public array $strictness,
        public Calibration $calibration,
    ) {}

    public function calibratedBy(Calibration $calibration): self
    {
        return new self($this->plan, $this->traits, $this->hardness, $this->half, $this->strictness, $calibration);
    }

    /**
     * Variance of how strict the examination is beside these scorers: nobody can tell how strict all of them together
     * are, and the fewer they are the less.
     */
    public function unknownStrictness(): float
    {
        $count = max(1, count($this->strictness));
        $sum = 0.0;
        foreach ($this->strictness as $one) {
            $sum += $one * $one;
        }

        return ($sum + self::USUAL_STRICTNESS ** 2) / $count / $count;
    }

    /**
     * What is believed of a student after all attempts.
     *
     * @param  callable(Belief, array<int, float>, float): void|null  $before  told of each attempt what was believed,
     *   what was earned and how strict the scorer is, before it is learnt from
     * @param  callable(PastAttempt, float): void|null  $after  told of it what was better than foretold
     */
    public function follow(PastStudent $past, ?callable $before = null, ?callable $after = null): Student
    {
        $student = new Student($this->plan, $this->traits);
        foreach ($past->attempts as $attempt) {
            $student->goTo($attempt->day);
            $shares = $this->shares($attempt->earned);
            $strict = $this->strictness[$attempt->scorer] ?? 0.0;
            if ($before !== null) {
                $before($student->belief(), $shares, $strict);
            }
            $form = $student->learn($shares, $this->hardness, $strict);
            if ($after !== null) {
                $after($attempt, $form);
            }
        }

        return $student;
    }

    /** Chance that an item is earned whole, by what is believed of a student, on a day like any other. */
    public function expects(Belief $belief, int $i, float $strict = 0.0): float
    {
        return Normal::logistic(
            $this->hardness[$i] - $strict + $belief->mean($i, $this->plan),
            $belief->variance($i, $this->plan) + $this->traits->days ** 2,
        );
    }

    /**
     * Whole or not is what counts; of what is not whole a part tells a little.
     *
     * @param  array<string, int>  $earned  by item id; what the checklist does not ask any more is left out
     * @return array<int, float> by number
     */
    public function shares(array $earned): array
    {
        return array_map(
            static fn (int $one): float => $one >= 1000 ? 1.0 : self::PART_TELLS * $one / 1000.0,
            $this->numbered($earned),
        );
    }

    /**
     * @param  array<string, int>  $earned  by item id; what the checklist does not ask any more is left out
     * @return array<int, int> by number, in walking order
     */
    public function numbered(array $earned): array
    {
        $numbered = [];
        foreach ($earned as $id => $permille) {
            $i = $this->plan->numbers[$id] ?? null;
            if ($i !== null) {
                $numbered[$i] = $permille;
            }
        }
        ksort($numbered);

        return $numbered;
    }
}
