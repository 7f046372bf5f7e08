<?php

declare(strict_types=1);

use Pasada\Bench\Mutation\Covering;
use Pasada\Bench\Mutation\How;
use Pasada\Bench\Mutation\Mutants;
use Pasada\Bench\Mutation\Run;
use Pasada\Bench\Mutation\Verdicts;

// Collision looks at this while it is loaded; without it Pest ends before its first test.
$_SERVER['COLLISION_PRINTER'] = 'DefaultPrinter';
require __DIR__.'/../vendor/autoload.php';

/*
 * How many of the small faults put into the rules the tests catch: ./pasada mutate [--minutes=M] [--fresh] [FOLDER ...]
 *
 * The faults are those of the default set of pest-plugin-mutate. That package runs each in a process of its own and
 * names the tests on the command line, which has no room for the tests of a line that many reach: such a fault counted
 * as missed without a single test. Here each fault is a fork of one process that has everything loaded, first under the
 * examples that reach its line and then, where these missed it, under the properties.
 *
 * The report is written to var/mutate/report.txt, for the forks have standard output. What was found is kept beside
 * it. A run that is ended goes on where it stood: whatever was caught stays caught as
 * long as its file is the same, and whatever was missed is tried anew once a test has changed.
 */
ini_set('memory_limit', '6G');
ini_set('display_errors', '0');
$given = array_slice($argv, 1);
$options = array_values(array_filter($given, static fn (string $one): bool => str_starts_with($one, '--')));
$folders = array_values(array_diff($given, $options));
if ($folders === []) {
    $folders = ['core/src/Scoring', 'core/src/Brakes'];
}
$minutes = 150;
$fresh = false;
foreach ($options as $option) {
    if ($option === '--fresh') {
        $fresh = true;
    } elseif (preg_match('/^--minutes=([1-9]\d*)$/', $option, $found) === 1) {
        $minutes = (int) $found[1];
    } else {
        fwrite(STDERR, "$option is not known: give --minutes=M, --fresh, or folders below core/src\n");
        exit(2);
    }
}
foreach ($folders as $folder) {
    if (! file_exists($folder)) {
        fwrite(STDERR, "$folder is not there: give folders or files below core/src\n");
        exit(2);
    }
}
$root = dirname(__DIR__);
chdir($root);
$kept = "$root/var/mutate";
is_dir($kept) || mkdir($kept, recursive: true);
$verdicts = new Verdicts("$kept/verdicts.jsonl", $fresh);
$mutants = Mutants::of($folders, $kept);
$run = new Run($root, Covering::by($root, $kept), $verdicts, time() + 60 * $minutes);
$run->over($mutants);

$report = [];
$open = 0;
foreach ($folders as $folder) {
    $caught = $judged = $left = 0;
    $missed = [];
    foreach ($mutants as $mutant) {
        if (! str_starts_with($mutant->file->getRealPath(), "$root/$folder")) {
            continue;
        }
        $how = $verdicts->of($mutant);
        $left += $how === null || $how === How::PastExamples ? 1 : 0;
        if ($how !== null) {
            $judged++;
            $caught += $how->isCaught() ? 1 : 0;
        }
        if ($how !== null && ! $how->isCaught()) {
            $missed[] = "$how->value  ".Mutants::told($mutant, $root);
        }
    }
    sort($missed);
    $report = [...$report, ...$missed, sprintf(
        '%s: %d of %d caught, %.1f%%%s',
        $folder,
        $caught,
        $judged,
        $judged === 0 ? 0 : 100 * $caught / $judged,
        $left === 0 ? '' : ", $left not tried to the end yet: run it again",
    )];
    $open += $left;
}
file_put_contents("$kept/report.txt", implode("\n", $report)."\n");
exit($open === 0 ? 0 : 3);
