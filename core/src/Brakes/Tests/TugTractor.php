<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Tests;

use Pasada\Core\Brakes\BrakedVehicle;
use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Judging\Run;
use Pasada\Core\Brakes\Judging\StepVerdict;
use Pasada\Core\Brakes\StepRule;
use Pasada\Core\Brakes\TestKind;

/** A tug against the parking brake of the tractor, or of a single vehicle. */
final readonly class TugTractor implements Procedure
{
    public function label(): string
    {
        return 'tractor parking-brake tug';
    }

    public function component(): string
    {
        return 'test.park_tractor';
    }

    public function kind(): TestKind
    {
        return TestKind::Tug;
    }

    public function canBeAskedOf(BrakedVehicle $vehicle): bool
    {
        return $vehicle->hasValves();
    }

    public function usual(bool $combination): StepRule
    {
        return Tug::rule(BrakeTest::TugTractor);
    }

    public function settings(): array
    {
        return [];
    }

    public function actions(StepRule $rule, bool $combination): array
    {
        return [$combination ? 'trailer valve in, tractor valve out' : 'valve out', 'a gentle tug'];
    }

    public function observed(): array
    {
        return [
            'chocks:out', 'belt:on', 'engine:on', 'gear:low', 'tractor-valve:out', 'trailer-valve:in', 'tug:held',
            'tug:moved',
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
