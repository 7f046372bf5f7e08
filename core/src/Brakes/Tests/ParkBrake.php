<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Tests;

use Pasada\Core\Brakes\BrakedVehicle;
use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Brakes\Judging\Run;
use Pasada\Core\Brakes\Judging\StepVerdict;
use Pasada\Core\Brakes\StepRule;
use Pasada\Core\Brakes\TestKind;

/** A tug against a parking brake that is no valve: set by a lever, a pedal or a switch. */
final readonly class ParkBrake implements Procedure
{
    public function label(): string
    {
        return 'parking brake';
    }

    public function component(): string
    {
        return 'test.park_brake';
    }

    public function kind(): TestKind
    {
        return TestKind::Tug;
    }

    public function canBeAskedOf(BrakedVehicle $vehicle): bool
    {
        return ! $vehicle->hasValves();
    }

    public function usual(bool $combination): StepRule
    {
        return Tug::rule(BrakeTest::ParkBrake);
    }

    public function settings(): array
    {
        return [];
    }

    public function actions(StepRule $rule, bool $combination): array
    {
        return ['parking brake set', 'a gentle tug'];
    }

    public function observed(): array
    {
        return ['chocks:out', 'belt:on', 'engine:on', 'gear:low', 'parking-brake:set', 'tug:held', 'tug:moved'];
    }

    public function spokenOf(): null
    {
        return null;
    }

    public function judge(Run $run, StepRule $rule, BrakedVehicle $vehicle, ?int $afterMs): StepVerdict
    {
        $tugs = $run->all(EventKind::Tug);
        foreach ($tugs as $n => $tug) {
            if ($run->situationAt($n)->parked) {
                return Tug::against($run, $rule, $n, $tug);
            }
        }
        $first = array_key_first($tugs);

        return $first === null ? StepVerdict::notDone($rule->test) : StepVerdict::broken(
            $rule->test, $tugs[$first]->atMs, 'tugged with the parking brake released: that proves nothing',
        );
    }
}
