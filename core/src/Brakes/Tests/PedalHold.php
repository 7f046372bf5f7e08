<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Tests;

use Pasada\Core\Brakes\BrakedVehicle;
use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Brakes\Judging\Run;
use Pasada\Core\Brakes\Judging\StepVerdict;
use Pasada\Core\Brakes\Limits;
use Pasada\Core\Brakes\ShortNumber;
use Pasada\Core\Brakes\StateNeed;
use Pasada\Core\Brakes\StepRule;
use Pasada\Core\Brakes\TestKind;

/** Hydraulic brakes: the pedal is pumped, pressed and held, and must not sink. */
final readonly class PedalHold implements Procedure
{
    /** Pump three times, then hold for five seconds: commercial driver manual, hydraulic brake check. */
    private const HELD_SECONDS = 5.0;

    public function label(): string
    {
        return 'brake pedal held';
    }

    public function component(): string
    {
        return 'test.pedal_hold';
    }

    public function kind(): TestKind
    {
        return TestKind::Hold;
    }

    public function canBeAskedOf(BrakedVehicle $vehicle): bool
    {
        return ! $vehicle->hasValves();
    }

    public function usual(bool $combination): StepRule
    {
        return new StepRule(BrakeTest::PedalHold, Limits::atLeast(self::HELD_SECONDS), [StateNeed::Pumped]);
    }

    public function settings(): array
    {
        return ['low' => 's'];
    }

    public function actions(StepRule $rule, bool $combination): array
    {
        return [sprintf('the pedal pressed firmly and held for %s seconds', ShortNumber::of($rule->limits->lowest()))];
    }

    public function observed(): array
    {
        return ['pumped:', 'pedal:down', 'pedal-held:firm', 'pedal-held:sank'];
    }

    public function spokenOf(): null
    {
        return null;
    }

    public function judge(Run $run, StepRule $rule, BrakedVehicle $vehicle, ?int $afterMs): StepVerdict
    {
        [$n, $held] = $run->firstSince(EventKind::PedalHeld, 0);
        if ($held === null) {
            return $this->notHeld($run, $rule);
        }
        $pressed = $run->lastBefore($n, EventKind::Pedal);
        if ($pressed === null || $run->events[$pressed]->to !== 'down') {
            return StepVerdict::broken($rule->test, $held->atMs, 'the pedal was not down');
        }
        $wrong = $run->wrongAt($pressed, $rule);
        if ($wrong !== null) {
            return StepVerdict::broken($rule->test, $held->atMs, $wrong);
        }
        $seconds = ($held->atMs - $run->events[$pressed]->atMs) / 1000;
        $figures = ['seconds' => $seconds];
        $told = ShortNumber::of($seconds);

        return match (true) {
            $held->to === 'sank' => StepVerdict::failed(
                $rule->test, $held->atMs, 'the pedal sank: fluid is lost, or the master cylinder leaks', $figures,
            ),
            ! $rule->isRight($seconds) => StepVerdict::broken(
                $rule->test, $held->atMs,
                sprintf('held for %s s, at least %s asked', $told, ShortNumber::of($rule->limits->lowest())), $figures,
            ),
            default => StepVerdict::met($rule->test, $held->atMs, sprintf('held for %s s, firm', $told), $figures),
        };
    }

    private function notHeld(Run $run, StepRule $rule): StepVerdict
    {
        [, $pumped] = $run->firstSince(EventKind::Pumped, 0);

        return $pumped === null
            ? StepVerdict::notDone($rule->test)
            : StepVerdict::notYet($rule->test, $pumped->atMs, 'the pedal is being held', 'the pedal was never held');
    }
}
