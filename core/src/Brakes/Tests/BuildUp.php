<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Tests;

use Pasada\Core\Brakes\BrakedVehicle;
use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Judging\Run;
use Pasada\Core\Brakes\Judging\StepVerdict;
use Pasada\Core\Brakes\Limits;
use Pasada\Core\Brakes\ShortNumber;
use Pasada\Core\Brakes\StateNeed;
use Pasada\Core\Brakes\StepRule;
use Pasada\Core\Brakes\TestKind;

/** The build-up: how long the compressor takes between two pressures. */
final readonly class BuildUp implements Procedure
{
    public function label(): string
    {
        return 'build-up';
    }

    public function component(): string
    {
        return 'test.build_rate';
    }

    public function kind(): TestKind
    {
        return TestKind::Pressure;
    }

    public function canBeAskedOf(BrakedVehicle $vehicle): bool
    {
        return $vehicle->system->hasAir();
    }

    /** From 85 to 100 psi within 45 seconds: commercial driver manual, dual air system. */
    public function usual(bool $combination): StepRule
    {
        return new StepRule(
            BrakeTest::BuildUp, Limits::atMost(45), [StateNeed::EngineOn], timedPsi: new Limits(85, 100),
        );
    }

    public function settings(): array
    {
        return ['high' => 's', 'build_from_psi' => 'psi', 'build_to_psi' => 'psi', 'least_rpm' => 'rpm'];
    }

    public function actions(StepRule $rule, bool $combination): array
    {
        return [
            sprintf(
                '%s to %s psi by the clock',
                ShortNumber::of($rule->timedPsi->lowest()),
                ShortNumber::of($rule->timedPsi->highest()),
            ),
        ];
    }

    public function observed(): array
    {
        return ['engine:on'];
    }

    public function spokenOf(): string
    {
        return '/\b(build\w*|pump\w* up|rais\w+|climb\w*|fill\w*|from eighty five|eighty five to|85 to)\b/';
    }

    /** Pressure builds more than once, and the build-up that follows the step before is meant. */
    public function judge(Run $run, StepRule $rule, BrakedVehicle $vehicle, ?int $afterMs): StepVerdict
    {
        [$low, $high] = [$rule->timedPsi->lowest(), $rule->timedPsi->highest()];
        $from = $afterMs === null ? null : $this->crossing($run, $low, $afterMs);
        if ($from === null) {
            return StepVerdict::notDone($rule->test);
        }
        [$n, $fromMs] = $from;
        $to = $this->crossing($run, $high, $fromMs);
        $wrong = $run->wrongAt($n, $rule);
        if ($wrong !== null) {
            return StepVerdict::broken($rule->test, $fromMs, $wrong);
        }
        if ($to === null) {
            return StepVerdict::notYet(
                $rule->test,
                $fromMs,
                sprintf('%s psi was not reached yet', ShortNumber::of($high)),
                sprintf('%s psi was not reached', ShortNumber::of($high)),
            );
        }
        $seconds = ($to[1] - $fromMs) / 1000;
        $allowed = $rule->limits->highest();
        $what = sprintf(
            '%s to %s psi in %s s, within %s asked', ShortNumber::of($low), ShortNumber::of($high),
            ShortNumber::of($seconds), ShortNumber::of($allowed),
        );

        return StepVerdict::measured($rule->isRight($seconds), $rule->test, $fromMs, $what, [
            'seconds' => ShortNumber::rounded($seconds),
            'allowed_seconds' => $allowed,
        ]);
    }

    /**
     * Where the lower gauge passed a pressure on its way up with the engine running.
     *
     * @return array{int, int}|null index of the reading above it, and the time in ms, interpolated between readings
     */
    private function crossing(Run $run, float $psi, int $afterMs): ?array
    {
        $before = null;
        foreach ($run->gauges->readings as $n => $reading) {
            $lower = $reading->pressure->lower();
            if (
                $before !== null &&
                $reading->atMs >= $afterMs &&
                $run->situationAt($n)->engine &&
                $before[1] < $psi &&
                $lower >= $psi
            ) {
                return [
                    $n,
                    (int) round(
                        $before[0] + (($reading->atMs - $before[0]) * ($psi - $before[1])) / ($lower - $before[1]),
                    ),
                ];
            }
            $before = [$reading->atMs, $lower];
        }

        return null;
    }
}
