<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes;

/** The brake tests of a checklist in their order. */
final readonly class Sequence
{
    /**
     * @param  list<StepChoice>  $steps
     * @param  int  $restarts  how often the student may begin again
     * @param  BrakeTest|null  $restartFrom  the test from which they are begun again; null for the beginning
     */
    public function __construct(public array $steps, public int $restarts, public ?BrakeTest $restartFrom = null) {}

    /**
     * The same without the other tests.
     *
     * @param  list<BrakeTest>  $tests
     */
    public function only(array $tests): self
    {
        return new self(
            array_values(
                array_filter($this->steps, static fn (StepChoice $step): bool => in_array($step->test, $tests, true)),
            ),
            $this->restarts,
            in_array($this->restartFrom, $tests, true) ? $this->restartFrom : null,
        );
    }

    /** @return list<StepRule> the steps that this vehicle can be asked, with their limits on it */
    public function rules(BrakedVehicle $vehicle): array
    {
        return array_map(
            $vehicle->rule(...),
            array_values(
                array_filter($this->steps, static fn (StepChoice $step): bool => $vehicle->canBeAsked($step->test)),
            ),
        );
    }
}
