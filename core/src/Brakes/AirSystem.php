<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes;

/**
 * A small model of an air brake system: compressor, governor, dryer, supply, primary, secondary and trailer reservoirs behind
 * check valves, pedal and hand valve, leaks, low-air switch, and parking valves that come out by themselves.
 *
 * Amounts of air are kept in psi litres (pressure above the outside times volume), so that what flows from one reservoir
 * to another is neither made nor lost. Between two changes of the controls the course is determined; same input, same
 * course. A fixed step; halving it changes no pressure by more than 0.2 psi.
 */
final class AirSystem
{
    public const STEP_MS = 50;

    /** Pressures of two joined reservoirs come together with this time constant, in seconds. */
    private const JOINED_SECONDS = 0.4;

    /** A chamber fills and empties with this one. */
    private const CHAMBER_SECONDS = 0.15;

    /** @var array<int, float> psi in supply, primary, secondary and trailer reservoir */
    private array $psi;

    /** @var array<int, float> psi in the chambers of primary, secondary and trailer */
    private array $chamber = [0.0, 0.0, 0.0];

    private bool $loaded = true;

    private bool $hasCutOut = false;

    private bool $warned = false;

    private float $delivered = 0.0;

    private float $leaked = 0.0;

    private float $vented = 0.0;

    /** @var list<BrakeEvent> */
    private array $events = [];

    private Situation $controls;

    /** Share of a difference that flows in one step, between reservoirs and into a chamber. */
    private readonly float $joined;

    private readonly float $filled;

    /** @var list<array{int, float, float, bool}> reservoir, its litres, psi lost in a step, whether only with the pedal down */
    private readonly array $leaks;

    public function __construct(private readonly AirMakeup $makeup, private readonly AirFaults $faults, float $startPsi = 0.0, private readonly int $stepMs = self::STEP_MS)
    {
        $this->joined = 1 - exp(-$stepMs / 1000 / self::JOINED_SECONDS);
        $this->filled = 1 - exp(-$stepMs / 1000 / self::CHAMBER_SECONDS);
        $this->leaks = $this->leaksOf($makeup, $faults);
        $this->psi = [$startPsi, $startPsi, $startPsi, $makeup->combination ? $startPsi : 0.0];
        $this->controls = new Situation;
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
        $samples = [];
        $next = 0;
        $count = count($controls);
        for ($at = 0; $at <= $untilMs; $at += $this->stepMs) {
            while ($next < $count && $controls[$next]->atMs <= $at) {
                $this->controls = $this->controls->after($controls[$next++]);
                // A valve pushed in below its pressure does not stay in.
                $this->popOut($at);
            }
            if ($at % $sampleMs === 0) {
                $samples[] = $this->sample($at);
            }
            if ($at < $untilMs) {
                $this->step($at);
            }
        }

        return new AirTrace($samples, $this->events, ['start' => $start, 'delivered' => $this->delivered, 'leaked' => $this->leaked, 'vented' => $this->vented, 'end' => $this->air()]);
    }

    /** All air in reservoirs and chambers, in psi litres. */
    public function air(): float
    {
        $m = $this->makeup;

        return $this->psi[0] * $m->supplyLitres + $this->psi[1] * $m->primaryLitres + $this->psi[2] * $m->secondaryLitres + $this->psi[3] * $m->trailerLitres
            + $this->chamber[0] * $m->primaryChamberLitres + $this->chamber[1] * $m->secondaryChamberLitres + $this->chamber[2] * $m->trailerChamberLitres;
    }

    private function step(int $at): void
    {
        $seconds = $this->stepMs / 1000;
        $this->compress($seconds, $at);
        $this->share();
        $this->leak();
        $this->brake();
        $this->warn($at);
        $this->popOut($at);
    }

    private function compress(float $seconds, int $at): void
    {
        $m = $this->makeup;
        $cutOut = $m->cutOutPsi + $this->faults->governorShiftPsi;
        $cutIn = $m->cutInPsi + $this->faults->governorShiftPsi;
        if ($this->loaded && $this->psi[0] >= $cutOut) {
            $this->loaded = false;
            $this->hasCutOut = true;
            $this->tell($at, EventKind::CutOut);
        } elseif (! $this->loaded && $this->psi[0] <= $cutIn && ! $this->faults->governorStuck) {
            $this->loaded = true;
            if ($this->hasCutOut && $this->controls->engine) {
                $this->tell($at, EventKind::CutIn);
            }
        }
        if ($this->loaded && $this->controls->engine) {
            $rpm = $this->controls->rpm > 0 ? $this->controls->rpm : 650.0;
            $air = $rpm / 60 * $m->litresPerTurn * AirMakeup::OUTSIDE_PSI * $this->faults->compressorShare * $seconds;
            $this->psi[0] += $air / $m->supplyLitres;
            $this->delivered += $air;
        }
    }

    /** Check valves let air on and not back; the trailer is fed while its valve is in. */
    private function share(): void
    {
        $m = $this->makeup;
        $share = $this->joined;
        $this->flow(0, 1, $m->supplyLitres, $m->primaryLitres, $share);
        $this->flow(0, 2, $m->supplyLitres, $m->secondaryLitres, $share);
        if ($m->combination && $this->controls->trailerIn) {
            $from = $this->psi[1] >= $this->psi[2] ? 1 : 2;
            $this->flow($from, 3, $from === 1 ? $m->primaryLitres : $m->secondaryLitres, $m->trailerLitres, $share);
        }
    }

    private function flow(int $from, int $to, float $fromLitres, float $toLitres, float $share): void
    {
        $drop = $this->psi[$from] - $this->psi[$to];
        if ($drop <= 0) {
            return;
        }
        // What would make both equal, and of that the part that this step lets through.
        $air = $drop * $fromLitres * $toLitres / ($fromLitres + $toLitres) * $share;
        $this->psi[$from] -= $air / $fromLitres;
        $this->psi[$to] += $air / $toLitres;
    }

    /** @return list<array{int, float, float, bool}> */
    private function leaksOf(AirMakeup $makeup, AirFaults $faults): array
    {
        $places = ['supply' => [0, $makeup->supplyLitres], 'primary' => [1, $makeup->primaryLitres], 'secondary' => [2, $makeup->secondaryLitres], 'trailer' => [3, $makeup->trailerLitres]];
        $leaks = [];
        foreach ($faults->leaks as $place => $perMinute) {
            [$of, $litres] = $places[$place] ?? [1, $makeup->primaryLitres];
            if ($litres > 0) {
                $leaks[] = [$of, $litres, $perMinute / 60_000 * $this->stepMs, $place === LeakPlace::Applied->value];
            }
        }

        return $leaks;
    }

    private function leak(): void
    {
        foreach ($this->leaks as [$of, $litres, $perStep, $isApplied]) {
            if ($isApplied && ! $this->controls->pedalDown) {
                continue;
            }
            $lost = min($this->psi[$of], $perStep);
            $this->psi[$of] -= $lost;
            $this->leaked += $lost * $litres;
        }
    }

    /** A pedal fills the chambers from their reservoirs; letting up empties them to the outside. */
    private function brake(): void
    {
        $m = $this->makeup;
        $share = $this->filled;
        foreach ([[0, 1, $m->primaryChamberLitres, $m->primaryLitres], [1, 2, $m->secondaryChamberLitres, $m->secondaryLitres], [2, 3, $m->trailerChamberLitres, $m->trailerLitres]] as [$chamber, $from, $litres, $reservoir]) {
            if ($litres <= 0) {
                continue;
            }
            $isApplied = $this->controls->pedalDown || ($chamber === 2 && $this->controls->handOn);
            if ($isApplied) {
                $air = max(0.0, ($this->psi[$from] - $this->chamber[$chamber]) * $litres * $reservoir / ($litres + $reservoir) * $share);
                $this->psi[$from] -= $air / $reservoir;
                $this->chamber[$chamber] += $air / $litres;
            } else {
                $air = $this->chamber[$chamber] * $litres * $share;
                $this->chamber[$chamber] -= $air / $litres;
                $this->vented += $air;
            }
        }
    }

    private function warn(int $at): void
    {
        $low = $this->controls->key && ! $this->faults->noWarning && min($this->psi[1], $this->psi[2]) < $this->makeup->warningPsi;
        if ($low && ! $this->warned) {
            $this->tell($at, EventKind::Warning);
        }
        $this->warned = $low;
    }

    /** Valves are held in by the higher of primary and secondary. */
    private function popOut(int $at): void
    {
        if ($this->faults->valveStuck) {
            return;
        }
        $higher = max($this->psi[1], $this->psi[2]);
        if ($this->controls->trailerIn && $this->makeup->combination && $higher < $this->makeup->trailerPopPsi + $this->faults->valveShiftPsi) {
            $this->pop($at, 'trailer');
        }
        if ($this->controls->tractorIn && $higher < $this->makeup->tractorPopPsi + $this->faults->valveShiftPsi) {
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
        $this->events[] = new BrakeEvent($at, $kind, $to, round($this->psi[1] + $this->faults->gaugeErrorPsi, 2), round($this->psi[2], 2));
    }

    private function sample(int $at): AirSample
    {
        return new AirSample($at, $this->psi[0], $this->psi[1], $this->psi[2], $this->psi[3], $this->psi[1] + ($this->psi[1] > 0 ? $this->faults->gaugeErrorPsi : 0.0), $this->warned);
    }
}
