<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Air;

use Pasada\Core\Brakes\Events\BrakeEvent;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Brakes\Judging\Situation;

/** What acts on pressure by itself, and tells of it: compressor and governor, low-air switch, parking valves. */
final class AirDevices
{
    /** Engine speed where nobody noted it: a diesel at idle. */
    private const IDLE_RPM = 650.0;

    public Situation $controls;

    /** @var list<BrakeEvent> what it did by itself, in order */
    public array $events = [];

    private bool $isLoaded = true;

    private bool $hasCutOut = false;

    private bool $isWarning = false;

    private readonly float $cutOutPsi;

    private readonly float $cutInPsi;

    public function __construct(private readonly AirMakeup $makeup, private readonly AirFaults $faults)
    {
        $this->cutOutPsi = $makeup->cutOutPsi + $faults->governorShiftPsi;
        $this->cutInPsi = $makeup->cutInPsi + $faults->governorShiftPsi;
        $this->controls = new Situation;
    }

    /** What the compressor adds to the supply reservoir, in psi a second. */
    public function gainPerSecond(): float
    {
        if (! $this->isLoaded || ! $this->controls->engine) {
            return 0.0;
        }
        $rpm = $this->controls->rpm > 0 ? $this->controls->rpm : self::IDLE_RPM;
        $liters = $rpm / 60 * $this->makeup->litersPerTurn * $this->faults->compressorShare;

        return $liters * AirMakeup::OUTSIDE_PSI / $this->makeup->supplyLiters;
    }

    /**
     * The pressures at which something acts.
     *
     * @return array{float, float, float, float, float} supply above, supply below, either gauge below, both gauges
     *   below, both gauges above
     */
    public function limits(): array
    {
        $c = $this->controls;
        $trailer = $this->makeup->combination && $c->trailerIn ? $this->popsAt($this->makeup->trailerPopPsi) : -INF;
        $tractor = $c->tractorIn ? $this->popsAt($this->makeup->tractorPopPsi) : -INF;

        return [
            $this->isLoaded ? $this->cutOutPsi : INF,
            $this->isLoaded || $this->faults->governorStuck ? -INF : $this->cutInPsi,
            $this->isWarning || ! $c->key || $this->faults->noWarning ? -INF : $this->makeup->warningPsi,
            $this->faults->valveStuck ? -INF : max($trailer, $tractor),
            $this->isWarning ? $this->makeup->warningPsi : INF,
        ];
    }

    /**
     * What governor, switch and valves do at a moment.
     *
     * @param  list<float>  $state
     */
    public function act(array $state, int $atMs): void
    {
        if ($this->isLoaded && $state[0] >= $this->cutOutPsi) {
            $this->isLoaded = false;
            $this->hasCutOut = true;
            $this->tell($state, $atMs, EventKind::CutOut);
        } elseif (! $this->isLoaded && $state[0] <= $this->cutInPsi && ! $this->faults->governorStuck) {
            $this->isLoaded = true;
            if ($this->hasCutOut && $this->controls->engine) {
                $this->tell($state, $atMs, EventKind::CutIn);
            }
        }
        $isLow = $this->controls->key && ! $this->faults->noWarning
            && min($state[1], $state[2]) <= $this->makeup->warningPsi;
        if ($isLow && ! $this->isWarning) {
            $this->tell($state, $atMs, EventKind::Warning);
        }
        $this->isWarning = $isLow;
        $this->popOut($state, $atMs);
    }

    /** @param  list<float>  $state */
    public function sample(array $state, int $atMs): AirSample
    {
        $gauge = $state[1] + ($state[1] > 0 ? $this->faults->gaugeErrorPsi : 0.0);

        return new AirSample($atMs, $state[0], $state[1], $state[2], $state[3], $gauge, $this->isWarning);
    }

    /**
     * Valves are held in by the higher of primary and secondary.
     *
     * @param  list<float>  $state
     */
    private function popOut(array $state, int $atMs): void
    {
        if ($this->faults->valveStuck) {
            return;
        }
        $higher = max($state[1], $state[2]);
        $hasTrailer = $this->makeup->combination && $this->controls->trailerIn;
        if ($hasTrailer && $higher <= $this->popsAt($this->makeup->trailerPopPsi)) {
            $this->pop($state, $atMs, 'trailer');
        }
        if ($this->controls->tractorIn && $higher <= $this->popsAt($this->makeup->tractorPopPsi)) {
            $this->pop($state, $atMs, 'tractor');
        }
    }

    private function popsAt(float $psi): float
    {
        return $psi + $this->faults->valveShiftPsi;
    }

    /** @param  list<float>  $state */
    private function pop(array $state, int $atMs, string $valve): void
    {
        $this->controls = $this->controls->after($this->tell($state, $atMs, EventKind::Popped, $valve));
    }

    /** @param  list<float>  $state */
    private function tell(array $state, int $atMs, EventKind $kind, string $to = ''): BrakeEvent
    {
        $primary = round($state[1] + $this->faults->gaugeErrorPsi, 2);

        return $this->events[] = new BrakeEvent($atMs, $kind, $to, $primary, round($state[2], 2));
    }
}
