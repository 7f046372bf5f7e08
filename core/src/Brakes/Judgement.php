<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes;

/** The verdict on a run of brake tests. */
final readonly class Judgement
{
    /** @param  list<StepVerdict>  $steps  in the order of the sequence */
    public function __construct(
        public array $steps,
        /** "passed", "failed", or "open" while steps are to come. */
        public string $standing,
        /** What broke first; null where nothing did. */
        public ?StepVerdict $cause,
        public int $restarts,
        public int $restartsAllowed,
    ) {}

    /** What broke first, with the name of its test, or that it was begun again too often; null where nothing did. */
    public function causeTold(): ?string
    {
        return match (true) {
            $this->cause !== null => $this->cause->test->label().': '.$this->cause->what,
            $this->restarts > $this->restartsAllowed => sprintf('begun again %d times, %d allowed', $this->restarts, $this->restartsAllowed),
            default => null,
        };
    }

    /** Whether what is broken can still be put right by beginning again. */
    public function mayRestart(): bool
    {
        return $this->restarts < $this->restartsAllowed;
    }
}
