<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt;

use Pasada\Core\Attempt\Marks\MarkList;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Lights\LightPlace;

/** What happened in an attempt, replayed from its marks. Facts only: what they are worth is Scoring's to say. */
final readonly class Walk
{
    /**
     * @param  array<string, Hearing>  $hearings  by item id in the order of naming, for items that were named or waved
     * @param  list<Visit>  $visits  in order
     * @param  array<string, true>  $closedPlaces  places ticked off as done, by id
     * @param  array<string, true>  $shutPlaces  places where, by the return rule, nothing earns credit any more
     * @param  list<Remark>  $remarks
     * @param  list<Reference>  $references  in order
     * @param  array<string, string>  $planted  what was put there for this walk, by item id
     * @param  array<string, string>  $noticed  what the student noticed in time, by item id; empty where only that is
     *   known that something was
     * @param  array<string, list<LightPlace>>  $dark  where lamps were seen dark, by item id; none where not told
     * @param  list<string>  $tooLate  what counts for nothing because it came too late, in words
     * @param  list<Remark>  $flags  what to look at again in the debrief
     */
    public function __construct(
        public array $hearings,
        public array $visits,
        public array $closedPlaces,
        public array $shutPlaces,
        public array $remarks,
        public ?string $currentPlace,
        public int $durationMs,
        public bool $finished,
        public array $references,
        public array $planted,
        public array $noticed,
        public array $flags,
        /** How often the brake tests were begun again, allowed or not. */
        public int $restarts,
        /** Time spent on what is not on the list, in ms. */
        public int $offListMs,
        /** Whether the student is off the list now. */
        public bool $offList,
        public array $tooLate = [],
        public array $dark = [],
    ) {}

    /**
     * The same walk as if of some items nothing had been said.
     *
     * @param  array<string, Hearing>  $hearings  those that are left
     */
    public function hearing(array $hearings): self
    {
        return new self(
            $hearings, $this->visits, $this->closedPlaces, $this->shutPlaces, $this->remarks, $this->currentPlace,
            $this->durationMs, $this->finished, $this->references, $this->planted, $this->noticed, $this->flags,
            $this->restarts, $this->offListMs, $this->offList, $this->tooLate,
            $this->dark,
        );
    }

    public static function replay(Inspection $inspection, MarkList $marks): self
    {
        $replay = new Replay($inspection);
        foreach ($marks->inForce() as $mark) {
            $replay->play($mark);
        }

        return $replay->walk($marks->lastAtMs());
    }
}
