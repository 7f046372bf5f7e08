<?php

declare(strict_types=1);

use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Listening\Sheet\SheetMatcher;
use Pasada\Core\Listening\Sheet\SuggestedMarks;
use Pasada\Core\Listening\Sheet\Suggestion;
use Pasada\Core\Scoring\ScoreSheet;
use Pasada\Core\Tests\Listening\Ear;
use Pasada\Core\Tests\Sample;
use Pasada\Core\Vehicle\VehicleReader;

/**
 * @param  array<string, string>  $rule
 * @return array{Inspection, list<Suggestion>}
 */
function lightsHeard(array $rule, string ...$said): array
{
    $document = json_decode(Sample::shipped('checklists', 'whole-walk-round'), true);
    $document['rules']['lights'] = $rule;
    $checklist = (new ChecklistReader)->read((string) json_encode($document));
    $inspection = Inspection::of(
        $checklist, (new VehicleReader)->read(Sample::shipped('vehicles', 'dock-tractor-chassis')),
    );

    return [$inspection, (new SheetMatcher($inspection, $checklist))->suggestions(Ear::hears(...$said))];
}

/** @return list<string> items proposed, of the lights and of the dash */
function lightsProposed(string ...$said): array
{
    $items = array_map(
        static fn (Suggestion $one): string => (string) $one->item,
        array_filter(
            lightsHeard(['ask' => 'function'], ...$said)[1], static fn (Suggestion $one): bool => ! $one->isMaybe,
        ),
    );
    sort($items);

    return array_values(array_filter(
        $items, static fn (string $item): bool => preg_match('/light_check|cab\.ind|lights|headlights/', $item) === 1,
    ));
}

it('hears the functions that are called in the cab, and leaves the dash and the lamps what they are', function (
    array $said, array $items,
): void {
    expect(lightsProposed(...$said))->toBe($items);
})->with([
    'announced, one after the other' => [
        [
            'now the light check with my helper.', 'low beam.', 'my brights.', 'left turn.', 'four ways.',
            'brake lights.',
        ],
        ['cab.light_check@brake', 'cab.light_check@four-way', 'cab.light_check@high-beam', 'cab.light_check@left-turn',
            'cab.light_check@low-beam'],
    ],
    'one function, with words between' => [
        ['I check all of my lights now.', 'can you see my right blinker? good.'], ['cab.light_check@right-turn'],
    ],
    'a row of functions without an announcement' => [
        ['low beam, high beam, left turn, right turn, hazards, brake lights.'],
        ['cab.light_check@brake', 'cab.light_check@four-way', 'cab.light_check@high-beam', 'cab.light_check@left-turn',
            'cab.light_check@low-beam', 'cab.light_check@right-turn'],
    ],
    'indicators of the dash' => [
        ['the left turn indicator works, the right turn indicator works, the four way indicator works, the high beam '.
            'indicator works.'],
        ['cab.ind_four_way', 'cab.ind_high_beam', 'cab.ind_left', 'cab.ind_right'],
    ],
    'a function and its indicator in the same breath' => [
        ['light check. my left turn, and the left turn indicator works.'],
        ['cab.ind_left', 'cab.light_check@left-turn'],
    ],
    'lamps that are looked at, at the rear' => [
        ['at the rear of my trailer the tail lights, brake lights, turn signals and clearance lights are red, not '.
            'cracked and securely mounted.'],
        ['trailer.tail_lights'],
    ],
]);

it('proposes every place of a function that was called, with the words it rests on', function (): void {
    [$inspection, $suggestions] = lightsHeard(
        ['ask' => 'function-and-place'], 'here is the light check.', 'left turn signal.',
    );
    $parts = array_filter(
        $suggestions, static fn (Suggestion $one): bool => str_contains((string) $one->item, '@left'),
    );
    $sheet = ScoreSheet::ofInspection($inspection, SuggestedMarks::of($inspection, $suggestions));

    expect($parts)->toHaveCount(4)
        ->and(array_values($parts)[0]->evidence[0]->text)->toBe('left turn signal')
        ->and($sheet->outcomes['cab.light_check@left-turn.rear']->isEarned())->toBeTrue()
        ->and($sheet->outcomes['cab.light_check@right-turn.rear']->isEarned())->toBeFalse();
});

it('asks for no functions where the check is one item', function (): void {
    $items = array_map(
        static fn (Suggestion $one): ?string => $one->item,
        lightsHeard(['ask' => 'one'], 'now the light check with my helper, all of them work.', 'left turn.')[1],
    );

    expect($items)->toContain('cab.light_check')
        ->and(array_filter($items, static fn (?string $item): bool => str_contains((string) $item, '@left-turn')))
        ->toBe([]);
});
