<?php

declare(strict_types=1);

use App\Export\Exporter;
use App\Export\ExportFormat;
use App\Export\Selection;
use App\Models\Attempt;
use App\Models\School;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Database\Connection;
use Illuminate\Foundation\Application;
use Pasada\Bench\Timing;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/Timing.php';

// How much memory an export takes: copies of the demo's attempts, written in every format.
// ./pasada bench export [attempts]
$wanted = (int) ($argv[1] ?? 10_000);
/** @var Application $app */
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
$database = $app->make(Connection::class);
$school = School::query()->firstOrFail();
$from = Attempt::finished($school->id)->where('source_id', null)->pluck('id')->all();
// The new id of a copy: its number in front of what is left of the original's.
$copied = static fn (string $column): string => sprintf(
    "cast(concat(lpad(hex(n), 8, '0'), substr(cast(%s as char), 9)) as uuid)", $column,
);
foreach (array_chunk(range(1, (int) ceil($wanted / max(1, count($from)))), 10) as $copies) {
    $numbers = implode(' union all ', array_map(static fn (int $n): string => "select $n as n", $copies));
    foreach ([
        'attempts' => 'id', 'attempt_results' => 'attempt_id', 'kept_sheets' => 'attempt_id',
        'item_outcomes' => 'attempt_id', 'marks' => 'attempt_id',
    ] as $table => $key) {
        $columns = array_map(
            static fn (string $name): string => $name === $key ? $copied("$table.$name") : "`$table`.`$name`",
            $database->getSchemaBuilder()->getColumnListing($table),
        );
        $database->statement(sprintf(
            'insert ignore into %s select %s from %s join (%s) numbers where %s in (%s)', $table,
            implode(', ', $columns), $table, $numbers, "$table.$key", implode(',', array_fill(0, count($from), '?')),
        ), $from);
    }
}
$exporter = $app->make(Exporter::class);
$selection = new Selection($school);
Timing::say('attempts', (string) $selection->count());
foreach (ExportFormat::cases() as $format) {
    memory_reset_peak_usage();
    $bytes = 0;
    $began = microtime(true);
    $exporter->write($selection, $format, static function (string $piece) use (&$bytes): void {
        $bytes += strlen($piece);
    });
    Timing::say($format->value, sprintf(
        '%.0f MB at most, %.1f MB written in %.0f s', memory_get_peak_usage(true) / 2 ** 20, $bytes / 1e6,
        microtime(true) - $began,
    ), 'wanted: under 64 MB');
}
