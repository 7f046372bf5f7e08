<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\Yard;

/** A planned week with what it brings. */
final readonly class YardPlan
{
    /** Nobody is surer to pass than this. */
    private const SUREST = 0.99;

    /** @param  list<PlannedWalk>  $walks  in order of time */
    public function __construct(public YardWeek $week, public array $walks) {}

    /** @return list<float> what each walk adds to its student's chance, in the order of the walks */
    public function gains(): array
    {
        $before = [];
        $gains = [];
        foreach ($this->walks as $walk) {
            $times = $before[$walk->student] ?? 0;
            $gains[] = $this->week->learners[$walk->student]->gainOf($this->week->slots[$walk->slot], $times);
            $before[$walk->student] = $times + 1;
        }

        return $gains;
    }

    /** Students who are expected to pass. */
    public function expectedPasses(): float
    {
        $chances = array_map(static fn (Learner $one): float => $one->chance, $this->week->learners);
        foreach ($this->gains() as $n => $gain) {
            $student = $this->walks[$n]->student;
            $chances[$student] = max($chances[$student], min(self::SUREST, $chances[$student] + $gain));
        }

        return array_sum($chances);
    }

    /** Students who are expected to pass where nobody walks. */
    public function withoutWalks(): float
    {
        return (new self($this->week, []))->expectedPasses();
    }

    /** @return list<array{string, string}> who has no walk, and why */
    public function unplaced(): array
    {
        $placed = array_flip(array_map(static fn (PlannedWalk $walk): string => $walk->student, $this->walks));
        $unplaced = [];
        foreach ($this->week->learners as $learner) {
            if (! isset($placed[$learner->id])) {
                $unplaced[] = [$learner->id, self::whyNot($this->week, $learner)];
            }
        }

        return $unplaced;
    }

    private static function whyNot(YardWeek $week, Learner $learner): string
    {
        $can = false;
        foreach ($week->slots as $slot) {
            foreach ($week->vehicles as $vehicle) {
                $can = $can || ($vehicle->isFree($slot) && $learner->canWalk($slot, $vehicle->id));
            }
        }

        return $can
            ? 'others gain more by the slots that there are'
            : 'no slot before the exam in which the student and a vehicle of theirs are there';
    }
}
