<?php

declare(strict_types=1);

use Pasada\Core\Catalogue\Aliases;
use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Listening\Listener;
use Pasada\Core\Tests\Listening\Ear;
use Pasada\Core\Tests\Listening\Speech\Measured;
use Pasada\Core\Tests\Listening\Speech\SpeechMaker;
use Pasada\Core\Tests\Listening\Speech\Spoiler;
use Pasada\Core\Tests\Listening\Speech\Stops;
use Pasada\Core\Tests\Listening\Speech\Style;
use Pasada\Core\Vehicle\VehicleReader;

require __DIR__.'/../vendor/autoload.php';

// How much is heard of invented walks: ./pasada bench listening. Styles and damage held out of development are marked.
$root = dirname(__DIR__);
$read = static fn (string $path): string => (string) file_get_contents($root.'/'.$path);
$lexicon = Ear::lexicon();
$checklist = (new ChecklistReader())->read($read('checklists/whole-walk-round.json'));
$aliases = Aliases::read($read('catalogue/aliases.json'));
$all = [];
$zones = new Measured;
$faults = [];
foreach (Style::cases() as $style) {
    foreach ([12, 20, 30] as $damage) {
        $measured = new Measured;
        foreach (['dock-tractor-chassis', 'quay-sleeper-van', 'stake-truck'] as $n => $vehicle) {
            $inspection = Inspection::of($checklist, (new VehicleReader)->read($read("vehicles/$vehicle.json")));
            for ($walk = 0; $walk < 2; $walk++) {
                $seed = 100 * $n + $walk;
                $speech = (new SpeechMaker($inspection, $style, $seed, $aliases))->speak();
                $measured->add(
                    $speech->truth,
                    (new Listener($lexicon, $checklist->figures))->listen(
                        (new Spoiler($damage, 7 * $n + $walk))->captions($speech, Stops::of($style, 3 * $n + $walk)),
                    ),
                );
            }
        }
        $heldOut = $style->isHeldOut() || $damage === 30 ? '*' : ' ';
        printf(
            "%s %-28s %2d %%  item F1 %.3f (p %.3f r %.3f)  point F1 %.3f (p %.3f r %.3f)\n",
            $heldOut,
            $style->value,
            $damage,
            $measured->f1('item'),
            $measured->precision('item'),
            $measured->recall('item'),
            $measured->f1('point'),
            $measured->precision('point'),
            $measured->recall('point'),
        );
        if ($heldOut === ' ') {
            foreach ($measured->faults as $fault => $count) {
                $faults[$fault] = ($faults[$fault] ?? 0) + $count;
            }
        }
        $all = [...$all, ...$measured->confidence];
        foreach ($measured->counts as $name => $counts) {
            $sum = $zones->counts[$name] ?? [0, 0, 0];
            $zones->counts[$name] = [$sum[0] + $counts[0], $sum[1] + $counts[1], $sum[2] + $counts[2]];
        }
    }
}
ksort($zones->counts);
foreach ($zones->counts as $name => $counts) {
    printf("  %-16s F1 %.3f of %d\n", $name, $zones->f1($name), $counts[2]);
}
foreach ([0.35, 0.5, 0.6, 0.7, 0.8, 0.9, 0.96] as $n => $from) {
    $to = [0.5, 0.6, 0.7, 0.8, 0.9, 0.96, 1.01][$n];
    $in = array_filter($all, static fn (array $one): bool => $one[0] >= $from && $one[0] < $to);
    printf(
        "  confidence %.2f to %.2f: %4d proposals, %.2f right\n",
        $from,
        min(1, $to),
        count($in),
        $in === [] ? 0 : count(array_filter($in, static fn (array $one): bool => $one[1])) / count($in),
    );
}
if (in_array('--faults', $argv, true)) {
    arsort($faults);
    foreach (array_slice($faults, 0, 60) as $fault => $count) {
        printf("%4d %s\n", $count, $fault);
    }
}
