<?php

declare(strict_types=1);

use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Language\TranscriptReader;
use Pasada\Core\Listening\Lexicon\LexiconReader;
use Pasada\Core\Listening\Listener;
use Pasada\Core\Tests\Listening\Speech\Measured;

require __DIR__.'/../vendor/autoload.php';

// How much is heard of the invented walks of people, one by one, and of the four that nobody looks at closely as totals
// only: ./pasada bench listening-people
$root = dirname(__DIR__);
$read = static fn (string $path): string => (string) file_get_contents($root.'/'.$path);
$lexicon = (new LexiconReader())->read([
    'parts.json' => $read('catalogue/listening/parts.json'),
    'statements.json' => $read('catalogue/listening/statements.json'),
    'talk.json' => $read('catalogue/listening/talk.json'),
    'weights.json' => $read('catalogue/listening/weights.json'),
]);
$checklist = (new ChecklistReader())->read($read('checklists/whole-walk-round.json'));
$folder = 'core/tests/Listening/People/';
$measure = static function (string $walk, Measured ...$into) use ($read, $lexicon, $checklist): void {
    /** @var array{heard: list<array{component: string, axle: ?string, points: list<string>}>} $truth */
    $truth = json_decode($read("$walk.json"), true);
    $said = [];
    foreach ($truth['heard'] as $one) {
        $said[$one['component'].'@'.$one['axle']] = $one['points'];
    }
    $account = (new Listener($lexicon, $checklist->figures))->listen(
        (new TranscriptReader())->read($read("$walk.vtt"), 'walk.vtt'),
    );
    array_map(static fn (Measured $one) => $one->add($said, $account), $into);
};
$line = static fn (string $name, Measured $of): int => printf(
    "%-8s item F1 %.3f  point F1 %.3f\n", $name, $of->f1('item'), $of->f1('point'),
);
/** @return list<string> */
$names = static function (string $in) use ($root): array {
    $files = glob("$root/$in*.json");

    return array_map(static fn (string $file): string => basename($file, '.json'), $files === false ? [] : $files);
};
$all = new Measured;
foreach ($names($folder) as $name) {
    $measure($folder.$name, $one = new Measured, $all);
    $line($name, $one);
}
$line('twelve', $all);
$apart = new Measured;
foreach ($names($folder.'apart/') as $name) {
    $measure($folder.'apart/'.$name, $apart);
}
$line('apart', $apart);
