<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Tests;

use Pasada\Core\Brakes\BrakedVehicle;
use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Events\BrakeEvent;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Brakes\Judging\Run;
use Pasada\Core\Brakes\Judging\StepVerdict;
use Pasada\Core\Brakes\Limits;
use Pasada\Core\Brakes\ShortNumber;
use Pasada\Core\Brakes\Spoken;
use Pasada\Core\Brakes\StateNeed;
use Pasada\Core\Brakes\StepRule;
use Pasada\Core\Brakes\TestKind;

/** The service brake: a stop from walking speed by the pedal, straight. */
final readonly class ServiceBrake implements Procedure
{
    /** "About 5 mph": commercial driver manual. Walking speed to a slow jog. */
    private const SLOWEST_MPH = 3;

    private const FASTEST_MPH = 7;

    public function label(): string
    {
        return 'service brake';
    }

    public function component(): string
    {
        return 'test.service_brake';
    }

    public function kind(): TestKind
    {
        return TestKind::Stop;
    }

    public function canBeAskedOf(BrakedVehicle $vehicle): bool
    {
        return true;
    }

    public function usual(bool $combination): StepRule
    {
        $needs = [StateNeed::Unchocked, StateNeed::BeltOn, StateNeed::ValvesIn];

        return new StepRule(BrakeTest::Service, new Limits(null, null), $needs, [Spoken::AreaClear]);
    }

    public function settings(): array
    {
        return [];
    }

    public function actions(StepRule $rule, bool $combination): array
    {
        return ['about 5 mph, then the pedal'];
    }

    public function observed(): array
    {
        return [
            'chocks:out', 'belt:on', 'tractor-valve:in', 'trailer-valve:in', 'said:area-clear', 'rolling:',
            'pedal:down', 'stopped:straight', 'stopped:pulled',
        ];
    }

    public function spokenOf(): null
    {
        return null;
    }

    public function judge(Run $run, StepRule $rule, BrakedVehicle $vehicle, ?int $afterMs): StepVerdict
    {
        foreach ($run->all(EventKind::Rolling) as $n => $event) {
            $wrong =
                $run->wrongAt($n, $rule) ??
                ($run->said->missingBefore($event->atMs, $rule) ?? $this->wrongSpeed($event));
            if ($wrong !== null) {
                return StepVerdict::broken($rule->test, $event->atMs, $wrong);
            }
            $stop = $run->firstAfter($n, EventKind::Stopped);
            if ($stop === null) {
                return StepVerdict::notYet($rule->test, $event->atMs, 'still rolling', 'never stopped');
            }

            return match (true) {
                ! $this->pressedBetween($run, $n, $stop) => StepVerdict::broken(
                    $rule->test,
                    $event->atMs,
                    'stopped without the pedal',
                ),
                $run->events[$stop]->to === 'pulled' => StepVerdict::failed(
                    $rule->test,
                    $event->atMs,
                    'pulled to a side: brakes, suspension, tire, ground or load',
                ),
                default => StepVerdict::met($rule->test, $event->atMs, 'stopped straight'),
            };
        }

        return StepVerdict::notDone($rule->test);
    }

    private function wrongSpeed(BrakeEvent $rolling): ?string
    {
        $mph = $rolling->primary ?? 0.0;

        return $mph < self::SLOWEST_MPH || $mph > self::FASTEST_MPH
            ? sprintf('rolled at %s mph, about 5 asked', ShortNumber::of($mph))
            : null;
    }

    private function pressedBetween(Run $run, int $from, int $to): bool
    {
        for ($n = $from; $n <= $to; $n++) {
            if ($run->situationAt($n)->pedalDown) {
                return true;
            }
        }

        return false;
    }
}
