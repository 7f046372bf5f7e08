<?php

declare(strict_types=1);

// How long a large school takes to fit, and one more attempt of a student to answer. Run by ./pasada bench school
// [STUDENTS] [ATTEMPTS]; the application fits 200 students at the most.

use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Progress\Readiness\Readiness;
use Pasada\Core\Tests\Progress\Law;
use Pasada\Core\Tests\Progress\SimulatedSchool;
use Pasada\Core\Vehicle\VehicleReader;

require __DIR__.'/../vendor/autoload.php';

[$count, $attempts] = [(int) ($argv[1] ?? 200), (int) ($argv[2] ?? 40)];
$root = dirname(__DIR__);
$checklist = (new ChecklistReader)->read((string) file_get_contents($root.'/checklists/whole-walk-round.json'));
$vehicle = (new VehicleReader)->read((string) file_get_contents($root.'/vehicles/dock-tractor-chassis.json'));
$made = (new SimulatedSchool(Inspection::of($checklist, $vehicle), Law::Logistic, 1))->students(
    $count, $attempts, $attempts,
);
$readiness = Readiness::under($checklist, $vehicle);
$start = hrtime(true);
$school = $readiness->school(array_column($made, 0));
printf(
    "%d students with %d attempts each fitted in %.1f s, %d MB\n", $count, $attempts, (hrtime(true) - $start) / 1e9,
    memory_get_peak_usage() >> 20,
);
$times = [];
foreach (array_slice($made, 0, 20) as [$past]) {
    $start = hrtime(true);
    $readiness->of($school, $past);
    $times[] = (hrtime(true) - $start) / 1e6;
}
sort($times);
printf("a student with %d attempts is answered in %.0f ms (median)\n", $attempts, $times[10]);
