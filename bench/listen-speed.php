<?php

declare(strict_types=1);

use Pasada\Bench\Timing;
use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Language\Cue;
use Pasada\Core\Language\Transcript;
use Pasada\Core\Listening\Lexicon\LexiconReader;
use Pasada\Core\Listening\Listener;
use Pasada\Core\Tests\Listening\Ear;
use Pasada\Core\Tests\Listening\Speech\SpeechMaker;
use Pasada\Core\Tests\Listening\Speech\Spoiler;
use Pasada\Core\Tests\Listening\Speech\Style;
use Pasada\Core\Vehicle\VehicleReader;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/Timing.php';

// How long listening takes: ./pasada bench listen-speed. Thirty minutes of speech are about 6000 words.
$root = dirname(__DIR__);
$read = static fn (string $path): string => (string) file_get_contents($root.'/'.$path);
$files = Ear::files();
$lexicon = (new LexiconReader())->read($files);
$checklist = (new ChecklistReader())->read($read('checklists/whole-walk-round.json'));
$inspection = Inspection::of($checklist, (new VehicleReader())->read($read('vehicles/dock-tractor-chassis.json')));
$listener = new Listener($lexicon, $checklist->figures);

$speech = static function (int $words) use ($inspection): Transcript {
    $cues = [];
    $count = 0;
    for ($seed = 0; $count < $words; $seed++) {
        foreach (
            (new Spoiler(12, $seed))
                ->captions((new SpeechMaker($inspection, Style::Teaching, $seed))->speak())
                ->cues as $cue
        ) {
            $cues[] = new Cue(count($cues) * 10.0, $cue->text);
            $count += str_word_count($cue->text);
            if ($count >= $words) {
                break;
            }
        }
    }

    return new Transcript($cues);
};
$time = static function (callable $work, int $times): float {
    $all = [];
    for ($n = 0; $n < $times; $n++) {
        $start = hrtime(true);
        $work();
        $all[] = (hrtime(true) - $start) / 1e6;
    }

    return Timing::middle($all);
};
$half = $speech(6000);
$whole = $speech(12000);
$once = $time(static fn () => $listener->listen($half), 7);
$twice = $time(static fn () => $listener->listen($whole), 5);
// A walk that goes on sends its last sixty pieces, some six hundred words, with every new one.
$context = $speech(600);
$live = $time(static fn () => $listener->listen($context), 21);
Timing::say('6000 words', sprintf('%.0f ms', $once), 'wanted: under 400 ms');
Timing::say(
    '12000 words',
    sprintf('%.0f ms', $twice),
    sprintf('%.2f times as long; wanted: at most 2.2', $twice / $once),
);
Timing::say('a new live piece of ten words, with 600 before it', sprintf('%.1f ms', $live), 'wanted: under 30 ms');
Timing::say(
    'reading the lexicon, once',
    sprintf('%.0f ms', $time(static fn () => (new LexiconReader())->read($files), 5)),
);
