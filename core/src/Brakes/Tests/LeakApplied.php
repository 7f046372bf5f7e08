<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Tests;

use Pasada\Core\Brakes\BrakedVehicle;
use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Judging\Run;
use Pasada\Core\Brakes\Judging\StepVerdict;
use Pasada\Core\Brakes\StepRule;
use Pasada\Core\Brakes\TestKind;

/** The leak test with the pedal down. */
final readonly class LeakApplied implements Procedure
{
    public function label(): string
    {
        return 'leak test, brakes applied';
    }

    public function component(): string
    {
        return 'test.leak_applied';
    }

    public function kind(): TestKind
    {
        return TestKind::Leak;
    }

    public function canBeAskedOf(BrakedVehicle $vehicle): bool
    {
        return $vehicle->hasValves();
    }

    /** 4 psi a minute for a combination, 3 for a single vehicle: commercial driver manual, air brakes. */
    public function usual(bool $combination): StepRule
    {
        return LeakMinute::rule(BrakeTest::LeakApplied, $combination ? 4 : 3);
    }

    public function settings(): array
    {
        return LeakMinute::SETTINGS;
    }

    public function actions(StepRule $rule, bool $combination): array
    {
        return ['full pedal, gauges still', 'a whole minute'];
    }

    public function observed(): array
    {
        return [
            'chocks:in', 'engine:off', 'key:on', 'tractor-valve:in', 'trailer-valve:in', 'pedal:down',
            'said:start-reading', 'said:end-reading', 'pedal:up',
        ];
    }

    public function spokenOf(): string
    {
        return '/\b(leak\w*|los(e|es|ing|t|s)|drop\w*|bleed\w*|fall\w*)\b/';
    }

    public function judge(Run $run, StepRule $rule, BrakedVehicle $vehicle, ?int $afterMs): StepVerdict
    {
        return (new LeakMinute($vehicle->combination, isApplied: true))->judge($run, $rule);
    }
}
