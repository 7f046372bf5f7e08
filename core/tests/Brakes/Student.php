<?php

declare(strict_types=1);

namespace Pasada\Core\Tests\Brakes;

use Pasada\Core\Brakes\Air\AirFaults;
use Pasada\Core\Brakes\Air\AirPractice;
use Pasada\Core\Brakes\BrakedVehicle;
use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Events\BrakeEvent;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Brakes\Judging\Judge;
use Pasada\Core\Brakes\Judging\Judgment;
use Pasada\Core\Brakes\Sequence;
use Pasada\Core\Brakes\StepRule;

/** A student in the simulated cab who does every step of a sequence right, in its order, on any truck. */
final class Student
{
    /** Long enough for any compressor to fill any truck, in ms. */
    private const FILLING_MS = 350_000;

    /** @var list<BrakeEvent> */
    private array $controls = [];

    private int $atMs = 0;

    private function __construct(private readonly BrakedVehicle $vehicle) {}

    /** @return list<BrakeEvent> */
    public static function controls(Sequence $sequence, BrakedVehicle $vehicle): array
    {
        $student = new self($vehicle);
        $student->do(EventKind::Belt, 'on')->start();
        foreach ($sequence->rules($vehicle) as $rule) {
            $student->step($rule);
        }

        return $student->controls;
    }

    public static function judged(Sequence $sequence, BrakedVehicle $vehicle, string $faults): Judgment
    {
        $practice = new AirPractice($vehicle, AirFaults::read($faults), 90);

        return (new Judge($sequence, $vehicle))->judge($practice->observed(self::controls($sequence, $vehicle)));
    }

    private function do(
        EventKind $kind, string $to = '', int $afterMs = 1000, ?float $value = null, ?BrakeTest $test = null,
    ): self {
        $this->atMs += $afterMs;
        $this->controls[] = new BrakeEvent($this->atMs, $kind, $to, $value, null, $test);

        return $this;
    }

    private function start(): self
    {
        return $this->do(EventKind::Gear, 'neutral')
            ->do(EventKind::Key, 'on')
            ->do(EventKind::Clutch, 'down')
            ->do(EventKind::Engine, 'on')
            ->do(EventKind::Rpm, '', value: 1200.0);
    }

    private function fan(int $strokes): self
    {
        for ($n = 0; $n < $strokes; $n++) {
            $this->do(EventKind::Pedal, 'down', 1500)->do(EventKind::Pedal, 'up', 1500);
        }

        return $this;
    }

    private function released(): self
    {
        return $this->do(EventKind::Chocks, 'in')->do(EventKind::TractorValve, 'in')->do(EventKind::TrailerValve, 'in');
    }

    private function step(StepRule $rule): void
    {
        match ($rule->test) {
            // Down with the engine running, so that it purges once more however high it stood.
            BrakeTest::CutOut => $this->released()->fan(16)->wait(),
            BrakeTest::CutIn => $this->released()->wait()->fan(16),
            BrakeTest::BuildUp => $this->start()->wait(),
            BrakeTest::LeakApplied, BrakeTest::LeakReleased => $this->leak($rule->test),
            BrakeTest::LowAir => $this->off()->fan(42),
            BrakeTest::SpringPop => $this->off()->fan(60),
            BrakeTest::TugTractor => $this->tug('out', 'in', 'off'),
            BrakeTest::TugTrailer => $this->tug('in', 'out', 'off'),
            BrakeTest::TugHand => $this->tug('in', 'in', 'on'),
            BrakeTest::Service => $this->ready()
                ->do(EventKind::TractorValve, 'in')
                ->do(EventKind::TrailerValve, 'in')
                ->do(EventKind::HandValve, 'off')
                ->do(EventKind::Rolling, value: 5.0)
                ->do(EventKind::Pedal, 'down')
                ->do(EventKind::Stopped, 'straight', 2000)
                ->do(EventKind::Pedal, 'up'),
        };
        if (in_array(\Pasada\Core\Brakes\Spoken::Limit, $rule->say, true)) {
            $this->do(EventKind::Said, 'limit', test: $rule->test);
        }
    }

    private function wait(): self
    {
        $this->atMs += self::FILLING_MS;

        return $this;
    }

    private function off(): self
    {
        return $this->do(EventKind::Engine, 'off')->do(EventKind::Key, 'on');
    }

    private function leak(BrakeTest $test): self
    {
        $this->start()->released()->wait()->off();
        if ($test === BrakeTest::LeakApplied) {
            $this->do(EventKind::Pedal, 'down', 6000);
        }
        $this->do(EventKind::Said, 'start-reading', 6000)
            ->do(EventKind::MinuteStarted)
            ->do(EventKind::MinuteEnded, '', 60_000)
            ->do(EventKind::Said, 'end-reading');

        return $this->do(EventKind::Pedal, 'up');
    }

    private function ready(): self
    {
        return $this->start()
            ->do(EventKind::TractorValve, 'in')
            ->wait()
            ->do(EventKind::Chocks, 'out')
            ->do(EventKind::Said, 'area-clear')
            ->do(EventKind::Gear, 'low');
    }

    private function tug(string $tractor, string $trailer, string $hand): self
    {
        return $this->ready()
            ->do(EventKind::TractorValve, $tractor)
            ->do(EventKind::TrailerValve, $trailer)
            ->do(EventKind::HandValve, $hand)
            ->do(EventKind::Tug, 'held')
            ->do(EventKind::HandValve, 'off');
    }
}
