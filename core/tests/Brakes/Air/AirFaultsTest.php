<?php

declare(strict_types=1);

use Pasada\Core\Brakes\Air\AirFaults;
use Pasada\Core\Document\DocumentHasFaults;

it('reads faults by their names', function (string $list, AirFaults $faults): void {
    expect(AirFaults::read($list))->toEqual($faults);
})->with([
    'none' => ['', new AirFaults([], 0.0, false, false, 0.0, false, 1.0, false, false, 0.0)],
    'only commas and blanks' => [' , ,', new AirFaults],
    'a leak' => ['leak:primary:6', new AirFaults(['primary' => 6.0])],
    'two leaks, one after a name' => [
        'no-warning, leak:trailer:0.5, leak:applied:200', new AirFaults(
            ['trailer' => 0.5, 'applied' => 200.0],
            noWarning: true,
        ),
    ],
    'a leak of nothing' => ['leak:supply:0', new AirFaults(['supply' => 0.0])],
    'governor too low' => ['governor-low', new AirFaults(governorShiftPsi: -20.0)],
    'governor too high' => ['governor-high', new AirFaults(governorShiftPsi: 25.0)],
    'governor stuck' => ['governor-stuck', new AirFaults(governorStuck: true)],
    'valves early' => ['valve-early', new AirFaults(valveShiftPsi: 15.0)],
    'valves late' => ['valve-late', new AirFaults(valveShiftPsi: -16.0)],
    'valves stuck' => ['valve-stuck', new AirFaults(valveStuck: true)],
    'weak compressor' => ['compressor-weak', new AirFaults(compressorShare: 0.3)],
    'tractor brake slips' => ['tractor-brake-slips', new AirFaults(tractorBrakeSlips: true)],
    'service brake pulls' => ['service-pulls', new AirFaults(servicePulls: true)],
    'gauge too high' => ['gauge-high', new AirFaults(gaugeErrorPsi: 6.0)],
    'two of a kind' => ['valve-early,valve-stuck', new AirFaults(valveShiftPsi: 15.0, valveStuck: true)],
]);

it('says what is no fault and what may stand there', function (string $list, string $told): void {
    $read = static fn (): AirFaults => AirFaults::read($list);

    expect($read)->toThrow(DocumentHasFaults::class, $told);
})->with((static function (): array {
    $leak = ' is no leak; give leak:PLACE:PSI, a place of supply, primary, secondary, trailer, applied and 0 to 200 '.
        'psi a minute';

    return [
        'an unknown name' => [
            'governor-low, wheel-off',
            '--faults: "wheel-off" is not known; it may be leak, governor-low, governor-high, governor-stuck, '.
                'no-warning, valve-early, valve-late, valve-stuck, compressor-weak, tractor-brake-slips, '.
                'service-pulls, gauge-high',
        ],
        'a leak without a place' => ['leak', '"leak"'.$leak],
        'a leak nowhere' => ['leak:hood:5', '"leak:hood:5"'.$leak],
        'a leak without a rate' => ['leak:primary', '"leak:primary"'.$leak],
        'a rate in words' => ['leak:primary:much', '"leak:primary:much"'.$leak],
        'less than nothing' => ['leak:primary:-0.1', '"leak:primary:-0.1"'.$leak],
        'more than any leak' => ['leak:primary:200.1', '"leak:primary:200.1"'.$leak],
    ];
})());
