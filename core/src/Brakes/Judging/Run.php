<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Judging;

use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Events\BrakeEvent;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Brakes\Spoken;
use Pasada\Core\Brakes\StepRule;

/** The events since the tests were last begun, with the state of the cab at each. */
final readonly class Run
{
    /** A reading belongs to a moment when it was taken within so many milliseconds of it. */
    private const NEAR_MS = 15_000;

    /**
     * @param  list<BrakeEvent>  $events
     * @param  list<Situation>  $situations  before each event; one more after the last
     * @param  array<string, array<int, BrakeEvent>>  $byKind  by kind and index, as a judge asks for kinds
     * @param  array<int, BrakeEvent>  $gauged  those that tell what the gauges showed, by index
     */
    private function __construct(public array $events, public array $situations, public int $restarts, private array $byKind, private array $gauged, private bool $combination) {}

    /**
     * @param  list<BrakeEvent>  $events  in order
     * @param  bool  $combination  whether limits are those of a combination
     */
    public static function of(array $events, bool $combination): self
    {
        $events = (new WordsHeard($combination))->in($events);
        $restarts = 0;
        $since = [];
        $situation = new Situation;
        $situations = [$situation];
        foreach ($events as $event) {
            $situation = $situation->after($event);
            if ($event->kind === EventKind::Restarted) {
                $restarts++;
                // Key, valves and chocks stand as they stood.
                [$since, $situations] = [[], [$situation]];
            } else {
                $since[] = $event;
                $situations[] = $situation;
            }
        }
        $byKind = [];
        $gauged = [];
        foreach ($since as $n => $event) {
            $byKind[$event->kind->value][$n] = $event;
            if ($event->kind === EventKind::Reading || ($event->primary !== null && ! in_array($event->kind, [EventKind::Rpm, EventKind::Rolling, EventKind::Said], true))) {
                $gauged[$n] = $event;
            }
        }

        return new self($since, $situations, $restarts, $byKind, $gauged, $combination);
    }

    public function situationAt(int $index): Situation
    {
        return $this->situations[$index];
    }

    /** The first state of the cab that a step needs and that was not so at an event; null where all were. */
    public function wrongAt(int $index, StepRule $rule): ?string
    {
        return $rule->wrongIn($this->situations[$index], $this->combination);
    }

    /** @return array<int, BrakeEvent> by index */
    public function all(EventKind $kind): array
    {
        return $this->byKind[$kind->value] ?? [];
    }

    public function firstAfter(int $index, EventKind $kind): ?int
    {
        foreach (array_keys($this->all($kind)) as $n) {
            if ($n > $index) {
                return $n;
            }
        }

        return null;
    }

    /**
     * What came of fanning pressure down: since the step before it began or, where nothing came since, earlier with the engine turned off. A
     * lamp or a valve while pressure is built for the first time is no test.
     *
     * @return array<int, BrakeEvent> by index
     */
    public function fannedDown(EventKind $kind, int $afterMs): array
    {
        $since = array_filter($this->all($kind), static fn (BrakeEvent $event): bool => $event->atMs >= $afterMs);

        return $since !== [] ? $since : array_filter($this->all($kind), fn (int $n): bool => ! $this->situations[$n]->engine && $this->wasRunningBefore($n), ARRAY_FILTER_USE_KEY);
    }

    public function lastBefore(int $index, EventKind $kind): ?int
    {
        $found = null;
        foreach (array_keys($this->all($kind)) as $n) {
            $found = $n < $index ? $n : $found;
        }

        return $found;
    }

    /** Time of the last thing that was observed, in ms. */
    public function lastMs(): int
    {
        return $this->events === [] ? 0 : $this->events[count($this->events) - 1]->atMs;
    }

    public function wasRunningBefore(int $index): bool
    {
        foreach (array_slice($this->situations, 0, $index + 1) as $situation) {
            if ($situation->engine) {
                return true;
            }
        }

        return false;
    }

    public function isInMinute(int $index): bool
    {
        $start = $this->lastBefore($index, EventKind::MinuteStarted);
        $end = $start === null ? null : $this->firstAfter($start, EventKind::MinuteEnded);

        return $start !== null && ($end === null || $end > $index);
    }

    /** The first event after another that changes the pressures by itself: a pedal pressed, an engine started, a valve moved. */
    public function nextTouch(int $index): int
    {
        for ($n = $index + 1; $n < count($this->events); $n++) {
            $event = $this->events[$n];
            if (($event->kind === EventKind::Pedal && $event->to === 'down') || ($event->kind === EventKind::Engine && $event->to === 'on') || in_array($event->kind, [EventKind::TractorValve, EventKind::TrailerValve], true)) {
                return $n;
            }
        }

        return PHP_INT_MAX;
    }

    /** What the student read aloud near a moment, where nobody noted the gauges; null where nothing was. */
    public function spokenPressure(Spoken $what, int $atMs): ?Pressure
    {
        foreach ($this->all(EventKind::Said) as $event) {
            if ($event->to === $what->value && $event->primary !== null && abs($event->atMs - $atMs) <= self::NEAR_MS) {
                return new Pressure($event->primary, $event->primary);
            }
        }

        return null;
    }

    /**
     * The pressures at a moment, from the readings around it; null where none was taken near.
     *
     * @param  int  $fromIndex  readings before this event are left out
     * @param  int  $toIndex  likewise those behind this one
     */
    public function pressureAt(int $atMs, int $fromIndex = 0, int $toIndex = PHP_INT_MAX): ?Pressure
    {
        $before = $after = null;
        foreach ($this->gauged as $n => $event) {
            if ($n < $fromIndex || $n > $toIndex) {
                continue;
            }
            $before = $event->atMs <= $atMs ? $event : $before;
            $after ??= $event->atMs >= $atMs ? $event : null;
        }
        $before = $before !== null && $atMs - $before->atMs <= self::NEAR_MS ? $before : null;
        $after = $after !== null && $after->atMs - $atMs <= self::NEAR_MS ? $after : null;
        if ($before === null || $after === null || $before->atMs === $after->atMs) {
            $one = $before ?? $after;

            return $one === null ? null : new Pressure((float) $one->primary, (float) ($one->secondary ?? $one->primary));
        }
        $share = ($atMs - $before->atMs) / ($after->atMs - $before->atMs);

        return new Pressure(
            (float) $before->primary + $share * ((float) $after->primary - (float) $before->primary),
            (float) ($before->secondary ?? $before->primary) + $share * ((float) ($after->secondary ?? $after->primary) - (float) ($before->secondary ?? $before->primary)),
        );
    }

    /** What was read last before an event; null where nothing was. */
    public function pressureBefore(int $index): ?Pressure
    {
        for ($n = $index - 1; $n >= 0; $n--) {
            $event = $this->events[$n];
            if ($event->kind === EventKind::Reading) {
                return new Pressure((float) $event->primary, (float) $event->secondary);
            }
        }

        return null;
    }

    public function said(Spoken $what, int $fromMs, int $toMs): bool
    {
        foreach ($this->all(EventKind::Said) as $event) {
            if ($event->to === $what->value && $event->atMs >= $fromMs && $event->atMs <= $toMs) {
                return true;
            }
        }

        return false;
    }

    /** @return list<float> the limits that the student stated of a test, as far as their figures are known */
    public function statedLimits(BrakeTest $test): array
    {
        return array_values(array_filter(array_map(static fn (BrakeEvent $event): ?float => $event->primary, $this->limits($test)), is_float(...)));
    }

    /** Whether the student stated the limit of a test, by its figure or by a touch of the scorer. */
    public function statesLimit(BrakeTest $test): bool
    {
        return $this->limits($test) !== [];
    }

    /** @return array<int, BrakeEvent> */
    private function limits(BrakeTest $test): array
    {
        return array_filter($this->all(EventKind::Said), static fn (BrakeEvent $event): bool => $event->to === Spoken::Limit->value && $event->test === $test);
    }
}
