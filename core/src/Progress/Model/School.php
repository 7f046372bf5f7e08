<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\Model;

use Pasada\Core\Progress\History\PastStudent;

/** What was learnt from all attempts of a school: how hard items are, how strict scorers are, how students learn. */
final readonly class School
{
    /** What is earned of an item in part tells so much of what earning it whole would. */
    private const PART_TELLS = 0.3;

    /**
     * @param  array<int, float>  $hardness  logit of each item for a student at the first attempt, by number
     * @param  array<int, float>  $half  share that is earned of each item where it is not earned whole, 0 to 1
     * @param  array<string, float>  $strictness  what a scorer takes off, on the logit scale
     */
    public function __construct(
        public Plan $plan,
        public Traits $traits,
        public array $hardness,
        public array $half,
        public array $strictness,
    ) {}

    public function student(): Student
    {
        return new Student($this->plan, $this->traits);
    }

    /** What is believed of a student after all attempts. */
    public function follow(PastStudent $past): Student
    {
        $student = $this->student();
        foreach ($past->attempts as $attempt) {
            $student->goTo($attempt->day);
            $student->learn(
                $this->shares($attempt->earned), $this->hardness, $this->strictness[$attempt->scorer] ?? 0.0,
            );
        }

        return $student;
    }

    /**
     * Whole or not is what counts; of what is not whole a part tells a little.
     *
     * @param  array<string, int>  $earned  by item id; what the checklist does not ask any more is left out
     * @return array<int, float> by number
     */
    public function shares(array $earned): array
    {
        $shares = [];
        foreach ($earned as $id => $permille) {
            $i = $this->plan->numbers[$id] ?? null;
            if ($i !== null) {
                $shares[$i] = $permille >= 1000 ? 1.0 : self::PART_TELLS * $permille / 1000.0;
            }
        }
        ksort($shares);

        return $shares;
    }
}
