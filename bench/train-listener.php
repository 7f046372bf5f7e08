<?php

declare(strict_types=1);

use Pasada\Core\Catalogue\Aliases;
use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Language\Transcript;
use Pasada\Core\Language\Words;
use Pasada\Core\Listening\Decoding\Decoder;
use Pasada\Core\Listening\Decoding\Teller;
use Pasada\Core\Listening\Decoding\Told;
use Pasada\Core\Listening\Decoding\Trainer;
use Pasada\Core\Listening\Decoding\Weights;
use Pasada\Core\Listening\Hearing;
use Pasada\Core\Listening\Lexicon\Lexicon;
use Pasada\Core\Listening\Lexicon\LexiconReader;
use Pasada\Core\Listening\Listener;
use Pasada\Core\Listening\Sureness;
use Pasada\Core\Tests\Listening\Ear;
use Pasada\Core\Tests\Listening\Speech\Measured;
use Pasada\Core\Tests\Listening\Speech\People;
use Pasada\Core\Tests\Listening\Speech\SpeechMaker;
use Pasada\Core\Tests\Listening\Speech\Spoiler;
use Pasada\Core\Tests\Listening\Speech\Stops;
use Pasada\Core\Tests\Listening\Speech\Style;
use Pasada\Core\Vehicle\VehicleReader;
use Random\Engine\Mt19937;
use Random\Randomizer;

require __DIR__.'/../vendor/autoload.php';

// Learns the listener's weights and writes catalogue/listening/weights.json: ./pasada bench train-listener [SEED]
//
// From generated walks (no held-out style, vehicle or damage among them) and the twelve invented walks that are for
// development, each of those five times. Several rounds, each of which finds anew, by the weights so far, what the
// truth means word by word; the mean of all rounds is taken, since single rounds swing. A minute and a half. Same seed,
// same file.
const ROUNDS = 3;
const MADE = 96;
const TWICE = 5;
const PASSES = 8;
const RATE = 0.1;

$seed = (int) ($argv[1] ?? 7);
$root = dirname(__DIR__);
$read = static fn (string $path): string => (string) file_get_contents($root.'/'.$path);
$file = 'catalogue/listening/weights.json';
/** @var array{start: array<string, float>} $kept */
$kept = json_decode($read($file), true, flags: JSON_THROW_ON_ERROR);
$checklist = (new ChecklistReader())->read($read('checklists/whole-walk-round.json'));
$aliases = Aliases::read($read('catalogue/aliases.json'));
$with = static fn (Weights $weights): Lexicon => (new LexiconReader())->read([
    ...Ear::files(),
    'weights.json' => json_encode(['weights' => (object) $weights->of], JSON_THROW_ON_ERROR),
]);
$lexicon = $with(new Weights($kept['start']));
/** @return array{array<string, list<string>>, Transcript, list<array{float, float, string, list<string>}>} */
$made = static function (Style $style, string $vehicle, int $damage, int $seed) use (
    $checklist, $aliases, $read,
): array {
    $inspection = Inspection::of($checklist, (new VehicleReader)->read($read("vehicles/$vehicle.json")));
    $speech = (new SpeechMaker($inspection, $style, 50_000 + $seed, $aliases))->speak();

    // A caption for each sentence, so that it is known of what each word tells.
    return [
        $speech->truth, (new Spoiler($damage, $seed))->bySentence($speech, Stops::of($style, $seed)), $speech->said,
    ];
};
$styles = array_values(array_filter(Style::cases(), static fn (Style $style): bool => ! $style->isHeldOut()));
$vehicles = ['dock-tractor-chassis', 'quay-sleeper-van', 'tide-tanker', 'silo-hopper', 'plank-flatbed'];
$walks = [];
for ($n = 0; $n < MADE; $n++) {
    $style = $styles[$n % max(1, count($styles))] ?? Style::Terse;
    $walks[] = $made($style, $vehicles[$n % count($vehicles)], [6, 12, 20][$n % 3], $seed + $n);
}
$notes = People::said();
$people = [];
foreach (People::walks() as $name => $walk) {
    $people[] = [...$walk, $notes[$name] ?? []];
}
for ($n = 0; $n < TWICE; $n++) {
    $walks = [...$walks, ...$people];
}
$clues = $told = [];
foreach ($walks as [, $transcript, $said]) {
    $words = Words::of($transcript);
    $clues[] = Hearing::of($words, $lexicon)->clues();
    $told[] = Told::at($said, $transcript, $words);
}

$weights = new Weights($kept['start']);
$sum = [];
for ($round = 1; $round <= ROUNDS; $round++) {
    $trainer = new Trainer($weights->of);
    foreach ($clues as $n => $walk) {
        $trainer->take($walk, $told[$n]);
    }
    $chance = new Randomizer(new Mt19937($seed + $round));
    $weights = $trainer->learn(PASSES, RATE, static fn (int $count): int => $chance->getInt(0, $count - 1));
    foreach ($weights->of as $sign => $weight) {
        $sum[$sign] = ($sum[$sign] ?? 0.0) + $weight;
    }
    fwrite(STDERR, "round $round of ".ROUNDS."\n");
}
ksort($sum);
$mean = array_map(static fn (float $all): float => round($all / ROUNDS, 4), $sum);

// How sure a proposal is: on walks that the rest has not learnt from, and the spoken ones.
$judged = new Trainer([]);
$fresh = $people;
for ($n = 0; $n < MADE; $n++) {
    $style = $styles[$n % max(1, count($styles))] ?? Style::Terse;
    $fresh[] = $made($style, $vehicles[$n % count($vehicles)], [6, 12, 20][$n % 3], 10_000 + $seed + $n);
}
foreach ($fresh as [$truth, $transcript]) {
    $decoder = new Decoder(Hearing::of(Words::of($transcript), $lexicon)->clues(), new Weights($mean));
    $same = [];
    foreach ((new Teller($decoder))->findings($decoder->best()) as $finding) {
        if (! $finding->isNoName && ! $finding->notFitted && ($finding->points !== [] || $finding->listed > 2)) {
            $same[$finding->placed->key()][] = $finding;
        }
    }
    foreach ($same as $key => $findings) {
        $judged->judge('sure', Sureness::signs($findings), isset($truth[$key]));
    }
}
$chance = new Randomizer(new Mt19937($seed));
$mean += $judged->learn(PASSES, RATE, static fn (int $count): int => $chance->getInt(0, $count - 1))->of;

$tested = new Listener($with(new Weights($mean)), $checklist->figures);
$measure = static function (array $walks) use ($tested): string {
    $measured = new Measured;
    /** @var list<array{array<string, list<string>>, Transcript}> $walks */
    foreach ($walks as [$truth, $transcript]) {
        $measured->add($truth, $tested->listen($transcript));
    }

    return sprintf('item F1 %.3f, point F1 %.3f', $measured->f1('item'), $measured->f1('point'));
};
$heldOut = [];
foreach ([Style::Examined, Style::References] as $style) {
    for ($n = 0; $n < 6; $n++) {
        $heldOut[] = $made($style, 'frost-reefer', 30, 90_000 + $seed + $n);
    }
}
$figures = [
    'two styles, a vehicle and a damage that were held out' => $measure($heldOut),
    'four spoken walks that were held out' => $measure(array_values(People::walks(People::APART))),
    'the twelve spoken walks it learnt from' => $measure($people),
];
file_put_contents($root.'/'.$file, json_encode([
    'command' => "./pasada bench train-listener $seed",
    'seed' => $seed,
    'figures' => $figures,
    'start' => $kept['start'],
    'weights' => $mean,
], JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n");
print_r($figures);
