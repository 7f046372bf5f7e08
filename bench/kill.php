<?php

declare(strict_types=1);

use Pasada\Bench\Timing;
use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Attempt\Marks\MarkWriter;
use Symfony\Component\Process\Process;
use Symfony\Component\Uid\Uuid;
use Tests\Support\ApiClient;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/Timing.php';

/**
 * Asks until there is an answer that is no trouble.
 *
 * @param  Closure(): array<mixed>  $ask
 * @return array<mixed>
 */
function patiently(Closure $ask): array
{
    for ($end = microtime(true) + 60; ; usleep(100_000)) {
        try {
            return $ask();
        } catch (RuntimeException $why) {
            if (microtime(true) > $end || preg_match('/answered (0|502|503|401|419)/', $why->getMessage()) !== 1) {
                throw $why;
            }
        }
    }
}

// Every process of ./pasada up is killed at once while a walk is marked, again and again; the watcher starts them.
// ./pasada bench kill [rounds]
$rounds = (int) ($argv[1] ?? 20);
$root = dirname(__DIR__);
$url = 'http://127.0.0.1:'.trim((string) file_get_contents($root.'/var/ports/app'));
$page = ApiClient::signedIn($url, 'rosa@ferrow-sound.example');
$attempt = Uuid::v7()->toRfc4122();
$students = array_column($page->send('GET', '/students'), 'id');
$page->send('POST', '/attempts', [
    'id' => $attempt, 'student_id' => $students[0] ?? 0, ...$page->choice('Whole walk-around', 'Dock 4'),
]);
$kept = $away = [];
for ($round = 0; $round < $rounds; $round++) {
    $batch = [];
    for ($n = 0; $n < 5; $n++) {
        $mark = Mark::heardWhole(
            Uuid::v7()->toRfc4122(), $round * 5000 + $n * 1000,
            $n % 2 === 0 ? 'engine.oil_level' : 'engine.alternator',
        );
        $batch[] = MarkWriter::write($mark);
    }
    // Under way while everything dies.
    $killing = new Process(['bash', '-c', 'sleep 0.0'.random_int(0, 9).'
        for file in mysql app/nginx app/fpm worker-live worker-default schedule; do
            kill -9 "$(cat '.escapeshellarg($root.'/var/run').'/$file.pid)" 2>/dev/null
        done; pkill -9 -f "[p]hp-fpm: pool pasada-"; true']);
    $killing->start();
    $from = microtime(true);
    patiently(static fn (): array => $page->send('POST', "/attempts/$attempt/marks", [
        'recorder' => $attempt, 'marks' => $batch,
    ]));
    $killing->wait();
    // Killed a moment after the answer, or before it: either way it is there again before the next round.
    patiently(static fn (): array => $page->send('GET', "/attempts/$attempt/marks"));
    $away[] = microtime(true) - $from;
    array_push($kept, ...array_column($batch, 'id'));
}
/** @var list<string> $kept */
/** @var list<string> $there */
$there = array_column(array_column(
    patiently(static fn (): array => $page->send('GET', "/attempts/$attempt/marks")), 'mark',
), 'id');
Timing::say('rounds in which everything was killed', (string) $rounds);
Timing::say('until it answered again, median', sprintf('%.1f s', Timing::middle($away)));
Timing::say('the longest', sprintf('%.1f s', max([0.0, ...$away])));
Timing::say('marks acknowledged', (string) count($kept));
Timing::say('marks missing', (string) count(array_diff($kept, $there)), 'wanted: none');
Timing::say('marks twice', (string) (count($there) - count(array_unique($there))), 'wanted: none');
exit(array_diff($kept, $there) === [] && count($there) === count($kept) ? 0 : 1);
