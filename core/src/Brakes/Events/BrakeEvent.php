<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Events;

use Pasada\Core\Brakes\BrakeTest;

/** One thing observed during the brake tests. */
final readonly class BrakeEvent
{
    public function __construct(
        /** Milliseconds of a real clock: a device that slept has not stopped it. */
        public int $atMs,
        public EventKind $kind,
        /** One of the kind's states; empty where it has none. */
        public string $to = '',
        /** Reading of the primary gauge in psi, or the figure of an rpm, rolling (mph) or limit event. */
        public ?float $primary = null,
        /** Reading of the secondary gauge in psi. */
        public ?float $secondary = null,
        /** The test that a limit was said of. */
        public ?BrakeTest $test = null,
        /** The words of a spoken event; empty where there are none. */
        public string $text = '',
    ) {}

    /** What both gauges showed then; null where they were not noted. One that was noted alone stands for both. */
    public function pressure(): ?Pressure
    {
        return $this->primary === null || $this->kind->hasOwnFigure()
            ? null
            : new Pressure($this->primary, $this->secondary ?? $this->primary);
    }
}
