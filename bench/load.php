<?php

declare(strict_types=1);

use Pasada\Bench\Timing;
use Tests\Support\Browser;
use Tests\Support\MarkingWalks;
use Tests\Support\ScoredWalks;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/Timing.php';

// A class of classes: walks scored at the same time, each at one mark a second. ./pasada bench load [walks] [seconds]
// [seconds gathered]
[$count, $seconds] = [(int) ($argv[1] ?? 200), (int) ($argv[2] ?? 120)];
$gather = (int) ($argv[3] ?? MarkingWalks::GATHER_SECONDS);
$begun = ScoredWalks::begin(Browser::servedAt(), $count, $gather);
$begun->walks->run($seconds);
$times = array_column($begun->walks->answered, 1);

fwrite(STDOUT, sprintf("%d walks at one mark a second for %d s, batches of %d s\n", $count, $seconds, $gather));
Timing::say('requests answered', (string) count($times));
Timing::say('median', sprintf('%.0f ms', Timing::middle($times)));
Timing::say('p95', sprintf('%.0f ms', Timing::middle($times, 0.95)), 'wanted: under 300 ms');
Timing::say('p99', sprintf('%.0f ms', Timing::middle($times, 0.99)));
foreach ($begun->walks->refused as $said => $often) {
    Timing::say('tried again after: '.mb_substr($said, 0, 38), (string) $often);
}
foreach ($begun->counted() as $what => $marks) {
    Timing::say("marks $what", (string) $marks, $what === 'acknowledged' ? sprintf('made: %d', $count * $seconds) : '');
}
