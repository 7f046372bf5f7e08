<?php

declare(strict_types=1);

// How long it takes to plan a week of a few hundred students, and what that brings. Run by ./pasada bench yard [SEED].

use Pasada\Core\Progress\Yard\YardPlanner;
use Pasada\Core\Progress\Yard\YardReader;
use Random\Engine\Mt19937;
use Random\Randomizer;

require __DIR__.'/../vendor/autoload.php';

$by = new Randomizer(new Mt19937((int) ($argv[1] ?? 1)));
$slots = $students = [];
for ($day = 1; $day <= 5; $day++) {
    for ($hour = 8; $hour < 16; $hour++) {
        $slots[] = ['id' => $day.'-'.$hour, 'from' => sprintf('2026-12-%02dT%02d:00', $day, $hour)];
    }
}
$vehicles = ['tractor', 'van', 'truck', 'doubles', 'bus'];
for ($n = 0; $n < 300; $n++) {
    $students[] = [
        'id' => 'p'.$n, 'chance' => $by->getInt(5, 95) / 100, 'gain' => $by->getInt(1, 15) / 100,
        'exam_on' => sprintf('2026-12-%02d', $by->getInt(2, 30)), 'vehicles' => [$vehicles[$by->getInt(0, 4)]],
        'free' => array_column(array_filter($slots, static fn (): bool => $by->getInt(0, 2) > 0), 'id'),
    ];
}
$week = (new YardReader)->read((string) json_encode([
    'slots' => $slots, 'students' => $students,
    'instructors' => array_map(static fn (int $n): array => ['id' => 'i'.$n], range(1, 4)),
    'vehicles' => array_map(static fn (string $id): array => ['id' => $id], $vehicles),
]));
$planner = new YardPlanner;
$start = hrtime(true);
$plan = $planner->plan($week);
$seconds = (hrtime(true) - $start) / 1e9;
$first = $planner->firstCome($week);
printf(
    "%d students, %d walks planned in %.2f s; expected passes %.2f, first come %.2f\n", count($students),
    count($plan->walks), $seconds, $plan->expectedPasses(), $first->expectedPasses(),
);
