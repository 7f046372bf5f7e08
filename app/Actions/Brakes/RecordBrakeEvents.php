<?php

declare(strict_types=1);

namespace App\Actions\Brakes;

use App\Exceptions\RecordIsClosed;
use App\Library\BenchLogStore;
use App\Library\InspectionLibrary;
use App\Library\MarkStore;
use App\Library\Records;
use App\Models\Attempt;
use App\Models\User;
use Illuminate\Support\Carbon;
use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Brakes\Events\BenchEntry;
use Pasada\Core\Brakes\Events\BenchEntryReader;
use Pasada\Core\Brakes\Events\BenchLog;
use Pasada\Core\Brakes\Events\EntriesConflict;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Fault;
use Symfony\Component\Uid\Uuid;

/** Adds what was observed of the brake tests to the record of an attempt. Sent twice, it is there once. */
final readonly class RecordBrakeEvents
{
    /** Of one attempt in force: thousands; a trace of an hour at one sample a second is more than a bench needs. */
    public const MOST = 2000;

    /** Of one attempt in all: lists that were taken in and replaced stay readable. */
    private const MOST_EVER = 40_000;

    public function __construct(
        private Records $records, private BenchLogStore $store, private MarkStore $marks,
        private InspectionLibrary $inspections,
    ) {}

    /**
     * @param  array<mixed>  $document  `{"events": [...]}` as BenchEntryReader reads it
     *
     * @throws DocumentHasFaults if a line is at fault or they are too many; what was kept stays
     * @throws EntriesConflict if an id came before with other content
     * @throws RecordIsClosed if the walk is finished and a line is new
     */
    public function handle(Attempt $attempt, User $by, array $document, Carbon $now): BenchLog
    {
        return $this->records->write($attempt, function (bool $isClosed) use (
            $attempt, $by, $document, $now,
        ): BenchLog {
            $before = $this->store->read($attempt->id);
            $sent = (new BenchEntryReader())->read(
                $document,
                static fn (string $id): bool => isset($before->entries[$id]),
            );

            return $this->append($attempt, $by, $before, $sent, 'events', $isClosed, $now);
        });
    }

    /**
     * Takes in what was observed elsewhere; what was there is taken back and stays readable.
     *
     * @param  string  $id  UUID made by the sender: the list that it stands for is taken in once
     * @param  list<\Pasada\Core\Brakes\Events\BrakeEvent>  $events
     *
     * @throws DocumentHasFaults if they are more than a bench keeps; what was kept stays
     */
    public function import(Attempt $attempt, User $by, string $id, array $events, string $name, Carbon $now): BenchLog
    {
        return $this->records->write($attempt, function (bool $isClosed) use (
            $attempt, $by, $id, $events, $name, $now,
        ): BenchLog {
            $before = $this->store->read($attempt->id);
            $idOf = static fn (string $line): string => (string) Uuid::v5(Uuid::fromString($id), $line);
            $taken = array_map(
                static fn ($event, int $n): BenchEntry => BenchEntry::observed($idOf("event $n"), $event),
                $events,
                array_keys($events),
            );
            if ($taken !== [] && isset($before->entries[$taken[0]->id])) {
                return $before->with(...$taken);
            }
            $back = array_map(
                static fn (BenchEntry $entry): BenchEntry => BenchEntry::takingBack(
                    $idOf('instead of '.$entry->id),
                    $entry->id,
                ),
                $before->inForce(),
            );

            return $this->append($attempt, $by, $before, [...$back, ...$taken], $name, $isClosed, $now);
        });
    }

    /** @param  list<BenchEntry>  $sent */
    private function append(
        Attempt $attempt, User $by, BenchLog $before, array $sent, string $name, bool $isClosed, Carbon $now,
    ): BenchLog {
        $after = $before->with(...$sent);
        $new = array_values(array_diff_key($after->entries, $before->entries));
        if ($new === []) {
            return $after;
        }
        if ($isClosed) {
            throw RecordIsClosed::of($attempt->id);
        }
        if (count($after->inForce()) > self::MOST) {
            throw DocumentHasFaults::in($name, [
                Fault::at(
                    '',
                    sprintf(
                        'makes %d events, a bench keeps %d; leave out samples of the trace, one in five seconds is '.
                            'enough',
                        count($after->inForce()),
                        self::MOST,
                    ),
                ),
            ]);
        }
        if (count($after->entries) > self::MOST_EVER) {
            throw DocumentHasFaults::in($name, [
                Fault::at(
                    '',
                    sprintf(
                        'finds the bench with %d lines already, and it keeps %d; save it as a file, and judge this '.
                            'list with pasada:brakes',
                        count($before->entries),
                        self::MOST_EVER,
                    ),
                ),
            ]);
        }
        $this->store->append($attempt->id, $new, $by->id, $now);
        $this->countRestarts($attempt, $by, $after, $new, $now);

        return $after;
    }

    /**
     * Beginning again is counted once, wherever it was pressed: on the bench it is a mark of the walk as well, of the
     * same id.
     *
     * @param  list<BenchEntry>  $new
     */
    private function countRestarts(Attempt $attempt, User $by, BenchLog $log, array $new, Carbon $now): void
    {
        $section = $this->inspections->forAttempt($attempt)->checklist->rules->brakes?->section;
        if ($section === null) {
            return;
        }
        $made = [];
        foreach ($new as $entry) {
            if ($entry->event?->kind === EventKind::Restarted && $entry->walkMs !== null) {
                $made[] = Mark::restarted($entry->id, $entry->walkMs, $section);
            }
            $undone = $log->entries[$entry->undoes ?? ''] ?? null;
            if ($undone?->event?->kind === EventKind::Restarted && $undone->walkMs !== null) {
                $made[] = Mark::undo($entry->id, max($undone->walkMs, $entry->walkMs ?? 0), $undone->id);
            }
        }
        $this->marks->append($attempt->id, $made, $attempt->id, $by->id, $now);
    }
}
