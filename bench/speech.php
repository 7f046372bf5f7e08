<?php

declare(strict_types=1);

use App\Speech\PocketSphinx;
use App\Speech\SoundFile;
use Illuminate\Filesystem\Filesystem;
use Pasada\Bench\Timing;
use Pasada\Bench\WordErrors;
use Pasada\Core\Catalogue\Aliases;
use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Coaching\Coach;
use Pasada\Core\Coaching\Phrasebook;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Listening\Listener;
use Pasada\Core\Speech\HeardWriter;
use Pasada\Core\Speech\NgramModel;
use Pasada\Core\Speech\Pronunciations;
use Pasada\Core\Speech\SpokenForm;
use Pasada\Core\Speech\TalkSentences;
use Pasada\Core\Tests\Listening\Ear;
use Pasada\Core\Tests\Listening\Speech\Measured;
use Pasada\Core\Tests\Listening\Speech\SpeechMaker;
use Pasada\Core\Tests\Listening\Speech\Style;
use Pasada\Core\Vehicle\VehicleReader;
use Symfony\Component\Process\Process;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/Timing.php';
require __DIR__.'/WordErrors.php';

// How much is understood of invented walks that synthetic voices speak; the sound is made on the spot and not kept.
// Synthetic voices are not people. ./pasada bench speech [sentences [condition ...]]
$sentences = (int) ($argv[1] ?? 40);
$root = dirname(__DIR__);
$read = static fn (string $path): string => (string) file_get_contents($root.'/'.$path);
$checklist = (new ChecklistReader())->read($read('checklists/whole-walk-round.json'));
$inspection = Inspection::of($checklist, (new VehicleReader)->read($read('vehicles/dock-tractor-chassis.json')));
$aliases = Aliases::read($read('catalogue/aliases.json'));
$coach = new Coach(Phrasebook::read($read('catalogue/points.json')), $aliases);
$folder = sys_get_temp_dir().'/pasada-bench-'.bin2hex(random_bytes(6));
mkdir($folder);
$did = static function (string ...$command): void {
    (new Process(array_values($command), timeout: 600))->mustRun();
};
$began = microtime(true);
$model = NgramModel::of((new TalkSentences(
    Ear::lexicon(), $coach, TalkSentences::read($read('catalogue/talk.txt')),
))->of($inspection));
file_put_contents("$folder/language.lm", $model->arpa());
file_put_contents("$folder/language.dict", Pronunciations::read(
    (new Filesystem)->lines('/usr/share/pocketsphinx/model/en-us/cmudict-en-us.dict'),
)->dictionary($model->vocabulary()));
Timing::say('language model', sprintf('%d words in %.1f s', count($model->vocabulary()), microtime(true) - $began));
$recognizer = new PocketSphinx(new Filesystem, '/usr/share/pocketsphinx/model/en-us', 600);
$listener = new Listener(Ear::lexicon(), $checklist->figures);
// Two voices and a style stay out of development; they are marked.
$voices = ['slt' => '', 'rms' => '', 'awb' => '*', 'kal16' => '', 'espeak' => '*'];
// Noise as of an engine so many decibels below the voice; speech as slow or fast; the echo of a hall.
$conditions = [
    'clean' => [], '20 dB' => ['decibels' => 20], '10 dB' => ['decibels' => 10], '5 dB' => ['decibels' => 5],
    'slow' => ['effect' => ['tempo', '-s', '0.85']], 'fast' => ['effect' => ['tempo', '-s', '1.2']],
    'echo' => ['effect' => ['echo', '0.8', '0.9', '70', '0.3']],
];
$chosen = array_slice($argv, 2);
/** Puts noise under a sound, so many decibels below it. */
$noisy = static function (string $sound, int $decibels) use ($did, $folder): void {
    $did('sox', $sound, "$folder/engine.wav", 'synth', 'brownnoise');
    $loud = static function (string $file): float {
        $told = (new Process(['sox', $file, '-n', 'stat']))->mustRun()->getErrorOutput();

        return preg_match('/RMS +amplitude: +([\d.]+)/', $told, $is) === 1 ? (float) $is[1] : 0.0;
    };
    $gain = $loud($sound) / max(1e-6, $loud("$folder/engine.wav")) / 10 ** ($decibels / 20);
    $did('sox', '-m', '-v', '1', $sound, '-v', (string) $gain, "$folder/engine.wav", "$folder/mixed.wav");
    rename("$folder/mixed.wav", $sound);
};
foreach ($chosen === [] ? $conditions : array_intersect_key($conditions, array_flip($chosen)) as $name => $condition) {
    $all = new Measured;
    [$errors, $words, $worked, $lasted] = [0, 0, 0.0, 0.0];
    foreach ($voices as $voice => $apart) {
        $measured = new Measured;
        [$voiceErrors, $voiceWords] = [0, 0];
        foreach ([Style::Terse, Style::Sentences, Style::Joint, Style::References] as $seed => $style) {
            $speech = (new SpeechMaker($inspection, $style, 11 + $seed, $aliases))->speak();
            $lines = array_slice($speech->sentences, 0, $sentences);
            $truth = [];
            foreach ($speech->said as [, $last, $key, $points]) {
                if ($last < $sentences) {
                    $truth[$key] = array_values(array_unique([...$truth[$key] ?? [], ...$points]));
                }
            }
            // As it is spoken: a voice reads "abs" as a word.
            $spoken = array_map(
                static fn (string $line): string => implode(' ', SpokenForm::words($line)), $lines,
            );
            file_put_contents("$folder/said.txt", implode(".\n", $spoken).".\n");
            $voice === 'espeak'
                ? $did('espeak-ng', '-v', 'en-us', '-s', '150', '-f', "$folder/said.txt", '-w', "$folder/raw.wav")
                : $did('flite', '-voice', $voice, '-f', "$folder/said.txt", '-o', "$folder/raw.wav");
            $sound = (new SoundFile)->forHearing("$folder/raw.wav");
            if (isset($condition['effect'])) {
                $did('sox', $sound, "$folder/changed.wav", ...$condition['effect']);
                rename("$folder/changed.wav", $sound);
            }
            if (isset($condition['decibels'])) {
                $noisy($sound, $condition['decibels']);
            }
            $lasted += (float) (new Process(['soxi', '-D', $sound]))->mustRun()->getOutput();
            $began = microtime(true);
            $pieces = $recognizer->recognize($sound, "$folder/language");
            $worked += microtime(true) - $began;
            unlink($sound);
            $said = explode(' ', implode(' ', $spoken));
            $heard = SpokenForm::words(HeardWriter::text($pieces));
            $voiceErrors += WordErrors::of($said, $heard);
            $voiceWords += count($said);
            $account = $listener->listen($listener->understood(HeardWriter::transcript($pieces)));
            $measured->add($truth, $account);
            $all->add($truth, $account);
        }
        Timing::say("$voice$apart, $name", sprintf(
            'word errors %4.1f %%, item F1 %.3f, point F1 %.3f', 100 * $voiceErrors / $voiceWords,
            $measured->f1('item'), $measured->f1('point'),
        ));
        $errors += $voiceErrors;
        $words += $voiceWords;
    }
    Timing::say("all, $name", sprintf(
        'word errors %4.1f %%, item F1 %.3f, point F1 %.3f; %.2f of real time', 100 * $errors / $words,
        $all->f1('item'), $all->f1('point'), $worked / $lasted,
    ));
}
(new Filesystem)->deleteDirectory($folder);
