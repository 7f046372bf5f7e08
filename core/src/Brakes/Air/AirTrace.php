<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Air;

use Pasada\Core\Brakes\Events\BrakeEvent;

/** The course of the pressures, what the system did by itself, and where the air went. */
final readonly class AirTrace
{
    /**
     * @param  list<AirSample>  $samples
     * @param  list<BrakeEvent>  $events  cut-out, cut-in, warning, popped: with the gauges at that moment
     * @param  array{start: float, delivered: float, leaked: float, vented: float, end: float}  $ledger  in psi liters
     */
    public function __construct(public array $samples, public array $events, public array $ledger) {}

    /** The last sample that was taken until then. */
    public function at(int $atMs): AirSample
    {
        [$low, $high] = [0, count($this->samples) - 1];
        while ($low < $high) {
            $middle = intdiv($low + $high + 1, 2);
            [$low, $high] = $this->samples[$middle]->atMs <= $atMs ? [$middle, $high] : [$low, $middle - 1];
        }

        return $this->samples[$low];
    }
}
