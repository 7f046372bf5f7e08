<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Tests;

use Pasada\Core\Brakes\BrakedVehicle;
use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Judging\Run;
use Pasada\Core\Brakes\Judging\StepVerdict;
use Pasada\Core\Brakes\StepRule;
use Pasada\Core\Brakes\TestKind;

/** A tug against the service brakes of the trailer, put on by the hand valve. */
final readonly class TugHandValve implements Procedure
{
    public function label(): string
    {
        return 'trailer hand-valve tug';
    }

    public function component(): string
    {
        return 'test.trailer_service';
    }

    public function kind(): TestKind
    {
        return TestKind::Tug;
    }

    public function canBeAskedOf(BrakedVehicle $vehicle): bool
    {
        return $vehicle->combination && $vehicle->hasHandValve;
    }

    public function usual(bool $combination): StepRule
    {
        return Tug::rule(BrakeTest::TugHand);
    }

    public function settings(): array
    {
        return [];
    }

    public function actions(StepRule $rule, bool $combination): array
    {
        return ['both valves in, hand valve on', 'a gentle tug'];
    }

    public function observed(): array
    {
        return [
            'chocks:out', 'belt:on', 'engine:on', 'gear:low', 'tractor-valve:in', 'trailer-valve:in',
            'hand-valve:on', 'tug:held', 'tug:moved',
        ];
    }

    public function spokenOf(): null
    {
        return null;
    }

    public function judge(Run $run, StepRule $rule, BrakedVehicle $vehicle, ?int $afterMs): StepVerdict
    {
        return (new Tug($vehicle->combination))->judge($run, $rule);
    }
}
