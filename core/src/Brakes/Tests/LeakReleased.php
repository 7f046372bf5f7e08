<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Tests;

use Pasada\Core\Brakes\BrakedVehicle;
use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Judging\Run;
use Pasada\Core\Brakes\Judging\StepVerdict;
use Pasada\Core\Brakes\StepRule;
use Pasada\Core\Brakes\TestKind;

/** The leak test with the brakes released. */
final readonly class LeakReleased implements Procedure
{
    private const LOSES = 'leak\w*|los(e|es|ing|t|s)|drop\w*|bleed\w*|fall\w*';

    public function label(): string
    {
        return 'leak test, brakes released';
    }

    public function component(): ?string
    {
        return null;
    }

    public function kind(): TestKind
    {
        return TestKind::Leak;
    }

    public function canBeAskedOf(BrakedVehicle $vehicle): bool
    {
        return $vehicle->hasValves();
    }

    /** 3 psi a minute for a combination, 2 for a single vehicle: commercial driver manual, air brakes. */
    public function usual(bool $combination): StepRule
    {
        return LeakMinute::rule(BrakeTest::LeakReleased, $combination ? 3 : 2);
    }

    public function settings(): array
    {
        return LeakMinute::SETTINGS;
    }

    public function actions(StepRule $rule, bool $combination): array
    {
        return ['no pedal', 'a whole minute'];
    }

    public function observed(): array
    {
        return [
            'chocks:in', 'engine:off', 'key:on', 'tractor-valve:in', 'trailer-valve:in', 'said:start-reading',
            'said:end-reading',
        ];
    }

    public function spokenOf(): string
    {
        return '/\b('.
            self::LOSES.
            ') .*\b(released|without|foot off|pedal up|no pedal)\b|\b(released|without the pedal|foot off\w*|pedal '.
                'up|no pedal|off the brakes?)\b.*\b('.
            self::LOSES.
            ')/';
    }

    public function judge(Run $run, StepRule $rule, BrakedVehicle $vehicle, ?int $afterMs): StepVerdict
    {
        return (new LeakMinute($vehicle->combination, isApplied: false))->judge($run, $rule);
    }
}
