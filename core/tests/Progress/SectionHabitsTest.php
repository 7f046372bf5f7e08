<?php

declare(strict_types=1);

use Pasada\Core\Progress\Practice\SectionHabits;
use Pasada\Core\Progress\Practice\WalkedSection;

/** @return list<WalkedSection> */
function walkedSections(int $cabSeconds, bool $isSwapped = false): array
{
    return [
        new WalkedSection('Engine', 200_000, 20, $isSwapped),
        new WalkedSection('In the cab', $cabSeconds * 1000, 10, false),
        new WalkedSection('Trailer', 300_000, 30, false),
    ];
}

it('tells a section that is walked out of turn again and again, and not one that was so once', function (): void {
    expect(SectionHabits::of([walkedSections(100, true), walkedSections(100), walkedSections(100, true)]))
        ->toBe(['Walked out of turn: Engine (2 of 3).'])
        ->and(SectionHabits::of([walkedSections(100, true), walkedSections(100)]))->toBe([]);
});

it('tells where time is lost, beside what an item takes elsewhere', function (): void {
    expect(SectionHabits::of([walkedSections(400), walkedSections(400)]))
        ->toBe(['Time goes to In the cab: 40 s an item, 10 s elsewhere, about 5:00 a walk more.']);
});

it('says nothing of time where it knows too little or there is little to win', function (array $walks): void {
    expect(SectionHabits::of($walks))->toBe([]);
})->with([
    'no walk' => [[]],
    'one walk' => [[walkedSections(400)]],
    'a little slower' => [[walkedSections(150), walkedSections(150)]],
    'only one section walked' => [[[new WalkedSection('Engine', 900_000, 5, false)],
        [new WalkedSection('Engine', 900_000, 5, false)]]],
]);
