<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Tests;

use Pasada\Core\Brakes\BrakedVehicle;
use Pasada\Core\Brakes\Judging\Run;
use Pasada\Core\Brakes\Judging\StepVerdict;
use Pasada\Core\Brakes\StepRule;
use Pasada\Core\Brakes\StepSetting;
use Pasada\Core\Brakes\TestKind;

/** All that is particular to one brake test. */
interface Procedure
{
    public function label(): string;

    /** Component of the catalogue that the test is scored as; null where the catalogue has none. */
    public function component(): ?string;

    public function kind(): TestKind;

    public function canBeAskedOf(BrakedVehicle $vehicle): bool;

    /** What it needs, what has to be said and its limits, where a checklist and a vehicle say nothing. */
    public function usual(bool $combination): StepRule;

    /**
     * @return array<value-of<StepSetting>, string> the figures that a checklist can set for it, and the unit of each
     */
    public function settings(): array;

    /** @return list<string> what the student does, in the words of the yard */
    public function actions(StepRule $rule, bool $combination): array;

    /**
     * What is done, seen and said in it, as a bench notes it: kind and state of events in the usual order.
     *
     * @return list<string> as "pedal:down", "cut-out:"
     */
    public function observed(): array;

    /** Pattern of the words that tell that this test is spoken of; null where no limit is ever stated of it. */
    public function spokenOf(): ?string;

    /**
     * @param  int|null  $afterMs  when the latest of the steps before it began: what the system does by itself is its
     *   test only from
     *                             then on; null where none did
     */
    public function judge(Run $run, StepRule $rule, BrakedVehicle $vehicle, ?int $afterMs): StepVerdict;
}
