<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;

require __DIR__.'/../../vendor/autoload.php';

// Runs each browser test that failed once more, alone: php tests/Support/once-more.php REPORT (JUnit's XML). One that
// passes now is shaky and named; more than two shaky ones, or one that fails again, are red.
const MOST_SHAKY = 2;

$report = simplexml_load_file($argv[1]);
if ($report === false) {
    fwrite(STDERR, "There is no report of the browser tests at $argv[1].\n");
    exit(1);
}
$failed = [];
$cases = $report->xpath('//testcase[failure or error]');
foreach (is_array($cases) ? $cases : [] as $case) {
    $failed[] = [explode('::', (string) $case['file'])[0], (string) $case['name']];
}
$again = [];
foreach ($failed as [$file, $name]) {
    $run = new Process(
        [
            PHP_BINARY, '-d', 'pcov.enabled=0', 'vendor/bin/pest', $file, '--filter='.preg_quote($name),
            '--colors=always',
        ],
        timeout: null,
    );
    if (count($failed) > MOST_SHAKY || $run->run() !== 0) {
        $again[] = $name;
        fwrite(STDOUT, $run->isStarted() ? $run->getOutput() : '');
    } else {
        fwrite(STDOUT, "Shaky: failed among the others and passed alone: $name\n");
    }
}
if ($failed === []) {
    fwrite(STDOUT, "The browser tests ended badly without naming a test: see what stands above.\n");
} elseif ($again !== []) {
    fwrite(
        STDOUT,
        sprintf("%d of %d browser tests stay red: %s\n", count($again), count($failed), implode('; ', $again)),
    );
}
exit($failed === [] || $again !== [] ? 1 : 0);
