<?php

declare(strict_types=1);

// What 30 minutes of drill bring in true chance to pass: by the plan, by lot, and what was missed most often first.
// Run by ./pasada bench drills [SEED].

use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Progress\Practice\PracticePlan;
use Pasada\Core\Progress\Readiness\Drill;
use Pasada\Core\Progress\Readiness\Readiness;
use Pasada\Core\Tests\Progress\DrilledSchool;
use Pasada\Core\Tests\Progress\Law;
use Pasada\Core\Vehicle\VehicleReader;

require __DIR__.'/../vendor/autoload.php';

$seed = (int) ($argv[1] ?? 1);
$root = dirname(__DIR__);
$checklist = (new ChecklistReader)->read((string) file_get_contents($root.'/checklists/whole-walk-round.json'));
$vehicle = (new VehicleReader)->read((string) file_get_contents($root.'/vehicles/dock-tractor-chassis.json'));
$inspection = Inspection::of($checklist, $vehicle);
$readiness = Readiness::under($checklist, $vehicle);
foreach ([Law::Logistic, Law::Known, Law::Power, Law::Mixed] as $law) {
    $school = new DrilledSchool($inspection, $law, $seed);
    $students = $school->students(60);
    $fitted = $readiness->school(array_column($students, 0));
    $gains = ['plan' => 0.0, 'by lot' => 0.0, 'most missed' => 0.0];
    foreach ($students as [$past, $mind]) {
        $one = $readiness->of($fitted, $past);
        assert($one !== null);
        $plan = array_map(
            static fn (Drill $drill): string => $drill->item, (new PracticePlan($one->drills))->now(30.0),
        );
        foreach (['plan' => $plan] + $school->others($past, 30) as $name => $items) {
            $gains[$name] += $school->gain($mind, $items);
        }
    }
    printf(
        "%-9s true gain of 30 minutes, in 100: plan %.1f, by lot %.1f, most missed first %.1f\n", $law->value,
        100 * $gains['plan'] / count($students), 100 * $gains['by lot'] / count($students),
        100 * $gains['most missed'] / count($students),
    );
}
