<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Air;

use Pasada\Core\Brakes\BrakedVehicle;
use Pasada\Core\Brakes\Events\BrakeEvent;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Brakes\Judging\Situation;

/**
 * A student at the controls of a simulated cab: what was done, what the system did by itself, and how the vehicle
 * answered. Tugs and stops are answered by the state of the brakes and the faults, whatever the page said of them.
 */
final readonly class AirPractice
{
    /** Readings are noted so often, in ms, so that a run can be judged like one on a bench. */
    private const READING_MS = 5000;

    public function __construct(private BrakedVehicle $vehicle, private AirFaults $faults, private float $startPsi) {}

    /**
     * The course of the pressures under the controls so far.
     *
     * @param  list<BrakeEvent>  $controls
     * @param  int  $sampleMs  time between samples
     */
    public function course(array $controls, int $untilMs, int $sampleMs): AirTrace
    {
        return (new AirSystem($this->vehicle->makeup(), $this->faults, $this->startPsi))->run(
            $this->withoutRefused($controls),
            $untilMs,
            $sampleMs,
        );
    }

    /**
     * Everything that happened, as somebody with a bench would have observed it.
     *
     * @param  list<BrakeEvent>  $controls
     * @return list<BrakeEvent>
     */
    public function observed(array $controls): array
    {
        $until = $controls === [] ? 0 : $controls[count($controls) - 1]->atMs + 1000;
        $until += (1000 - $until % 1000) % 1000;
        $trace = $this->course($controls, $until, 1000);
        $minutes = array_filter(
            $controls,
            static fn (BrakeEvent $event): bool => in_array(
                $event->kind,
                [EventKind::MinuteStarted, EventKind::MinuteEnded],
                true,
            ),
        );
        $readings = array_map(
            fn (BrakeEvent $event): BrakeEvent => $this->reading($trace, $event->atMs),
            array_values($minutes),
        );
        for ($at = 0; $at <= $until; $at += self::READING_MS) {
            $readings[] = $this->reading($trace, $at);
        }

        return $this->answered([...$this->withoutRefused($controls), ...$trace->events, ...$readings]);
    }

    /**
     * What the student sees and hears happen: what the system did by itself, and how tugs and stops were answered.
     *
     * @param  AirTrace  $trace  of the same controls
     * @param  list<BrakeEvent>  $controls
     * @return list<BrakeEvent>
     */
    public function shown(AirTrace $trace, array $controls): array
    {
        return array_values(
            array_filter(
                $this->allInOrder($trace, $controls),
                static fn (BrakeEvent $event): bool => $event->kind->isOfTheSystem() ||
                    in_array($event->kind, [EventKind::Tug, EventKind::Stopped], true),
            ),
        );
    }

    /**
     * @param  list<BrakeEvent>  $controls
     * @return array<int, string> by index, what the cab would not do, and why
     */
    public function refused(array $controls): array
    {
        return (new CabRefusals($this->vehicle->isManual))->among($controls);
    }

    /**
     * How the controls stand once the last of them was touched; valves that came out before are out.
     *
     * @param  AirTrace  $trace  of the same controls
     * @param  list<BrakeEvent>  $controls
     */
    public function situation(AirTrace $trace, array $controls): Situation
    {
        $last = $controls === [] ? 0 : $controls[count($controls) - 1]->atMs;
        $situation = new Situation;
        foreach ($this->allInOrder($trace, $controls) as $event) {
            $situation = $event->atMs <= $last ? $situation->after($event) : $situation;
        }

        return $situation;
    }

    /**
     * @param  list<BrakeEvent>  $controls
     * @return list<BrakeEvent>
     */
    private function allInOrder(AirTrace $trace, array $controls): array
    {
        return $this->answered([...$this->withoutRefused($controls), ...$trace->events]);
    }

    /**
     * @param  list<BrakeEvent>  $controls
     * @return list<BrakeEvent>
     */
    private function withoutRefused(array $controls): array
    {
        return array_values(array_diff_key($controls, $this->refused($controls)));
    }

    private function reading(AirTrace $trace, int $atMs): BrakeEvent
    {
        $sample = $trace->at($atMs);

        return new BrakeEvent(
            $atMs, EventKind::Reading, '', round(min(200, $sample->primaryGauge), 1), round($sample->secondary, 1),
        );
    }

    /**
     * @param  list<BrakeEvent>  $events  what was done before what came of it, where both are of one moment
     * @return list<BrakeEvent> in order
     */
    private function answered(array $events): array
    {
        usort($events, static fn (BrakeEvent $a, BrakeEvent $b): int => $a->atMs <=> $b->atMs);
        $situation = new Situation;
        $answered = [];
        foreach ($events as $event) {
            $answered[] = match ($event->kind) {
                EventKind::Tug => new BrakeEvent(
                    $event->atMs,
                    EventKind::Tug,
                    $this->holds($situation) ? 'held' : 'moved',
                ),
                EventKind::Stopped => new BrakeEvent(
                    $event->atMs,
                    EventKind::Stopped,
                    $this->faults->servicePulls ? 'pulled' : 'straight',
                ),
                default => $event,
            };
            $situation = $situation->after($event);
        }

        return $answered;
    }

    private function holds(Situation $situation): bool
    {
        return $situation->chocked
            || $situation->pedalDown
            || (! $situation->tractorIn && ! $this->faults->tractorBrakeSlips)
            || ($this->vehicle->combination && (! $situation->trailerIn || $situation->handOn));
    }
}
