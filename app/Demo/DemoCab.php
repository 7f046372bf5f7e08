<?php

declare(strict_types=1);

namespace App\Demo;

use Pasada\Core\Brakes\Events\BrakeEvent;
use Pasada\Core\Brakes\Events\EventKind;

/**
 * A student of the made-up school in the simulated cab: the usual nine tests, done right or with one of the usual
 * slips.
 */
final class DemoCab
{
    /** What goes wrong from one practice to the next, until nothing does. */
    public const SLIPS = ['minute cut short', 'end not said', 'none'];

    private const STROKES = 70;

    /** @var list<BrakeEvent> */
    private array $controls = [];

    private int $atMs = 0;

    /** @return list<BrakeEvent> */
    public static function controls(string $slip): array
    {
        $cab = new self;
        $cab->start();
        $cab->leak($slip);
        for ($n = 0; $n < self::STROKES; $n++) {
            $cab->then(1300, EventKind::Pedal, 'down')->then(1300, EventKind::Pedal, 'up');
        }
        $cab->buildUp();
        $cab->move();

        return $cab->controls;
    }

    private function start(): void
    {
        $this->then(4000, EventKind::Chocks, 'in')
            ->then(3000, EventKind::Belt, 'on')
            ->then(2000, EventKind::Key, 'on')
            ->then(2000, EventKind::Clutch, 'down')
            ->then(1500, EventKind::Engine, 'on')
            ->then(3000, EventKind::Rpm, '', 1200.0)
            ->then(4000, EventKind::TractorValve, 'in')
            ->then(1500, EventKind::TrailerValve, 'in')
            ->then(110_000, EventKind::Engine, 'off');
    }

    private function leak(string $slip): void
    {
        $this->then(4000, EventKind::Pedal, 'down')
            ->say(9000, 'My primary gauge reads one hundred twenty one at the start.')
            ->say(3000, 'It may lose no more than four psi in a minute.')
            ->then(1500, EventKind::MinuteStarted)
            ->then($slip === 'minute cut short' ? 47_000 : 60_300, EventKind::MinuteEnded);
        if ($slip !== 'end not said') {
            $this->say(2500, 'At the end it still reads one hundred twenty one.');
        }
        $this->then(3000, EventKind::Pedal, 'up');
    }

    private function buildUp(): void
    {
        $this->then(4000, EventKind::Engine, 'on')->then(3000, EventKind::Rpm, '', 1200.0);
        // Long enough for 120 psi.
        $this->atMs += 150_000;
    }

    private function move(): void
    {
        $this->then(3000, EventKind::TractorValve, 'in')
            ->then(1500, EventKind::TrailerValve, 'in')
            ->then(20_000, EventKind::Chocks, 'out');
        $this->say(4000, 'Nobody in front, nobody behind, the area is clear.')->then(3000, EventKind::Gear, 'low');
        foreach ([['out', 'in', 'off'], ['in', 'out', 'off'], ['in', 'in', 'on']] as [$tractor, $trailer, $hand]) {
            $this->then(2000, EventKind::TractorValve, $tractor)
                ->then(1000, EventKind::TrailerValve, $trailer)
                ->then(1000, EventKind::HandValve, $hand)
                ->then(2000, EventKind::Tug, 'held');
        }
        $this->then(2000, EventKind::HandValve, 'off')
            ->then(3000, EventKind::Rolling, '', 5.0)
            ->then(2000, EventKind::Pedal, 'down')
            ->then(2000, EventKind::Stopped, 'straight')
            ->then(1000, EventKind::Pedal, 'up');
    }

    private function say(int $afterMs, string $words): self
    {
        $this->atMs += $afterMs;
        $this->controls[] = new BrakeEvent($this->atMs, EventKind::Spoken, text: $words);

        return $this;
    }

    private function then(int $afterMs, EventKind $kind, string $to = '', ?float $value = null): self
    {
        $this->atMs += $afterMs;
        $this->controls[] = new BrakeEvent($this->atMs, $kind, $to, $value);

        return $this;
    }
}
