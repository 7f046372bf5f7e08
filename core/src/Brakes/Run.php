<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes;

/** The events since the tests were last begun, with the state of the cab at each. */
final readonly class Run
{
    /** A reading belongs to a moment when it was taken within so many milliseconds of it. */
    private const NEAR_MS = 15_000;

    /**
     * @param  list<BrakeEvent>  $events
     * @param  list<Situation>  $situations  before each event; one more after the last
     * @param  array<string, array<int, BrakeEvent>>  $byKind  by kind and index, as a judge asks for kinds
     * @param  list<BrakeEvent>  $gauged  those that tell what the gauges showed
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
                $gauged[] = $event;
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

    /** The pressures at a moment, from the readings around it; null where none was taken near. */
    public function pressureAt(int $atMs): ?Pressure
    {
        $before = $after = null;
        foreach ($this->gauged as $event) {
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

    /** @return list<float> the limits that the student stated of a test */
    public function statedLimits(BrakeTest $test): array
    {
        $limits = [];
        foreach ($this->all(EventKind::Said) as $event) {
            if ($event->to === Spoken::Limit->value && $event->test === $test && $event->primary !== null) {
                $limits[] = $event->primary;
            }
        }

        return $limits;
    }
}
