<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Judging;

use Pasada\Core\Brakes\Events\BrakeEvent;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Brakes\StepRule;

/** The events since the tests were last begun, with the state of the cab at each. */
final readonly class Run
{
    /**
     * @param  list<BrakeEvent>  $events
     * @param  list<Situation>  $situations  before each event; one more after the last
     * @param  array<string, array<int, BrakeEvent>>  $byKind  by kind and index, as a judge asks for kinds
     */
    private function __construct(
        public array $events,
        public array $situations,
        public int $restarts,
        public Gauges $gauges,
        public SaidAloud $said,
        private array $byKind,
        private bool $combination,
    ) {}

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
        foreach ($since as $n => $event) {
            $byKind[$event->kind->value][$n] = $event;
        }

        return new self(
            $since,
            $situations,
            $restarts,
            Gauges::of($since),
            new SaidAloud($byKind[EventKind::Said->value] ?? []),
            $byKind,
            $combination,
        );
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

    /**
     * @return array{int, BrakeEvent|null} index and event of the first of a kind since a time; none where the time is
     *   null
     */
    public function firstSince(EventKind $kind, ?int $sinceMs): array
    {
        foreach ($sinceMs === null ? [] : $this->all($kind) as $n => $event) {
            if ($event->atMs >= $sinceMs) {
                return [$n, $event];
            }
        }

        return [0, null];
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
     * What came of fanning pressure down: since the step before it began or, where nothing came since, earlier with the
     * engine turned off. A lamp or a valve while pressure is built for the first time is no test.
     *
     * @return array<int, BrakeEvent> by index
     */
    public function fannedDown(EventKind $kind, int $afterMs): array
    {
        $since = array_filter($this->all($kind), static fn (BrakeEvent $event): bool => $event->atMs >= $afterMs);

        return $since !== []
            ? $since
            : array_filter(
                $this->all($kind),
                fn (int $n): bool => ! $this->situations[$n]->engine && $this->wasRunningBefore($n),
                ARRAY_FILTER_USE_KEY,
            );
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

    /**
     * The first event after another that changes the pressures by itself: a pedal pressed, an engine started, a valve
     * moved.
     */
    public function nextTouch(int $index): int
    {
        for ($n = $index + 1; $n < count($this->events); $n++) {
            $event = $this->events[$n];
            if (
                ($event->kind === EventKind::Pedal && $event->to === 'down') ||
                ($event->kind === EventKind::Engine && $event->to === 'on') ||
                $event->kind->isParkingValve()
            ) {
                return $n;
            }
        }

        return PHP_INT_MAX;
    }
}
