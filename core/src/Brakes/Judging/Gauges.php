<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Judging;

use Pasada\Core\Brakes\Events\BrakeEvent;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Brakes\Events\Pressure;

/** What the gauges showed during a run, from readings and from events that were noted with their pressures. */
final readonly class Gauges
{
    /** A reading belongs to a moment when it was taken within so many milliseconds of it. */
    public const NEAR_MS = 15_000;

    /**
     * @param  array<int, Reading>  $readings  by index of the event: only what was read off as such
     * @param  array<int, Reading>  $noted  likewise, with those of other events
     */
    private function __construct(public array $readings, private array $noted) {}

    /** @param  list<BrakeEvent>  $events  in order */
    public static function of(array $events): self
    {
        $readings = $noted = [];
        foreach ($events as $n => $event) {
            $pressure = $event->pressure();
            if ($pressure !== null) {
                $noted[$n] = new Reading($event->atMs, $pressure);
            }
            if ($pressure !== null && $event->kind === EventKind::Reading) {
                $readings[$n] = $noted[$n];
            }
        }

        return new self($readings, $noted);
    }

    /**
     * The pressures at a moment, from what was noted around it; null where nothing was noted near.
     *
     * @param  int  $fromIndex  what was noted before this event is left out
     * @param  int  $toIndex  likewise what was noted after this one
     */
    public function at(int $atMs, int $fromIndex = 0, int $toIndex = PHP_INT_MAX): ?Pressure
    {
        $before = $after = null;
        foreach ($this->noted as $n => $reading) {
            if ($n < $fromIndex || $n > $toIndex) {
                continue;
            }
            $before = $reading->atMs <= $atMs ? $reading : $before;
            $after ??= $reading->atMs >= $atMs ? $reading : null;
        }
        $before = $before !== null && $atMs - $before->atMs <= self::NEAR_MS ? $before : null;
        $after = $after !== null && $after->atMs - $atMs <= self::NEAR_MS ? $after : null;
        if ($before === null || $after === null || $before->atMs === $after->atMs) {
            return ($before ?? $after)?->pressure;
        }

        return $before->pressure->towards($after->pressure, ($atMs - $before->atMs) / ($after->atMs - $before->atMs));
    }

    /** What was read last before an event; null where nothing was. */
    public function before(int $index): ?Pressure
    {
        $last = null;
        foreach ($this->readings as $n => $reading) {
            $last = $n < $index ? $reading->pressure : $last;
        }

        return $last;
    }
}
