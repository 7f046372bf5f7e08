<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Tests;

use Pasada\Core\Brakes\BrakedVehicle;
use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Brakes\Judging\Question;
use Pasada\Core\Brakes\Judging\Run;
use Pasada\Core\Brakes\Judging\StepVerdict;
use Pasada\Core\Brakes\Limits;
use Pasada\Core\Brakes\ShortNumber;
use Pasada\Core\Brakes\StateNeed;
use Pasada\Core\Brakes\StepRule;
use Pasada\Core\Brakes\TestKind;

/** The low-air warning: it has to come while pressure is fanned down, before either gauge is too low. */
final readonly class LowAir implements Procedure
{
    /** More than the gauges of a standing truck waver. */
    private const FALLEN_PSI = 3.0;

    public function label(): string
    {
        return 'low-air warning';
    }

    public function component(): string
    {
        return 'test.low_air';
    }

    public function kind(): TestKind
    {
        return TestKind::Pressure;
    }

    public function canBeAskedOf(BrakedVehicle $vehicle): bool
    {
        return $vehicle->system->hasAir();
    }

    /** At or above 55 psi: 49 CFR 393.51. */
    public function usual(bool $combination): StepRule
    {
        return new StepRule(BrakeTest::LowAir, Limits::atLeast(55), [StateNeed::KeyOn]);
    }

    public function settings(): array
    {
        return ['low' => 'psi'];
    }

    public function actions(StepRule $rule, bool $combination): array
    {
        return ['engine off', 'fan the pedal down'];
    }

    public function observed(): array
    {
        return ['key:on', 'engine:off', 'pedal:down', 'pedal:up', 'warning:'];
    }

    public function spokenOf(): string
    {
        return '/\b(warn\w*|buzz\w*|alarm|light|lamp|low air|beep\w*)\b/';
    }

    public function judge(Run $run, StepRule $rule, BrakedVehicle $vehicle, ?int $afterMs): StepVerdict
    {
        foreach ($run->fannedDown(EventKind::Warning, $afterMs ?? 0) as $n => $event) {
            $at = $run->gauges->at($event->atMs);
            if ($at !== null && ! $this->isComingDown($run, $event->atMs, $at->lower())) {
                continue;
            }
            $wrong = $run->wrongAt($n, $rule);
            if ($wrong !== null) {
                return StepVerdict::broken($rule->test, $event->atMs, $wrong);
            }
            if ($at === null) {
                return StepVerdict::notJudged(
                    $rule->test,
                    $event->atMs,
                    Question::reading('what did the gauges show when the warning came?', $event->atMs),
                );
            }
            $what = sprintf(
                'the warning came at %s psi, %s asked',
                ShortNumber::of($at->lower()),
                $rule->limits->label(),
            );
            $figures = ['psi' => ShortNumber::rounded($at->lower()), 'least_psi' => $rule->limits->lowest()];

            return StepVerdict::measured($rule->isRight($at->lower()), $rule->test, $event->atMs, $what, $figures);
        }

        return $this->neverWarned($run, $rule);
    }

    private function neverWarned(Run $run, StepRule $rule): StepVerdict
    {
        foreach ($run->gauges->readings as $n => $reading) {
            $lower = $reading->pressure->lower();
            if (
                $rule->isRight($lower) ||
                $run->situationAt($n)->engine ||
                ! $this->isComingDown($run, $reading->atMs, $lower)
            ) {
                continue;
            }
            $figures = ['psi' => ShortNumber::rounded($lower), 'least_psi' => $rule->limits->lowest()];
            $what = sprintf('no warning down to %s psi, %s asked', ShortNumber::of($lower), $rule->limits->label());

            return $run->situationAt($n)->key
                ? StepVerdict::failed($rule->test, $reading->atMs, $what, $figures)
                : StepVerdict::broken(
                    $rule->test, $reading->atMs, 'the key was off, so no warning could come', $figures,
                );
        }

        return StepVerdict::notDone($rule->test);
    }

    /** With the key turned on low air the warning comes too, and is no test: pressure has to have been higher. */
    private function isComingDown(Run $run, int $atMs, float $psi): bool
    {
        $highest = null;
        foreach ($run->gauges->readings as $reading) {
            $highest = $reading->atMs < $atMs ? max($highest ?? 0.0, $reading->pressure->lower()) : $highest;
        }

        return $highest === null || $highest >= $psi + self::FALLEN_PSI;
    }
}
