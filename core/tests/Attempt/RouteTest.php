<?php

declare(strict_types=1);

use Pasada\Core\Attempt\Route;
use Pasada\Core\Attempt\Visit;
use Pasada\Core\Tests\Sample;

/**
 * The route of the sample under a rule of returning: `>cab` enters a place, `xcab` ticks it off, `=outside` begins a
 * section again, one a second.
 */
function routeOf(string $returns, string ...$steps): Route
{
    $route = new Route(Sample::inspection(['returns' => $returns]));
    foreach (array_values($steps) as $second => $step) {
        $what = substr($step, 1);
        match ($step[0]) {
            '>' => $route->enter($what, $second * 1000),
            'x' => $route->close($what),
            default => $route->reopen($what),
        };
    }

    return $route;
}

it('shuts what the rule of returning says, and no more', function (string $returns, array $steps, array $shut): void {
    $found = array_keys(routeOf($returns, ...$steps)->shut);
    sort($found);

    expect($found)->toBe($shut);
})->with([
    'place: nothing is left yet' => ['place', ['>cab'], []],
    'place: left for the next' => ['place', ['>cab', '>engine'], ['cab']],
    'place: left within a section' => ['place', ['>engine', '>steer-wheel', '>drive-wheel'], ['engine', 'steer-wheel']],
    'place: come back, still shut' => ['place', ['>cab', '>engine', '>cab'], ['cab', 'engine']],
    'place: ticked off shuts at once' => ['place', ['>cab', 'xcab'], ['cab']],
    'section: another place of the same section' => ['section', ['>engine', '>steer-wheel'], []],
    'section: left shuts all its places, visited or not' => [
        'section',
        ['>engine', '>cab'],
        ['drive-wheel', 'engine', 'steer-wheel'],
    ],
    'section: ticked off shuts nothing' => ['section', ['>engine', 'xengine'], []],
    'section: both left' => ['section', ['>cab', '>engine', '>cab'], ['cab', 'drive-wheel', 'engine', 'steer-wheel']],
    'end: nothing ever' => ['end', ['>cab', '>engine', 'xengine', '>cab', '>drive-wheel'], []],
    'begun again: the section is open' => ['section', ['>engine', '>cab', '=outside'], []],
    'begun again: only that section' => ['place', ['>cab', '>engine', '>drive-wheel', '=outside'], ['cab']],
    'the same place entered twice is one stay' => ['place', ['>cab', '>cab'], []],
    'a place of another checklist is passed over' => ['place', ['>cab', '>roof'], []],
]);

it('takes the tick off a place that is entered again or begun again', function (array $steps, array $closed): void {
    expect(array_keys(routeOf('end', ...$steps)->closed))->toBe($closed);
})->with([
    'ticked' => [['>cab', 'xcab'], ['cab']],
    'entered from elsewhere' => [['>cab', 'xcab', '>engine', '>cab'], []],
    'another one entered' => [['>cab', 'xcab', '>engine'], ['cab']],
    'its section begun again' => [['>engine', 'xengine', '=outside'], []],
    'another section begun again' => [['>engine', 'xengine', '=cab'], ['engine']],
]);

it('gives each stay from its entering to the next, the last one to the end of the walk', function (
    array $steps,
    int $endMs,
    array $stays,
): void {
    expect(
        array_map(
            static fn (Visit $visit): array => [$visit->place, $visit->fromMs, $visit->toMs],
            routeOf('end', ...$steps)->visits($endMs),
        ),
    )->toBe($stays);
})->with([
    'nowhere yet' => [[], 5000, []],
    'one stay' => [['>cab'], 5000, [['cab', 0, 5000]]],
    'entered twice' => [['>cab', '>cab'], 5000, [['cab', 0, 5000]]],
    'there and back' => [
        ['>cab', '>engine', '>cab'],
        9000,
        [['cab', 0, 1000], ['engine', 1000, 2000], ['cab', 2000, 9000]],
    ],
    'an end before the last entering makes no negative stay' => [
        ['>cab', '>engine'],
        400,
        [['cab', 0, 1000], ['engine', 1000, 1000]],
    ],
    'a place of another checklist does not end a stay' => [['>cab', '>roof'], 3000, [['cab', 0, 3000]]],
]);

it('loses no time between stays, whatever the way', function (): void {
    mt_srand(20261124);
    $places = ['cab', 'engine', 'steer-wheel', 'drive-wheel'];
    for ($walk = 0; $walk < 50; $walk++) {
        $route = new Route(Sample::inspection());
        foreach (range(1, mt_rand(1, 30)) as $second) {
            $route->enter($places[mt_rand(0, 3)], 1000 * $second);
        }
        $visits = $route->visits(60000);
        $stayed = array_sum(array_map(static fn (Visit $visit): int => $visit->durationMs(), $visits));
        expect($stayed)->toBe(60000 - 1000);
        foreach (array_slice($visits, 1) as $index => $visit) {
            expect($visit->fromMs)->toBe($visits[$index]->toMs)->and($visit->place)->not->toBe($visits[$index]->place);
        }
    }
});
