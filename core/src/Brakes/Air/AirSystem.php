<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Air;

use Pasada\Core\Brakes\Events\BrakeEvent;

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

    private readonly AirPlumbing $plumbing;

    private readonly AirDevices $devices;

    /** @var list<float> of AirPlumbing */
    private array $state;

    /** From one sample to the next, in steps of the grid; 0 where that is too long to be looked at as one. */
    private int $wholeSteps = 0;

    /** How far to look at once, in steps of the grid. */
    private int $size = 1;

    private float $delivered = 0.0;

    private float $leaked = 0.0;

    private float $vented = 0.0;

    /** @var array<string, AirMode> by what is open */
    private array $modes = [];

    private AirMode $mode;

    /** @var list<bool> which ways the mode has open */
    private array $open = [];

    /** @var array{float, float, float, float, float} of AirDevices */
    private array $limits = [INF, -INF, -INF, -INF, INF];

    public function __construct(
        private readonly AirMakeup $makeup,
        AirFaults $faults,
        float $startPsi = 0.0,
        private readonly float $gridMs = self::GRID_MS,
    ) {
        $this->plumbing = new AirPlumbing($makeup, $faults);
        $this->devices = new AirDevices($makeup, $faults);
        $this->state = [$startPsi, $startPsi, $startPsi, $makeup->combination ? $startPsi : 0.0, 0.0, 0.0, 0.0, 1.0];
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
            $samples[] = $this->devices->sample($this->state, $at);
            $end = min($at + $sampleMs, $untilMs);
            $from = $at;
            while ($next < $count && $controls[$next]->atMs < $end) {
                $this->advance($from, $controls[$next]->atMs);
                $from = $controls[$next]->atMs;
                $this->touch($controls[$next++]);
            }
            $this->advance($from, $end);
        }

        return new AirTrace($samples, $this->devices->events, [
            'start' => $start, 'delivered' => $this->delivered, 'leaked' => $this->leaked, 'vented' => $this->vented,
            'end' => $this->air(),
        ]);
    }

    /** All air in reservoirs and chambers, in psi liters. */
    public function air(): float
    {
        return $this->plumbing->air($this->state);
    }

    private function touch(BrakeEvent $control): void
    {
        $this->devices->controls = $this->devices->controls->after($control);
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
        $this->leaked += $this->plumbing->leakPerSecond($this->open) * $seconds;
        $this->delivered += $this->devices->gainPerSecond() * $seconds * $this->makeup->supplyLiters;
        $this->vented += $this->plumbing->vented($this->state, $after, $this->devices->controls);
        $this->state = $after;
    }

    /**
     * Whether something switches by itself at these pressures.
     *
     * @param  list<float>  $state
     */
    private function switches(array $state): bool
    {
        [$supply, $primary, $secondary] = $state;
        [$above, $below, $warnsAt, $popsAt, $quietAt] = $this->limits;

        return $supply >= $above || $supply <= $below || $primary <= $warnsAt || $secondary <= $warnsAt
            || ($primary <= $popsAt && $secondary <= $popsAt) || ($primary > $quietAt && $secondary > $quietAt)
            || $this->plumbing->hasTurned($this->open, $state, $this->devices->controls);
    }

    private function act(int $atMs): void
    {
        $this->leaked += $this->plumbing->overdrawn($this->state);
        $this->state = array_map(static fn (float $psi): float => max(0.0, $psi), $this->state);
        $this->devices->act($this->state, $atMs);
        $this->switch();
    }

    /** Sets how air flows from here on, and what to watch for. */
    private function switch(): void
    {
        $controls = $this->devices->controls;
        $gain = $this->devices->gainPerSecond();
        $this->open = $this->plumbing->open($this->state, $controls);
        $this->size = (int) (self::FIRST_MS / $this->gridMs);
        $key = implode('', array_map(intval(...), [...$this->open, $controls->pedalDown, $controls->handOn])).'|'.$gain;
        $this->mode = $this->modes[$key]
            ??= new AirMode($this->plumbing->rates($this->open, $controls, $gain), $this->gridMs / 1000);
        $this->limits = $this->devices->limits();
    }
}
