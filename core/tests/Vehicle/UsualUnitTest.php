<?php

declare(strict_types=1);

use Pasada\Core\Tests\Vehicle\Yard;
use Pasada\Core\Vehicle\BrakeSystem;
use Pasada\Core\Vehicle\UnitKind;
use Pasada\Core\Vehicle\UsualUnit;

it('hitches a dolly on with the semitrailer that it carries', function (UnitKind $front, array $kinds): void {
    expect(UsualUnit::behind($front))->toBe($kinds);
})->with([
    [UnitKind::DayCabTractor, [[UnitKind::Semitrailer]]],
    [UnitKind::StraightTruck, [[UnitKind::DrawbarTrailer], [UnitKind::Dolly, UnitKind::Semitrailer]]],
    [
        UnitKind::Semitrailer,
        [[UnitKind::Semitrailer], [UnitKind::DrawbarTrailer], [UnitKind::Dolly, UnitKind::Semitrailer]],
    ],
    [UnitKind::Dolly, [[UnitKind::Semitrailer]]],
    [UnitKind::Bus, [[UnitKind::DrawbarTrailer]]],
]);

it('makes units that are right as they are, on whatever can pull them', function (UnitKind $front): void {
    $base = Yard::combination([['day-cab-tractor' => 'tractor', 'straight-truck' => 'truck', 'bus' => 'bus'][
        $front->value
    ], 1]);
    foreach (UsualUnit::behind($front) as $kinds) {
        foreach ([BrakeSystem::Air, BrakeSystem::Electric] as $brakes) {
            if (! $brakes->isOf($kinds[0])) {
                continue;
            }
            $document = $base;
            foreach ($kinds as $kind) {
                $unit = UsualUnit::document($kind, $brakes);
                $by = $kind->hitches()[0];
                $at = $document['units'][count($document['units']) - 1]['to_ft'] - $by->overFeet();
                $unit['from_ft'] += $at;
                $unit['to_ft'] += $at;
                foreach ($unit['axles'] as &$axle) {
                    $axle['at_ft'] += $at;
                }
                unset($axle);
                $document['units'][] = $unit;
            }

            expect(Yard::read($document)->units)->toHaveCount(1 + count($kinds));
        }
    }
})->with([UnitKind::DayCabTractor, UnitKind::StraightTruck, UnitKind::Bus]);
