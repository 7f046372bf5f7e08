<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Judging;

use Pasada\Core\Brakes\BrakeTest;

/** The verdict on a run of brake tests. */
final readonly class Judgment
{
    /** @param  list<StepVerdict>  $steps  in the order of the sequence */
    public function __construct(
        public array $steps,
        public Standing $standing,
        /** What broke first; null where nothing did. */
        public ?StepVerdict $cause,
        public int $restarts,
        public int $restartsAllowed,
        /** The step at which it was begun again once too often; null where it was not. */
        public ?BrakeTest $restartedAt = null,
    ) {}

    /** What broke first, with the name of its test, or that it was begun again too often; null where nothing did. */
    public function causeTold(): ?string
    {
        return match (true) {
            $this->cause !== null => $this->cause->test->label().': '.$this->cause->what,
            $this->restarts > $this->restartsAllowed => ($this->restartedAt === null
                ? ''
                : $this->restartedAt->label().': ').$this->tooOften(),
            default => null,
        };
    }

    /**
     * Which tests the student did right, whatever the vehicle showed; left out is what was not come to.
     *
     * @return array<string, bool> by component of the catalogue
     */
    public function byComponent(): array
    {
        $right = [];
        foreach ($this->steps as $step) {
            $component = $step->test->component();
            if ($component !== null && $step->atMs !== null) {
                $right[$component] = ($right[$component] ?? true) && ! $step->isProcedureLost();
            }
        }

        return $right;
    }

    /** Whether what is broken can still be put right by beginning again. */
    public function mayRestart(): bool
    {
        return $this->restarts < $this->restartsAllowed;
    }

    /** Whether the student did every step right, whatever the vehicle showed. */
    public function isProcedureRight(): bool
    {
        return $this->restarts <= $this->restartsAllowed &&
            $this->steps !== [] &&
            array_filter(
                $this->steps,
                static fn (StepVerdict $step): bool => $step->outcome !== Outcome::Met &&
                    ! ($step->outcome === Outcome::Broken && $step->isOfVehicle),
            ) === [];
    }

    /** How the student did, whatever is wrong with the vehicle. */
    public function procedure(): Standing
    {
        $lost = array_filter($this->steps, static fn (StepVerdict $step): bool => $step->isProcedureLost());

        return match (true) {
            $this->restarts > $this->restartsAllowed || $lost !== [] => Standing::Failed,
            $this->isProcedureRight() => Standing::Passed,
            default => Standing::Open,
        };
    }

    /** What the student broke first; null where nothing was. */
    public function procedureCause(): ?string
    {
        $lost = array_values(
            array_filter($this->steps, static fn (StepVerdict $step): bool => $step->isProcedureLost()),
        );
        usort(
            $lost,
            static fn (StepVerdict $a, StepVerdict $b): int => ($a->atMs ?? PHP_INT_MAX) <=> ($b->atMs ?? PHP_INT_MAX),
        );

        return match (true) {
            $lost !== [] => $lost[0]->test->label().': '.$lost[0]->what,
            $this->restarts > $this->restartsAllowed => $this->tooOften(),
            default => null,
        };
    }

    /** @return list<StepVerdict> steps that show that something is wrong with the vehicle */
    public function findings(): array
    {
        return array_values(array_filter($this->steps, static fn (StepVerdict $step): bool => $step->finding !== null));
    }

    public function tooOften(): string
    {
        $times = $this->restarts === 1 ? 'once' : $this->restarts.' times';

        return sprintf('restarted %s, %d allowed', $times, $this->restartsAllowed);
    }
}
