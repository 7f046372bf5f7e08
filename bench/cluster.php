<?php

declare(strict_types=1);

use Pasada\Bench\Timing;
use Tests\Support\ScoredWalks;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/Timing.php';

// Walks through the balancer while one part after the other is killed and comes back. ./pasada bench cluster [walks]
// [seconds]
[$count, $seconds] = [(int) ($argv[1] ?? 200), (int) ($argv[2] ?? 300)];
$begun = ScoredWalks::begin((string) getenv('PASADA_CLUSTER_URL'), $count);
$step = intdiv($seconds, 10);
// An application server, the node that is written to, the store, and php-fpm's front of the other server; each for a
// tenth of the time.
$killed = ['app1' => 1, 'db1' => 3, 'redis' => 5, 'app2' => 7];
/** @var array<int, Closure(): void> $events */
$events = [];
foreach ($killed as $name => $at) {
    $events += $begun->killAndStart($name, $at * $step, ($at + 1) * $step);
}
$begun->walks->run($seconds, $events);
$begun->awaitAsked();

fwrite(STDOUT, sprintf("%d walks at one mark a second for %d s\n", $count, $seconds));
$during = static fn (float $from, float $to): string => sprintf('%.0f ms', Timing::middle(array_column(array_filter(
    $begun->walks->answered,
    static fn (array $one): bool => $one[0] >= $from && $one[0] < $to,
), 1), 0.95));
Timing::say('p95 before anything was killed', $during(0, $step));
foreach ($killed as $name => $at) {
    Timing::say("p95 while $name was down", $during($at * $step, ($at + 1) * $step));
    Timing::say('p95 after it was started again', $during(($at + 1) * $step, ($at + 2) * $step));
}
Timing::say('median of all', sprintf('%.0f ms', Timing::middle(array_column($begun->walks->answered, 1))));
Timing::say('longest wait of a walk', sprintf('%.1f s', $begun->walks->longestWait), 'wanted: at most 10 s');
foreach ($begun->walks->refused as $said => $times) {
    Timing::say('tried again after: '.mb_substr($said, 0, 38), (string) $times);
}
$told = $begun->counted();
foreach ($told as $what => $marks) {
    Timing::say("marks $what", (string) $marks, $what === 'acknowledged' ? sprintf('made: %d', $count * $seconds) : '');
}
exit($told['missing'] + $told['twice'] === 0 && $told['acknowledged'] === $count * $seconds ? 0 : 1);
