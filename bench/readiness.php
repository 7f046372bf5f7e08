<?php

declare(strict_types=1);

// How well the exam is foretold on simulated schools, and how long that takes. Run by ./pasada bench readiness [SEED].

use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Progress\Readiness\Readiness;
use Pasada\Core\Tests\Progress\Law;
use Pasada\Core\Tests\Progress\Scores;
use Pasada\Core\Tests\Progress\SimulatedSchool;
use Pasada\Core\Vehicle\VehicleReader;

require __DIR__.'/../vendor/autoload.php';

$seed = (int) ($argv[1] ?? 1);
$root = dirname(__DIR__);
$checklist = (new ChecklistReader)->read((string) file_get_contents($root.'/checklists/whole-walk-round.json'));
$vehicle = (new VehicleReader)->read((string) file_get_contents($root.'/vehicles/dock-tractor-chassis.json'));
$inspection = Inspection::of($checklist, $vehicle);
$readiness = Readiness::under($checklist, $vehicle);
foreach (Law::cases() as $law) {
    $made = (new SimulatedSchool($inspection, $law, $seed))->students(100);
    $start = hrtime(true);
    $school = $readiness->school(array_column($made, 0));
    $fitted = (hrtime(true) - $start) / 1e9;
    $scores = new Scores;
    $start = hrtime(true);
    foreach ($made as [$past, $true, $isPassed, $passedLast, $share]) {
        $one = $readiness->of($school, $past);
        assert($one !== null);
        $scores->add($one->forecast->chance(), $one->forecast->interval(), $true, $isPassed, $passedLast, $share);
    }
    printf(
        "%-9s %s  fit %.1f s, answer %.0f ms\n", $law->value, $scores->said(), $fitted,
        (hrtime(true) - $start) / 1e6 / count($made),
    );
    if (in_array('-v', $argv, true)) {
        $traits = array_map(static fn (float $one): float => round($one, 2), $school->traits->values());
        echo '   ', json_encode($traits), "\n";
    }
}
