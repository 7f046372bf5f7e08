<?php

declare(strict_types=1);

use Pasada\Core\Brakes\Events\BenchEntry;
use Pasada\Core\Brakes\Events\BenchEntryReader;
use Pasada\Core\Brakes\Events\BenchLog;
use Pasada\Core\Brakes\Events\BrakeEvent;
use Pasada\Core\Brakes\Events\EntriesConflict;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Tests\Sample;

function seenAt(int $n, int $atMs, EventKind $kind = EventKind::Key, string $to = 'on', ?int $walkMs = null): BenchEntry
{
    return BenchEntry::observed(Sample::id($n), new BrakeEvent($atMs, $kind, $to), $walkMs);
}

function takenBackBy(int $n, int $of): BenchEntry
{
    return BenchEntry::takingBack(Sample::id($n), Sample::id($of));
}

/** @return list<string> ids of the lines, by their last digit */
function numbered(array $entries): array
{
    return array_map(static fn (BenchEntry $entry): string => substr($entry->id, -1), $entries);
}

it('has in force what was seen and not taken back, in the order of time', function (
    array $entries,
    array $inForce,
    array $takenBack,
): void {
    $log = BenchLog::of(...$entries);

    expect(numbered($log->inForce()))
        ->toBe($inForce)
        ->and(numbered($log->takenBack()))
        ->toBe($takenBack)
        ->and($log->events())
        ->toHaveCount(count($inForce));
})->with([
    'nothing' => [[], [], []],
    'as it comes' => [[seenAt(1, 0), seenAt(2, 5)], ['1', '2'], []],
    'what comes late' => [[seenAt(1, 5), seenAt(2, 0)], ['2', '1'], []],
    'the same twice' => [[seenAt(1, 0), seenAt(1, 0)], ['1'], []],
    'taken back' => [[seenAt(1, 0), seenAt(2, 5), takenBackBy(3, 1)], ['2'], ['1']],
    'taken back twice' => [[seenAt(1, 0), takenBackBy(3, 1), takenBackBy(4, 1)], [], ['1']],
    'brought back' => [[seenAt(1, 0), takenBackBy(3, 1), takenBackBy(4, 3)], ['1'], []],
    'the end of a minute that was not begun' => [
        [seenAt(1, 0, EventKind::MinuteStarted, ''), seenAt(2, 9, EventKind::MinuteEnded, ''), takenBackBy(3, 1)],
        [],
        ['1'],
    ],
]);

it('is the same in whatever pieces it comes', function (): void {
    $all = [seenAt(1, 0), seenAt(2, 5), takenBackBy(3, 1), seenAt(4, 2)];
    foreach (range(0, 4) as $cut) {
        $log = BenchLog::of(...array_slice($all, 0, $cut))->with(...$all);
        expect($log)->toEqual(BenchLog::of(...$all));
    }
});

it('refuses an id that stood for something else', function (): void {
    BenchLog::of(seenAt(1, 0))->with(seenAt(1, 1));
})->throws(EntriesConflict::class, 'Two different observations carry the id');

it('tells the time in the walk by the line before that knows it', function (?int $atMs, ?int $walkMs): void {
    expect(
        BenchLog::of(seenAt(1, 1000, walkMs: 480_000), seenAt(2, 5000), seenAt(3, 60_000, walkMs: 700_000))->walkMsAt(
            $atMs,
        ),
    )->toBe($walkMs);
})->with([
    'at a line' => [1000, 480_000],
    'after it' => [5000, 484_000],
    'after a pause of the walk' => [61_000, 701_000],
    'before any' => [0, null],
    'at no time' => [null, null],
]);

it('reads what it writes', function (): void {
    $lines = [seenAt(1, 0, walkMs: 7), takenBackBy(2, 1)];
    $read = (new BenchEntryReader())->read(
        ['events' => array_map(static fn (BenchEntry $line): array => $line->write(), $lines)],
        static fn (): bool => false,
    );

    expect($read)->toEqual($lines);
});

it('names the place of every fault', function (array $line, string $fault): void {
    try {
        (new BenchEntryReader)->read(['events' => [$line]], static fn (): bool => false);
    } catch (DocumentHasFaults $found) {
        expect((string) $found->faults[0])->toBe($fault);

        return;
    }
    throw new LogicException('It was taken.');
})->with([
    'no id' => [['at_ms' => 0, 'kind' => 'key', 'to' => 'on'], 'events[0].id: asks for a text that is not empty'],
    'an unknown line' => [
        ['id' => Sample::id(1), 'undoes' => Sample::id(2)],
        'events[0].undoes: names nothing that was observed in this attempt',
    ],
    'both at once' => [
        ['id' => Sample::id(1), 'undoes' => Sample::id(2), 'kind' => 'key'],
        'events[0].kind: is not known here; did you mean "id"?',
    ],
    'a walk of days' => [
        ['id' => Sample::id(1), 'at_ms' => 0, 'walk_ms' => 99_999_999, 'kind' => 'key', 'to' => 'on'],
        'events[0].walk_ms: asks for a whole number from 0 to 43200000',
    ],
]);
