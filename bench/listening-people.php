<?php

declare(strict_types=1);

use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Listening\Listener;
use Pasada\Core\Tests\Listening\Ear;
use Pasada\Core\Tests\Listening\Speech\Measured;
use Pasada\Core\Tests\Listening\Speech\People;

require __DIR__.'/../vendor/autoload.php';

// How much is heard of the invented walks of people, one by one, and of the four that nobody looks at closely as totals
// only: ./pasada bench listening-people
$checklist = (new ChecklistReader())->read(
    (string) file_get_contents(dirname(__DIR__).'/checklists/whole-walk-round.json'),
);
$listener = new Listener(Ear::lexicon(), $checklist->figures);
$line = static fn (string $name, Measured $of): int => printf(
    "%-8s item F1 %.3f  point F1 %.3f\n", $name, $of->f1('item'), $of->f1('point'),
);
$all = new Measured;
foreach (People::walks() as $name => [$said, $transcript]) {
    $account = $listener->listen($transcript);
    $all->add($said, $account);
    $one = new Measured;
    $one->add($said, $account);
    $line($name, $one);
}
$line('twelve', $all);
$apart = new Measured;
foreach (People::walks(People::APART) as [$said, $transcript]) {
    $apart->add($said, $listener->listen($transcript));
}
$line('apart', $apart);
