<?php

declare(strict_types=1);

use Tests\Support\Browser;
use Tests\Support\ListeningPlayer;
use Tests\Support\SpokenWalk;
use Tests\Support\WalkPlayer;

require __DIR__.'/../vendor/autoload.php';

// The invented walks of people, scored through the page with their true points:
// ./pasada bench people [touch|keyboard|listening] [CHECKLIST [WALK…]]. Touches an item, seconds behind the student at
// the speed spoken, items lost and items late.
$known = ['touch', 'keyboard', 'listening'];
$asked = array_values(array_intersect($argv, $known));
$ways = $asked === [] ? $known : $asked;
$rest = array_values(array_diff(array_slice($argv, 1), $known));
$checklist = array_shift($rest) ?? 'Every axle';
$names = $rest === [] ? SpokenWalk::names() : $rest;
$vehicles = ['Quay 9', 'Dock 4', 'Pier 2'];

/**
 * @param  non-empty-list<string>  $vehicles
 * @return array{string, SpokenWalk, array<string, list<list<string>>>} the walk on the vehicle of which most that was
 *   said is asked, with the halves that its page offers
 */
function begun(Browser $browser, string $name, string $checklist, array $vehicles): array
{
    $best = null;
    foreach ($vehicles as $vehicle) {
        $id = $browser->beginWalk(3, $vehicle, $checklist);
        $attempt = $browser->ask("/attempts/$id");
        $walk = SpokenWalk::of($name, $attempt);
        if ($best === null || $walk->notAsked < $best[1]->notAsked) {
            /** @var list<array{item: string, halves: list<list<string>>}> $usual */
            $usual = $attempt['usual'];
            $best = [$id, $walk, array_column($usual, 'halves', 'item')];
        }
    }
    $browser->visit('/walk/'.$best[0])->find('.tile');

    return $best;
}

/** @return array{int, int} items that do not hold what was said, and items late */
function wrongIn(Browser $browser, string $id, SpokenWalk $walk): array
{
    /**
     * @var array{sheet: array{outcomes: list<array{
     *    item: string, heard: list<string>, first_at_ms: ?int, status: string,
     * }>}} $attempt
     */
    $attempt = $browser->allSent()->ask("/attempts/$id");
    $outcomes = array_column($attempt['sheet']['outcomes'], null, 'item');
    $lost = $late = 0;
    foreach ($walk->said as ['item' => $item, 'said' => $said]) {
        $heard = array_values(array_diff($outcomes[$item]['heard'], ['identified']));
        sort($heard);
        sort($said);
        if ($heard !== $said || $outcomes[$item]['first_at_ms'] === null) {
            $lost++;
            fwrite(STDERR, sprintf("%s: [%s] for [%s]\n", $item, implode(' ', $heard), implode(' ', $said)));
        }
        $late += in_array($outcomes[$item]['status'], ['late', 'later_added'], true) ? 1 : 0;
    }

    return [$lost, $late];
}

foreach ($ways as $way) {
    printf("%s, %s\nwalk     items  touches  an item  behind  lost  late\n", $way, $checklist);
    $touches = $items = 0;
    foreach ($names as $name) {
        $browser = Browser::open(820, 1180);
        $browser->signIn('rosa@ferrow-sound.example', null);
        if ($way !== 'keyboard') {
            $browser->withTouch();
        }
        [$id, $walk, $halves] = begun($browser, $name, $checklist, $vehicles);
        $player = new WalkPlayer($browser, $walk, $way === 'keyboard', $halves);
        try {
            $way === 'listening' ? (new ListeningPlayer($browser, $walk, $player))->play() : $player->play();
        } catch (Throwable $trouble) {
            $browser->shot('/tmp/people.png');
            throw $trouble;
        }
        [$lost, $late] = wrongIn($browser, $id, $walk);
        // Finished, it is history: the next walk's guesses know it.
        $browser->click('[data-test=finish]')->click('[data-test=finish-now]')->waitForText('First of all');
        $count = count($walk->said);
        printf(
            "%-8s %5d  %7d  %7.2f  %4.1f s  %4d  %4d\n",
            $name, $count, $player->touches, $player->touches / max(1, $count), $player->secondsBehind(), $lost, $late,
        );
        $touches += $player->touches;
        $items += $count;
        $browser->close();
    }
    printf("all      %5d  %7d  %7.2f\n\n", $items, $touches, $touches / max(1, $items));
}
