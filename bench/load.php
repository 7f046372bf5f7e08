<?php

declare(strict_types=1);

use App\Demo\DemoSchool;
use Pasada\Bench\Load;
use Pasada\Bench\Timing;
use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Vehicle\VehicleReader;
use Tests\Support\ApiClient;
use Tests\Support\Browser;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/Timing.php';
require __DIR__.'/Load.php';

// A class of classes: attempts scored at the same time, each at one mark a second. ./pasada bench load [attempts]
// [seconds]
[$attempts, $seconds] = [(int) ($argv[1] ?? 200), (int) ($argv[2] ?? 120)];
$url = Browser::servedAt();
$root = dirname(__DIR__);
$checklist = (new ChecklistReader())->read((string) file_get_contents($root.'/checklists/whole-walk-round.json'));
$items = array_keys(
    Inspection::of(
        $checklist,
        (new VehicleReader())->read((string) file_get_contents($root.'/vehicles/dock-tractor-chassis.json')),
    )->items,
);

$scorers = array_slice(DemoSchool::staff(), 0, 3);
$clients = [];
for ($n = 0; $n < 30; $n++) {
    $clients[$n] = new ApiClient($url);
    $clients[$n]->send('GET', '/session', null, 401);
    $clients[$n]->send('POST', '/session', [
        'email' => $scorers[$n % count($scorers)][1],
        'password' => DemoSchool::PASSWORD,
    ]);
}
$with = $clients[0]->choice('Whole walk-around', 'Dock 4');
$ids = $headers = [];
for ($n = 0; $n < $attempts; $n++) {
    $client = $clients[$n % count($clients)];
    $ids[] = $id = sprintf('01900000-%04x-7000-8000-%012x', $n, random_int(0, 2 ** 47));
    $client->send('POST', '/attempts', ['id' => $id, 'student_id' => 1 + $n % 12, ...$with]);
    $headers[] = $client->headers();
}
$load = new Load($url, $ids, $items, $headers);
$load->run($seconds);

fwrite(STDOUT, sprintf("%d attempts at one mark a second for %d s, batches of three seconds\n", $attempts, $seconds));
Timing::say('requests answered', (string) count($load->times));
Timing::say('marks sent', (string) $load->sent, sprintf('made: %d', $attempts * $seconds));
Timing::say('median', sprintf('%.0f ms', Timing::middle($load->times)));
Timing::say('p95', sprintf('%.0f ms', Timing::middle($load->times, 0.95)), 'wanted: under 300 ms');
Timing::say('p99', sprintf('%.0f ms', Timing::middle($load->times, 0.99)));
foreach ($load->errors as $said => $count) {
    Timing::say('error: '.$said, (string) $count);
}
$kept = 0;
foreach ([0, intdiv($attempts, 2), $attempts - 1] as $n) {
    $kept += count($clients[$n % count($clients)]->send('GET', "/attempts/$ids[$n]/marks"));
}
Timing::say('marks kept of three attempts, looked at afterwards', (string) $kept, sprintf('sent: %d', 3 * $seconds));
