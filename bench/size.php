<?php

declare(strict_types=1);

use App\Library\MarkStore;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Database\Connection;
use Illuminate\Foundation\Application;
use Illuminate\Routing\Router;
use Illuminate\Support\Carbon;
use Pasada\Bench\Size\Filler;
use Pasada\Bench\Timing;
use Tests\Support\ApiClient;
use Tests\Support\Browser;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/Timing.php';
require __DIR__.'/Size/Filler.php';

// Every GET route of one school of 100 students, alone and among 99 others. ./pasada bench size [schools] [students]
// [attempts each]
[$schools, $students, $each] = [(int) ($argv[1] ?? 100), (int) ($argv[2] ?? 100), (int) ($argv[3] ?? 40)];
$runs = 7;
$app = require __DIR__.'/../bootstrap/app.php';
assert($app instanceof Application);
$app->make(Kernel::class)->bootstrap();
$database = $app->make(Connection::class);
$filler = new Filler($database);
$start = microtime(true);
$ours = $filler->school(1, $students, $each, null);
Timing::say('a school, filled in', sprintf('%.0f s', microtime(true) - $start));

$page = ApiClient::signedIn(Browser::servedAt(), 's1.paul@ferrow-sound.example');
$one = static fn (string $table): mixed => $database->table($table)->where('school_id', $ours)->value('id');
$ids = [
    'attempt' => $one('attempts'), 'student' => $one('students'), 'class' => $one('classes'),
    'user' => $one('users'), 'id' => $one('checklists'), 'vehicle' => $one('vehicles'), 'kind' => 'checklist',
];
$ids = array_map(static fn (mixed $id): string => is_scalar($id) ? (string) $id : '', $ids);
$addresses = [];
foreach ($app->make(Router::class)->getRoutes()->getRoutes() as $route) {
    $address = '/'.preg_replace_callback(
        '/\{(\w+)\}/', static fn (array $found): string => $ids[$found[1]] ?? '{}', $route->uri(),
    );
    if ($route->methods()[0] === 'GET' && ! str_contains($address, '{}')) {
        $addresses[] = $address.($route->uri() === 'api/v1/week' ? '?from=2026-11-23' : '');
    }
}
$measure = static function () use ($addresses, $page, $runs): array {
    $times = [];
    foreach ($addresses as $address) {
        [$of, $status, $body] = [[], 0, ''];
        for ($run = -1; $run < $runs; $run++) {
            $from = hrtime(true);
            [$status, $body] = $page->raw('GET', $address, '');
            if ($run >= 0) {
                $of[] = (hrtime(true) - $from) / 1e6;
            }
        }
        $times[$address] = [Timing::middle($of), $status, strlen($body)];
    }

    return $times;
};
$alone = $measure();
$start = microtime(true);
for ($n = 2; $n <= $schools; $n++) {
    $filler->school($n, $students, $each, 25);
    if ($n % 10 === 0) {
        fwrite(STDERR, sprintf("%d schools after %.0f s\n", $n, microtime(true) - $start));
    }
}
$database->statement('analyze table attempts, marks, item_outcomes, attempt_results, students');
foreach (['students', 'attempts', 'marks', 'item_outcomes'] as $table) {
    Timing::say($table, number_format($database->table($table)->count()));
}
$among = $measure();
$worst = 0.0;
foreach ($addresses as $address) {
    [$before, $status, $bytes] = $alone[$address];
    [$after] = $among[$address];
    // Below that it is the machine's noise.
    $ratio = $after / max($before, 5.0);
    $worst = max($worst, $ratio);
    Timing::say(sprintf('%d %s (%d kB)', $status, str_replace($ids, '.', $address), $bytes >> 10),
        sprintf('%.0f > %.0f ms', $before, $after), sprintf('%.2f', $ratio));
}
Timing::say('largest ratio', sprintf('%.2f', $worst), 'wanted: at most 1.5');
$tables = $database->table('information_schema.tables')->whereRaw('table_schema = database()')
    ->selectRaw('table_name as name, data_length + index_length as bytes')->orderByDesc('bytes')->limit(6);
/** @var stdClass&object{name: string, bytes: int} $row */
foreach ($tables->get() as $row) {
    Timing::say("storage of $row->name", sprintf('%.0f MB', $row->bytes / 1e6));
}
$begun = microtime(true);
$count = $app->make(MarkStore::class)->packOld(Carbon::now(), 2000, Carbon::now());
Timing::say("packing of $count attempts", sprintf('%.0f s', microtime(true) - $begun));
/** @var object{bytes: string, marks: string} $packed */
$packed = $database->selectOne('select avg(length(marks)) as bytes, avg(count) as marks from packed_marks');
Timing::say('a packed attempt', sprintf(
    '%.1f kB of %.0f marks', (float) $packed->bytes / 1024, (float) $packed->marks,
));
