<?php

declare(strict_types=1);

namespace Pasada\Core\Tests\Brakes;

use Pasada\Core\Brakes\BrakedVehicle;
use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Events\BrakeEvent;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Brakes\Judging\Judge;
use Pasada\Core\Brakes\Judging\Judgment;
use Pasada\Core\Brakes\Sequence;
use Pasada\Core\Brakes\Spoken;
use Pasada\Core\Brakes\StepChoice;

/** Brake tests told step by step, with a clock that runs on; every step can be told wrong. */
final class Scene
{
    /** @var list<BrakeEvent> */
    public array $events = [];

    public function __construct(public int $atMs = 0) {}

    public function then(
        EventKind $kind, string $to = '', ?float $primary = null, ?float $secondary = null, int $afterMs = 1000,
        ?BrakeTest $test = null,
    ): self {
        $this->atMs += $afterMs;
        $this->events[] = new BrakeEvent($this->atMs, $kind, $to, $primary, $secondary, $test);

        return $this;
    }

    public function reads(float $primary, ?float $secondary = null, int $afterMs = 1000): self
    {
        return $this->then(EventKind::Reading, '', $primary, $secondary ?? $primary, $afterMs);
    }

    /** Engine off, key on, valves in, chocked: as the leak test wants it. */
    public function ready(): self
    {
        return $this->then(EventKind::Chocks, 'in')
            ->then(EventKind::Engine, 'on')
            ->then(EventKind::TractorValve, 'in')
            ->then(EventKind::TrailerValve, 'in')
            ->then(EventKind::Engine, 'off')
            ->then(EventKind::Key, 'on');
    }

    public function leakTest(float $lost = 2, int $ms = 60_000, float $from = 120): self
    {
        return $this->then(EventKind::Pedal, 'down')
            ->reads($from)
            ->then(EventKind::Said, Spoken::StartReading->value)
            ->then(EventKind::MinuteStarted, afterMs: 0)
            ->reads($from - $lost, afterMs: $ms)
            ->then(EventKind::MinuteEnded, afterMs: 0)
            ->then(EventKind::Said, Spoken::EndReading->value)
            ->then(EventKind::Pedal, 'up');
    }

    public function warns(float $at = 62): self
    {
        return $this->reads($at + 10)->then(EventKind::Warning, '', $at, $at);
    }

    public function pops(float $trailer = 38, float $tractor = 32): self
    {
        $this->reads(max($trailer, $tractor) + 12);
        foreach (
            $trailer >= $tractor
                ? [['trailer', $trailer], ['tractor', $tractor]]
                : [['tractor', $tractor], ['trailer', $trailer]] as [$valve, $psi]
        ) {
            $this->then(EventKind::Popped, $valve, $psi, $psi);
        }

        return $this;
    }

    /** Pressure back, chocks out, belt on, low gear. */
    public function readyToMove(): self
    {
        return $this->then(EventKind::Engine, 'on', afterMs: 20_000)
            ->reads(120, afterMs: 60_000)
            ->then(EventKind::Chocks, 'out')
            ->then(EventKind::Belt, 'on')
            ->then(EventKind::Said, Spoken::AreaClear->value)
            ->then(EventKind::Gear, 'low');
    }

    public function tug(string $tractor, string $trailer, string $result = 'held', string $hand = 'off'): self
    {
        return $this->then(EventKind::TractorValve, $tractor)
            ->then(EventKind::TrailerValve, $trailer)
            ->then(EventKind::HandValve, $hand)
            ->then(EventKind::Tug, $result);
    }

    public function rolls(float $mph = 5, string $stop = 'straight'): self
    {
        return $this->then(EventKind::TractorValve, 'in')
            ->then(EventKind::TrailerValve, 'in')
            ->then(EventKind::Rolling, '', $mph)
            ->then(EventKind::Pedal, 'down')
            ->then(EventKind::Stopped, $stop);
    }

    /** All nine tests as the shipped checklists ask them: the tugs after the leak, or before it. */
    public function everything(bool $tugsFirst = false): self
    {
        $tugs = fn (): self => $this->readyToMove()
            ->tug('out', 'in')
            ->tug('in', 'out')
            ->tug('in', 'in', 'held', 'on')
            ->then(EventKind::HandValve, 'off');
        $tugsFirst ? $tugs() : $this->then(EventKind::Engine, 'on');
        $this->then(EventKind::Engine, 'on')
            ->then(EventKind::CutOut, '', 124, 124)
            ->ready()
            ->leakTest()
            ->then(EventKind::Said, Spoken::Limit->value, 4, test: BrakeTest::LeakApplied)
            ->warns()
            ->pops();
        $this->then(EventKind::Engine, 'on')
            ->reads(60, afterMs: 20_000)
            ->reads(84, afterMs: 20_000)
            ->reads(101, afterMs: 20_000);
        $tugsFirst ? $this->readyToMove() : $tugs();

        return $this->rolls();
    }

    /** @param  list<BrakeTest|StepChoice>  $steps */
    public function judged(array $steps, bool $combination = true, int $restarts = 0): Judgment
    {
        $choices = array_map(
            static fn (BrakeTest|StepChoice $step): StepChoice => $step instanceof StepChoice
                ? $step
                : new StepChoice($step),
            $steps,
        );

        return (new Judge(new Sequence($choices, $restarts), new BrakedVehicle($combination)))->judge($this->events);
    }

    /** How one test stands: outcome and words. */
    public function told(BrakeTest $test, bool $combination = true): string
    {
        $step = $this->judged([$test], $combination)->steps[0];

        return $step->outcome->value.': '.$step->what;
    }
}
