<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Air;

use Pasada\Core\Brakes\Events\BrakeEvent;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Brakes\Judging\Situation;

/**
 * A small model of an air brake system: compressor, governor, dryer, supply, primary, secondary and trailer reservoirs
 * behind check valves, pedal and hand valve, leaks, low-air switch, and parking valves that come out by themselves.
 *
 * What flows from one reservoir to another is neither made nor lost. Between two switches the course is exact
 * (AirMode); a switch of a check valve, the governor, the lamp or a valve is found to the millisecond, so that a grid
 * twice as fine changes no pressure by more than 0.2 psi, however the controls are touched. Same input, same course.
 */
final class AirSystem
{
    /** Grid of time, in ms: controls are touched on it. */
    private const GRID_MS = 1.0;

    /** Longest stretch that is looked at as one, in ms. */
    private const LONGEST_MS = 1024;

    /** The first one after a switch, in ms: between its ends no other can hide. */
    private const FIRST_MS = 64;

    /** Pressures of two joined reservoirs come together with this time constant, in seconds. */
    private const JOINED_SECONDS = 0.4;

    /** A chamber fills and empties with this one. */
    private const CHAMBER_SECONDS = 0.15;

    /** A check valve that should have switched is seen by so much, in psi. */
    private const NOTICED_PSI = 1e-4;

    /** Check valves: from which reservoir to which. */
    private const FLOWS = [[0, 1], [0, 2], [1, 3], [2, 3]];

    /** Place in the state of the first chamber; chamber n is fed by reservoir n + 1. */
    private const CHAMBERS = 4;

    /**
     * @var list<float> psi in supply, primary, secondary, trailer reservoir and in the chambers of the last three, and
     *   a one
     */
    private array $state;

    private bool $loaded = true;

    private bool $hasCutOut = false;

    private bool $warned = false;

    /** Whether the trailer is joined to the tractor's air. */
    private bool $isFed = false;

    /** From one sample to the next, in steps of the grid; 0 where that is too long to be looked at as one. */
    private int $wholeSteps = 0;

    /** How far to look at once, in steps of the grid. */
    private int $size = 1;

    private float $delivered = 0.0;

    private float $leaked = 0.0;

    private float $vented = 0.0;

    /** @var list<BrakeEvent> */
    private array $events = [];

    private Situation $controls;

    /** @var array<string, AirMode> by what is open */
    private array $modes = [];

    private AirMode $mode;

    /**
     * @var list<bool> which check valves let air on, which chambers are filled, and which leaks leak, as the mode has
     *   it
     */
    private array $open = [];

    /**
     * @var array{float, float, float, float, float} supply above, supply below, either gauge below, both gauges below,
     *   both gauges above
     */
    private array $limits = [INF, -INF, -INF, -INF, INF];

    /** @var list<array{int, float, bool}> reservoir, psi lost in a second, whether only with the pedal down */
    private readonly array $leaks;

    /** @var list<float> litres, in the order of the state */
    private readonly array $litres;

    private readonly float $cutOutPsi;

    private readonly float $cutInPsi;

    public function __construct(
        private readonly AirMakeup $makeup, private readonly AirFaults $faults, float $startPsi = 0.0,
        private readonly float $gridMs = self::GRID_MS,
    ) {
        $this->litres = [
            $makeup->supplyLitres, $makeup->primaryLitres, $makeup->secondaryLitres, $makeup->trailerLitres,
            $makeup->primaryChamberLitres, $makeup->secondaryChamberLitres, $makeup->trailerChamberLitres,
        ];
        $this->leaks = $this->leaksOf($faults);
        $this->cutOutPsi = $makeup->cutOutPsi + $faults->governorShiftPsi;
        $this->cutInPsi = $makeup->cutInPsi + $faults->governorShiftPsi;
        $this->state = [$startPsi, $startPsi, $startPsi, $makeup->combination ? $startPsi : 0.0, 0.0, 0.0, 0.0, 1.0];
        $this->controls = new Situation;
        $this->switch();
    }

    /**
     * The course under controls that change at given times.
     *
     * @param  list<BrakeEvent>  $controls  in order; what is no control is passed over
     * @param  int  $sampleMs  time between samples
     */
    public function run(array $controls, int $untilMs, int $sampleMs = 1000): AirTrace
    {
        $start = $this->air();
        $this->wholeSteps = $sampleMs <= self::LONGEST_MS ? (int) round($sampleMs / $this->gridMs) : 0;
        $samples = [];
        $next = 0;
        $count = count($controls);
        for ($at = 0; $at <= $untilMs; $at += $sampleMs) {
            while ($next < $count && $controls[$next]->atMs <= $at) {
                $this->touch($controls[$next++]);
            }
            $samples[] = $this->sample($at);
            $end = min($at + $sampleMs, $untilMs);
            $from = $at;
            while ($next < $count && $controls[$next]->atMs < $end) {
                $this->advance($from, $controls[$next]->atMs);
                $from = $controls[$next]->atMs;
                $this->touch($controls[$next++]);
            }
            $this->advance($from, $end);
        }

        return new AirTrace($samples, $this->events, [
            'start' => $start,
            'delivered' => $this->delivered,
            'leaked' => $this->leaked,
            'vented' => $this->vented,
            'end' => $this->air(),
        ]);
    }

    /** All air in reservoirs and chambers, in psi litres. */
    public function air(): float
    {
        $air = 0.0;
        foreach ($this->litres as $n => $litres) {
            $air += $litres * $this->state[$n];
        }

        return $air;
    }

    private function touch(BrakeEvent $control): void
    {
        $this->controls = $this->controls->after($control);
        // A valve pushed in below its pressure does not stay in, and a key turned on low air warns at once.
        $this->act($control->atMs);
    }

    private function advance(int $fromMs, int $toMs): void
    {
        $left = (int) round(($toMs - $fromMs) / $this->gridMs);
        while ($left > 0) {
            $size = $this->stretch($left);
            $after = $this->mode->after($this->state, $size);
            $switches = $this->switches($after);
            if ($switches && $size > 1) {
                // Something switches within: up to the last moment before it.
                $this->size = max(1, $this->size >> 1);

                continue;
            }
            $this->take($after, $size * $this->gridMs / 1000);
            $left -= $size;
            if ($switches) {
                $this->act((int) round($toMs - $left * $this->gridMs));
            } else {
                $this->size = min((int) (self::LONGEST_MS / $this->gridMs), $this->size << 1);
            }
        }
    }

    /**
     * How far to look at once, in steps of the grid: from sample to sample once all has settled, else a power of two.
     */
    private function stretch(int $left): int
    {
        if ($left === $this->wholeSteps && $this->size >= $left >> 1) {
            return $left;
        }
        $size = $this->size;
        while ($size > $left) {
            $size >>= 1;
        }

        return $size;
    }

    /** @param  list<float>  $after */
    private function take(array $after, float $seconds): void
    {
        foreach ($this->leaks as $n => [$of, $perSecond]) {
            if ($this->open[7 + $n]) {
                $this->leaked += $perSecond * $seconds * $this->litres[$of];
            }
        }
        $this->delivered += $this->gainPerSecond() * $seconds * $this->makeup->supplyLitres;
        for ($n = 0; $n < 3; $n++) {
            if (! $this->isApplied($n)) {
                $this->vented +=
                    ($this->state[self::CHAMBERS + $n] - $after[self::CHAMBERS + $n]) *
                    $this->litres[self::CHAMBERS + $n];
            }
        }
        $this->state = $after;
    }

    /**
     * Whether something switches by itself at these pressures: what acts on pressure, a check valve, or a leak that has
     * nothing left.
     *
     * @param  list<float>  $state
     */
    private function switches(array $state): bool
    {
        [$supply, $primary, $secondary, $trailer] = $state;
        [$above, $below, $warnsAt, $popsAt, $quietAt] = $this->limits;
        $open = $this->open;
        if (
            $supply >= $above ||
            $supply <= $below ||
            $primary <= $warnsAt ||
            $secondary <= $warnsAt ||
            ($primary <= $popsAt && $secondary <= $popsAt) ||
            ($primary > $quietAt && $secondary > $quietAt) ||
            self::hasTurned($open[0], $supply - $primary) ||
            self::hasTurned($open[1], $supply - $secondary) ||
            ($this->isFed &&
                (self::hasTurned($open[2], $primary - $trailer) || self::hasTurned($open[3], $secondary - $trailer)))
        ) {
            return true;
        }
        for ($n = 0; $n < 3; $n++) {
            if ($this->isApplied($n) && self::hasTurned($open[4 + $n], $state[$n + 1] - $state[self::CHAMBERS + $n])) {
                return true;
            }
        }
        foreach ($this->leaks as $n => [$of]) {
            if ($open[7 + $n] && $state[$of] < 0) {
                return true;
            }
        }

        return false;
    }

    private static function hasTurned(bool $isOpen, float $drop): bool
    {
        return $isOpen ? $drop < -self::NOTICED_PSI : $drop > self::NOTICED_PSI;
    }

    private function isApplied(int $chamber): bool
    {
        return $this->controls->pedalDown || ($chamber === 2 && $this->controls->handOn);
    }

    /** Sets how air flows from here on, and what to watch for. */
    private function switch(): void
    {
        $c = $this->controls;
        $this->isFed = $this->makeup->combination && $c->trailerIn;
        $open = [];
        foreach (self::FLOWS as [$from, $to]) {
            $open[] = ($to !== 3 || $this->isFed) && $this->state[$from] > $this->state[$to];
        }
        for ($n = 0; $n < 3; $n++) {
            $open[] =
                $this->litres[self::CHAMBERS + $n] > 0 &&
                $this->isApplied($n) &&
                $this->state[$n + 1] > $this->state[self::CHAMBERS + $n];
        }
        foreach ($this->leaks as [$of, , $isApplied]) {
            $open[] = $this->state[$of] > 0 && (! $isApplied || $c->pedalDown);
        }
        $this->open = $open;
        $this->size = (int) (self::FIRST_MS / $this->gridMs);
        $key =
            implode('', array_map(intval(...), $open)).
            '|'.
            ($c->pedalDown ? 1 : 0).
            ($c->handOn ? 1 : 0).
            '|'.
            $this->gainPerSecond();
        $this->mode = $this->modes[$key] ??= new AirMode($this->rates(), $this->gridMs / 1000);
        $trailer = $this->isFed ? $this->makeup->trailerPopPsi + $this->faults->valveShiftPsi : -INF;
        $tractor = $c->tractorIn ? $this->makeup->tractorPopPsi + $this->faults->valveShiftPsi : -INF;
        $this->limits = [
            $this->loaded ? $this->cutOutPsi : INF,
            $this->loaded || $this->faults->governorStuck ? -INF : $this->cutInPsi,
            $this->warned || ! $c->key || $this->faults->noWarning ? -INF : $this->makeup->warningPsi,
            $this->faults->valveStuck ? -INF : max($trailer, $tractor),
            $this->warned ? $this->makeup->warningPsi : INF,
        ];
    }

    /** @return list<list<float>> of AirMode */
    private function rates(): array
    {
        $rates = array_fill(0, AirMode::SIZE - 1, array_fill(0, AirMode::SIZE, 0.0));
        $join = function (int $from, int $to, float $seconds) use (&$rates): void {
            // What would make both equal flows with the time constant: each gives or takes by the other's share of the
            // volume.
            $total = ($this->litres[$from] + $this->litres[$to]) * $seconds;
            foreach (
                [[$from, $this->litres[$to] / $total, -1], [$to, $this->litres[$from] / $total, 1]] as [$of, $rate, $sign]
            ) {
                $rates[$of][$from] += $sign * $rate;
                $rates[$of][$to] -= $sign * $rate;
            }
        };
        foreach (self::FLOWS as $n => [$from, $to]) {
            if ($this->open[$n]) {
                $join($from, $to, self::JOINED_SECONDS);
            }
        }
        for ($n = 0; $n < 3; $n++) {
            if ($this->open[4 + $n]) {
                $join($n + 1, self::CHAMBERS + $n, self::CHAMBER_SECONDS);
            } elseif (! $this->isApplied($n)) {
                $rates[self::CHAMBERS + $n][self::CHAMBERS + $n] = -1 / self::CHAMBER_SECONDS;
            }
        }
        foreach ($this->leaks as $n => [$of, $perSecond]) {
            $rates[$of][AirMode::SIZE - 1] -= $this->open[7 + $n] ? $perSecond : 0.0;
        }
        $rates[0][AirMode::SIZE - 1] += $this->gainPerSecond();

        return array_map(array_values(...), array_values($rates));
    }

    /** What the compressor adds to the supply reservoir, in psi a second. */
    private function gainPerSecond(): float
    {
        if (! $this->loaded || ! $this->controls->engine) {
            return 0.0;
        }
        $rpm = $this->controls->rpm > 0 ? $this->controls->rpm : 650.0;

        return (($rpm / 60) * $this->makeup->litresPerTurn * AirMakeup::OUTSIDE_PSI * $this->faults->compressorShare) /
            $this->makeup->supplyLitres;
    }

    /** @return list<array{int, float, bool}> */
    private function leaksOf(AirFaults $faults): array
    {
        $places = ['supply' => 0, 'primary' => 1, 'secondary' => 2, 'trailer' => 3];
        $leaks = [];
        foreach ($faults->leaks as $place => $perMinute) {
            $of = $places[$place] ?? 1;
            if ($this->litres[$of] > 0) {
                $leaks[] = [$of, $perMinute / 60, $place === LeakPlace::Applied->value];
            }
        }

        return $leaks;
    }

    /** What governor, switch and valves do by themselves at a moment. */
    private function act(int $at): void
    {
        // A leak that has nothing left is noticed a hair too late.
        foreach ($this->leaks as [$of]) {
            $this->leaked += min(0.0, $this->state[$of]) * $this->litres[$of];
        }
        $this->state = array_map(static fn (float $psi): float => max(0.0, $psi), $this->state);
        if ($this->loaded && $this->state[0] >= $this->cutOutPsi) {
            $this->loaded = false;
            $this->hasCutOut = true;
            $this->tell($at, EventKind::CutOut);
        } elseif (! $this->loaded && $this->state[0] <= $this->cutInPsi && ! $this->faults->governorStuck) {
            $this->loaded = true;
            if ($this->hasCutOut && $this->controls->engine) {
                $this->tell($at, EventKind::CutIn);
            }
        }
        $low =
            $this->controls->key &&
            ! $this->faults->noWarning &&
            min($this->state[1], $this->state[2]) <= $this->makeup->warningPsi;
        if ($low && ! $this->warned) {
            $this->tell($at, EventKind::Warning);
        }
        $this->warned = $low;
        $this->popOut($at);
        $this->switch();
    }

    /** Valves are held in by the higher of primary and secondary. */
    private function popOut(int $at): void
    {
        if ($this->faults->valveStuck) {
            return;
        }
        $higher = max($this->state[1], $this->state[2]);
        if (
            $this->controls->trailerIn &&
            $this->makeup->combination &&
            $higher <= $this->makeup->trailerPopPsi + $this->faults->valveShiftPsi
        ) {
            $this->pop($at, 'trailer');
        }
        if ($this->controls->tractorIn && $higher <= $this->makeup->tractorPopPsi + $this->faults->valveShiftPsi) {
            $this->pop($at, 'tractor');
        }
    }

    private function pop(int $at, string $valve): void
    {
        $this->tell($at, EventKind::Popped, $valve);
        $this->controls = $this->controls->after($this->events[count($this->events) - 1]);
    }

    private function tell(int $at, EventKind $kind, string $to = ''): void
    {
        $this->events[] = new BrakeEvent(
            $at,
            $kind,
            $to,
            round($this->state[1] + $this->faults->gaugeErrorPsi, 2),
            round($this->state[2], 2),
        );
    }

    private function sample(int $at): AirSample
    {
        return new AirSample(
            $at,
            $this->state[0],
            $this->state[1],
            $this->state[2],
            $this->state[3],
            $this->state[1] + ($this->state[1] > 0 ? $this->faults->gaugeErrorPsi : 0.0),
            $this->warned,
        );
    }
}
