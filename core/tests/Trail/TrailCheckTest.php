<?php

declare(strict_types=1);

use Pasada\Core\Trail\TrailCheck;
use Pasada\Core\Trail\TrailEntry;

/** @return list<TrailEntry> */
function trailOf(int $lines): array
{
    $trail = [];
    [$position, $previous] = [0, TrailEntry::NOTHING];
    for ($n = 1; $n <= $lines; $n++) {
        $trail[] = $entry = TrailEntry::after(
            $position, $previous, "2026-11-28T14:00:0$n.000Z", 'Rosa Kettering', 'changed', 'student', (string) $n,
            '{"name":"A"}', '{"name":"B"}', '127.0.0.1',
        );
        [$position, $previous] = [$entry->position, $entry->digest];
    }

    return $trail;
}

function changedLine(TrailEntry $entry, string $what, string|int|null $to): TrailEntry
{
    return TrailEntry::stored(...[...get_object_vars($entry), $what => $to]);
}

/** @param  list<TrailEntry>  $trail */
function faultsOfTrail(array $trail): array
{
    $check = new TrailCheck;
    array_map($check->next(...), $trail);

    return $check->faults();
}

it('finds nothing in a trail as it was kept', function (int $lines): void {
    expect(faultsOfTrail(trailOf($lines)))->toBe([]);
})->with([0, 1, 5]);

it('finds whatever is changed in a line', function (string $what, string|int|null $to): void {
    $trail = trailOf(4);
    $trail[1] = changedLine($trail[1], $what, $to);

    expect(faultsOfTrail($trail))->toContain('line 2 was changed: its digest is another');
})->with([
    ['at', '2026-11-28T15:00:00.000Z'], ['who', 'Anton Veyra'], ['did', 'removed'], ['kind', 'user'],
    ['record', '77'], ['before', null], ['after', '{}'], ['from', '10.0.0.1'], ['digest', str_repeat('a', 64)],
]);

it('finds a line that was worked out anew, by the one that follows', function (): void {
    $trail = trailOf(3);
    $old = $trail[1];
    $trail[1] = TrailEntry::after(
        1, $old->previous, $old->at, 'Anton Veyra', $old->did, $old->kind, $old->record, null, null, $old->from,
    );

    expect(faultsOfTrail($trail))->toBe(['line 3 does not follow line 2 as it stands: one of them was changed']);
});

it('finds lines that are missing', function (array $gone, string $said): void {
    expect(faultsOfTrail(array_values(array_diff_key(trailOf(5), array_flip($gone)))))->toBe([$said]);
})->with([
    'the first' => [[0], 'line 1 is missing'],
    'one in between' => [[2], 'line 3 is missing'],
    'three' => [[1, 2, 3], 'lines 2 to 4 are missing'],
]);

it('finds the end cut off by what was noted elsewhere, and a trail that was kept anew', function (): void {
    $trail = trailOf(3);
    $digests = array_column(array_slice($trail, 0, 2), 'digest', 'position');
    $check = new TrailCheck;
    $check->note(3, $trail[2]->digest, $digests, 'the note of 28 November');
    $check->note(2, str_repeat('b', 64), $digests, 'the note of 27 November');
    $check->note(1, $trail[0]->digest, $digests, 'the note of 26 November');

    expect($check->faults())->toBe([
        'line 3 is missing, which the note of 28 November has', 'line 2 is another than the note of 27 November has',
    ]);
});
