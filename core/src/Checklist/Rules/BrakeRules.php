<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist\Rules;

use Pasada\Core\Brakes\BrakeTest;
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
        /** How often the student may begin them again. */
        public int $restarts,
        /** What a wrong step costs. */
        public BrakeWeight $weight,
        /** @var list<StepChoice> the tests in their order; empty where the checklist leaves it to the examiner */
        public array $steps = [],
        /** The test from which they are begun again; null for the beginning. */
        public ?BrakeTest $restartFrom = null,
    ) {}
}
