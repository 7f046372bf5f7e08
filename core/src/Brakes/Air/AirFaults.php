<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Air;

use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Fault;

/** What is wrong with an air system, to be found by the tests. */
final readonly class AirFaults
{
    /** Names that `read` knows, with what each does. */
    public const NAMES = [
        'leak', 'governor-low', 'governor-high', 'governor-stuck', 'no-warning', 'valve-early', 'valve-late',
        'valve-stuck', 'compressor-weak', 'tractor-brake-slips', 'service-pulls', 'gauge-high',
    ];

    /**
     * @param  array<string, float>  $leaks  psi a minute by place, of the reservoir's own air: a gauge shows less where
     *   others feed it
     */
    public function __construct(
        public array $leaks = [],
        /** Added to where the governor cuts out and in, in psi. */
        public float $governorShiftPsi = 0.0,
        /** Once cut out it never cuts in again. */
        public bool $governorStuck = false,
        public bool $noWarning = false,
        /** Added to where the valves come out, in psi. */
        public float $valveShiftPsi = 0.0,
        public bool $valveStuck = false,
        /** Share of the air that the compressor still gives. */
        public float $compressorShare = 1.0,
        public bool $tractorBrakeSlips = false,
        public bool $servicePulls = false,
        /** Added to what the primary gauge shows, in psi. */
        public float $gaugeErrorPsi = 0.0,
    ) {}

    /**
     * `leak:primary:6,governor-low,gauge-high`; a leak's rate is what its reservoir would lose by itself, in psi a
     * minute.
     *
     * @throws DocumentHasFaults naming what is not known
     */
    public static function read(string $list): self
    {
        $leaks = [];
        $has = [];
        $names = array_map(trim(...), explode(',', $list));
        foreach (array_filter($names, static fn (string $name): bool => $name !== '') as $name) {
            $parts = explode(':', $name);
            if (! in_array($parts[0], self::NAMES, true)) {
                throw DocumentHasFaults::in('--faults', [
                    Fault::at('', sprintf('"%s" is not known; it may be %s', $name, implode(', ', self::NAMES))),
                ]);
            }
            if ($parts[0] !== 'leak') {
                $has[$parts[0]] = true;

                continue;
            }
            $place = LeakPlace::tryFrom($parts[1] ?? '');
            $rate = $parts[2] ?? '';
            if ($place === null || ! is_numeric($rate) || (float) $rate < 0 || (float) $rate > 200) {
                throw DocumentHasFaults::in('--faults', [
                    Fault::at(
                        '',
                        sprintf(
                            '"%s" is no leak; give leak:PLACE:PSI, a place of %s and 0 to 200 psi a minute',
                            $name,
                            implode(', ', array_column(LeakPlace::cases(), 'value')),
                        ),
                    ),
                ]);
            }
            $leaks[$place->value] = (float) $rate;
        }

        return new self(
            $leaks,
            (isset($has['governor-low']) ? -20.0 : 0.0) + (isset($has['governor-high']) ? 25.0 : 0.0),
            isset($has['governor-stuck']),
            isset($has['no-warning']),
            (isset($has['valve-early']) ? 15.0 : 0.0) - (isset($has['valve-late']) ? 16.0 : 0.0),
            isset($has['valve-stuck']),
            isset($has['compressor-weak']) ? 0.3 : 1.0,
            isset($has['tractor-brake-slips']),
            isset($has['service-pulls']),
            isset($has['gauge-high']) ? 6.0 : 0.0,
        );
    }
}
