<?php

declare(strict_types=1);

namespace App\Library;

use App\Models\StoredChecklist;
use Pasada\Core\Brakes\Air\CabDrill;
use Pasada\Core\Brakes\Air\CabFault;
use Pasada\Core\Brakes\Events\BrakeEvent;
use Pasada\Core\Brakes\Judging\Judge;
use Pasada\Core\Brakes\Judging\Judgment;
use Pasada\Core\Brakes\Sequence;
use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Fault;

/** A practice in the simulated cab with its judgment, and whether what was wrong with the truck was found. */
final readonly class JudgedPractice
{
    /** @param  list<BrakeEvent>  $controls */
    private function __construct(
        public AirCab $cab,
        public array $controls,
        public Sequence $sequence,
        public Judgment $judgment,
        /** What was wrong with the truck; null where nothing was. */
        public ?CabFault $fault,
        /** What the student says is wrong with it. */
        public ?CabFault $suspected,
        /** Whether that was it; null where nothing was hidden. */
        public ?bool $found,
        /** The part of the sequence that was practiced; null for all of it. */
        public ?CabDrill $drill,
    ) {}

    /**
     * @param  list<BrakeEvent>  $controls
     * @param  bool  $wasHidden  whether the student was not told what is wrong
     */
    public static function of(
        AirCab $cab,
        StoredChecklist $checklist,
        array $controls,
        ?CabFault $suspected,
        bool $wasHidden,
        ?CabDrill $drill = null,
    ): self {
        $fault = HiddenFaults::fault($cab->sealed);
        $whole = (new ChecklistReader)->readKept($checklist->document, $checklist->slug)->brakeSequence();
        $sequence = $drill?->of($whole) ?? $whole;
        if ($drill !== null && $sequence->steps === []) {
            throw DocumentHasFaults::in('drill', [
                Fault::at('drill', 'has none of the tests of this checklist; choose another, or the whole sequence'),
            ]);
        }
        $judgment = (new Judge($sequence, $cab->braked))->judge($cab->practice()->observed($controls));
        $found = $fault === null || ! $wasHidden ? null : $suspected === $fault;

        return new self($cab, $controls, $sequence, $judgment, $fault, $suspected, $found, $drill);
    }
}
