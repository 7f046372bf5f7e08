<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist;

use Pasada\Core\Brakes\Sequence;
use Pasada\Core\Brakes\StepChoice;

/** How the brake tests stand in the inspection. */
final readonly class BrakeRules
{
    /** Most restarts that are known in use. */
    public const MOST_RESTARTS = 2;

    public function __construct(
        /** Id of the section that holds them. */
        public string $section,
        public BrakeSequence $sequence,
        public TugSequence $tug,
        /** How often the student may begin them again; always from the beginning. */
        public int $restarts,
        /** Any wrong step fails the inspection; else they are points like the rest. */
        public bool $critical,
        /** @var list<StepChoice> the tests in their order; empty where the checklist leaves it to the examiner */
        public array $steps = [],
    ) {}

    public function sequence(): Sequence
    {
        return new Sequence($this->steps, $this->restarts);
    }
}
