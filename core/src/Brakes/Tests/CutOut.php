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
use Pasada\Core\Brakes\StateNeed;
use Pasada\Core\Brakes\StepRule;
use Pasada\Core\Brakes\TestKind;

/** The governor cuts out: pressure builds until the dryer purges. */
final readonly class CutOut implements Procedure
{
    public function label(): string
    {
        return 'governor cut-out';
    }

    public function component(): string
    {
        return 'test.governor';
    }

    public function kind(): TestKind
    {
        return TestKind::Pressure;
    }

    public function canBeAskedOf(BrakedVehicle $vehicle): bool
    {
        return $vehicle->system->hasAir();
    }

    /** 120 to 140 psi: commercial driver manual, air brakes. */
    public function usual(bool $combination): StepRule
    {
        return new StepRule(BrakeTest::CutOut, new Limits(120, 140), [StateNeed::EngineOn]);
    }

    public function settings(): array
    {
        return ['low' => 'psi', 'high' => 'psi', 'least_rpm' => 'rpm'];
    }

    public function actions(StepRule $rule, bool $combination): array
    {
        return ['until the dryer purges'];
    }

    public function observed(): array
    {
        return ['engine:on', 'cut-out:'];
    }

    public function spokenOf(): string
    {
        return '/\b(cut(s|ting)? ?(out|off)|governor|purg\w+|dryer|spit\w*|stop\w* (pumping|building|loading))\b/';
    }

    public function judge(Run $run, StepRule $rule, BrakedVehicle $vehicle, ?int $afterMs): StepVerdict
    {
        [$n, $event] = $run->firstSince(EventKind::CutOut, $afterMs);
        if ($event === null) {
            return StepVerdict::notDone($rule->test);
        }
        $at = $run->gauges->at($event->atMs);
        $wrong = $run->wrongAt($n, $rule);
        if ($wrong !== null) {
            return StepVerdict::broken($rule->test, $event->atMs, $wrong);
        }
        if ($at === null) {
            return StepVerdict::notJudged(
                $rule->test,
                $event->atMs,
                Question::reading('what did the gauges show when the dryer purged?', $event->atMs),
            );
        }

        return StepVerdict::within($rule, $event->atMs, $at->lower(), 'cut out at %s psi, %s asked');
    }
}
