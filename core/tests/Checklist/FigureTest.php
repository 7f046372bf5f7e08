<?php

declare(strict_types=1);

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Checklist\Figure;
use Pasada\Core\Checklist\UnitOfMeasure;

it('says a figure as the trade does', function (?int $low, ?int $high, UnitOfMeasure $unit, string $said): void {
    $figure = new Figure(
        'f', Point::Reading, [], [], $low, $high, $low ?? ($high ?? 0), $high ?? ($low ?? 0), $unit, 'source', '',
    );

    expect($figure->said())->toBe($said);
})->with([
    'tread, lower limit' => [4000, null, UnitOfMeasure::ThirtySecondsInch, 'at least 4/32 in'],
    'lining, a quarter' => [250, null, UnitOfMeasure::Inch, 'at least 1/4 in'],
    'belt, three quarters' => [null, 750, UnitOfMeasure::Inch, 'no more than 3/4 in'],
    'one and a half' => [null, 1500, UnitOfMeasure::Inch, 'no more than 1 1/2 in'],
    'travel, one inch' => [null, 1000, UnitOfMeasure::Inch, 'no more than 1 in'],
    'an odd decimal' => [null, 600, UnitOfMeasure::Inch, 'no more than 0.6 in'],
    'a range' => [120_000, 140_000, UnitOfMeasure::Psi, 'between 120 and 140 psi'],
    'a range with decimals' => [12_000, 14_500, UnitOfMeasure::Volt, 'between 12 and 14.5 volts'],
    'exactly' => [3000, 3000, UnitOfMeasure::Count, '3'],
    'zero is a limit' => [null, 0, UnitOfMeasure::Psi, 'no more than 0 psi'],
    'degrees' => [null, 10_000, UnitOfMeasure::Degree, 'no more than 10 degrees'],
    'seconds' => [null, 45_000, UnitOfMeasure::Second, 'no more than 45 seconds'],
    'share' => [50_000, null, UnitOfMeasure::Percent, 'at least 50 percent'],
    'temperature' => [170_000, 210_000, UnitOfMeasure::Fahrenheit, 'between 170 and 210 °F'],
    'extinguisher' => [5000, null, UnitOfMeasure::Bc, 'at least 5 B:C'],
]);
