<?php

declare(strict_types=1);

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Pasada\Bench\Timing;
use Tests\Support\ApiClient;
use Tests\Support\Browser;
use Tests\Support\Fuzz;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/Timing.php';

// A thousand requests that nobody means well, over every route, against a served Pasada. ./pasada bench fuzz [requests]
// [seed]
[$count, $seed] = [(int) ($argv[1] ?? 1000), (int) ($argv[2] ?? 1)];
$app = require __DIR__.'/../bootstrap/app.php';
assert($app instanceof Application);
$app->make(Kernel::class)->bootstrap();
$people = array_map(
    static fn (string $who): ApiClient => ApiClient::signedIn(Browser::servedAt(), $who.'@ferrow-sound.example'),
    ['rosa', 'paul', 'mira'],
);
$attempt = '01900000-0000-7000-8000-0000000f0221';
$people[0]->send('POST', '/attempts', [
    'id' => $attempt,
    'student_id' => 1,
    ...$people[0]->choice('Whole walk-around', 'Dock 4'),
]);
$draft = $people[1]->send('POST', '/drafts', ['kind' => 'checklist', 'base_id' => 1]);
$fuzz = Fuzz::over($seed, [
    'attempt' => [$attempt],
    'draft' => [is_string($draft['id']) ? $draft['id'] : ''],
    'student' => ['1'],
    'student_id' => ['1'],
    'vehicle_id' => ['1'],
    'checklist_id' => ['1'],
    'base_id' => ['1'],
    'kind' => ['checklist', 'vehicle'],
    'id' => ['1'],
]);
$statuses = [];
$slow = [];
for ($n = 0; $n < $count; $n++) {
    [$method, $address, $body] = $fuzz->request();
    $from = hrtime(true);
    [$status, $answer] = $people[$n % 3]->raw($method, $address, $body);
    $slow[] = (hrtime(true) - $from) / 1e6;
    $statuses[$status] = ($statuses[$status] ?? 0) + 1;
    if ($status >= 500 || $status === 0) {
        fwrite(
            STDOUT,
            sprintf(
                "%d: %s %s answered %d: %s\n   %s\n", $n, $method, $address, $status, substr($answer, 0, 300),
                substr($body, 0, 1000),
            ),
        );
    }
}
ksort($statuses);
Timing::say(
    "$count requests, seed $seed",
    json_encode($statuses, JSON_THROW_ON_ERROR),
    'wanted: none of 500 and above',
);
Timing::say(
    'time of an answer',
    sprintf('%.1f ms, 99 in 100 within %.1f ms', Timing::middle($slow, 0.5), Timing::middle($slow, 0.99)),
    'the longest '.round(max([0.0, ...$slow])).' ms',
);
exit(
    array_filter(array_keys($statuses), static fn (int $status): bool => $status >= 500 || $status === 0) === [] ? 0 : 1
);
