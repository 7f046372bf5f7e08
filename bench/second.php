<?php

declare(strict_types=1);

use Pasada\Core\Tests\Second\Disagreement;

require __DIR__.'/../vendor/autoload.php';

// The engine against the second scorer of core/tests/Second on chance walks: ./pasada bench second [100000 [FROM]]
$count = (int) ($argv[1] ?? 100_000);
$from = (int) ($argv[2] ?? 1_000_000);
$differing = 0;
$began = hrtime(true);
for ($seed = $from; $seed < $from + $count; $seed++) {
    $found = Disagreement::of($seed);
    if ($found !== []) {
        $differing++;
        fwrite(STDOUT, sprintf("seed %d: %s\n", $seed, implode('; ', $found)));
    }
    if (($seed - $from + 1) % 10_000 === 0) {
        fwrite(STDERR, sprintf("%d of %d\n", $seed - $from + 1, $count));
    }
}
fwrite(
    STDOUT,
    sprintf("%d of %d walks are scored differently, %.0f s\n", $differing, $count, (hrtime(true) - $began) / 1e9),
);
exit($differing === 0 ? 0 : 1);
