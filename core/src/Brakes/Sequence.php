<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes;

/** The brake tests of a checklist in their order. */
final readonly class Sequence
{
    /**
     * @param  list<StepChoice>  $steps
     * @param  int  $restarts  how often the student may begin again from the beginning
     */
    public function __construct(public array $steps, public int $restarts) {}

    /** @return list<StepRule> the steps that this vehicle can be asked, with their limits on it */
    public function rules(bool $combination, bool $hasHandValve): array
    {
        $rules = [];
        foreach ($this->steps as $step) {
            if (($step->test->needsTrailer() && ! $combination) || ($step->test === BrakeTest::TugHand && ! $hasHandValve)) {
                continue;
            }
            $rules[] = StepRule::usual($step->test, $combination)->with($step->low, $step->high, $step->say);
        }

        return $rules;
    }
}
