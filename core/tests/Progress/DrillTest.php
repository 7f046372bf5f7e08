<?php

declare(strict_types=1);

use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Progress\Practice\PracticePlan;
use Pasada\Core\Progress\Readiness\Drill;
use Pasada\Core\Progress\Readiness\Readiness;
use Pasada\Core\Tests\Progress\DrilledSchool;
use Pasada\Core\Tests\Progress\Law;
use Pasada\Core\Tests\Sample;
use Pasada\Core\Vehicle\VehicleReader;

it('drills what brings far more true chance than a drill by lot', function (): void {
    $checklist = (new ChecklistReader)->read(Sample::shipped('checklists', 'short-list-grouped'));
    $vehicle = (new VehicleReader)->read(Sample::shipped('vehicles', 'stake-truck'));
    $readiness = Readiness::under($checklist, $vehicle);
    $school = new DrilledSchool(Inspection::of($checklist, $vehicle), Law::Known, 3);
    $students = $school->students(30);
    $fitted = $readiness->school(array_column($students, 0));
    $plan = $lot = 0.0;
    foreach ($students as [$past, $mind]) {
        $drills = $readiness->of($fitted, $past)->drills ?? [];
        $items = array_map(
            static fn (Drill $drill): string => $drill->item, (new PracticePlan($drills))->now(12.0),
        );
        $plan += $school->gain($mind, $items);
        $lot += $school->gain($mind, $school->others($past, 12)['by lot']);
    }

    expect($plan)->toBeGreaterThan(1.5 * $lot)->toBeGreaterThan(0.0);
});
