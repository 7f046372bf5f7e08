<?php

declare(strict_types=1);

namespace App\Speech;

use App\Exceptions\IdIsTaken;
use App\Exceptions\RecordIsClosed;
use App\Library\Records;
use App\Library\TurnedDownStore;
use App\Models\Attempt;
use App\Models\Recording;
use App\Models\User;
use Illuminate\Support\Carbon;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Fault;
use Pasada\Core\Language\TranscriptReader;

/** Keeps the captions of an attempt, and which of what was heard in them was turned down. */
final readonly class Recordings
{
    public function __construct(
        private Records $records,
        private TurnedDownStore $turnedDown,
    ) {}

    /**
     * @throws DocumentHasFaults if the captions cannot be read; those that were there stay
     * @throws IdIsTaken if the id came before with other captions
     * @throws RecordIsClosed if the walk is finished and the captions are new
     */
    public function add(
        Attempt $attempt, User $by, string $id, string $name, string $content, Carbon $now,
    ): Recording {
        // Read first, so that what cannot be read takes no place of what was there. It is heard when it is looked at.
        (new TranscriptReader)->read($content, $name);

        return $this->records->write($attempt, function (bool $isClosed) use (
            $attempt, $by, $id, $name, $content, $now,
        ): Recording {
            $known = Recording::query()->find($id);
            if ($known !== null) {
                return [$known->attempt_id, $known->content] === [$attempt->id, $content]
                    ? $known
                    : throw IdIsTaken::byCaptions($id);
            }
            if ($isClosed) {
                throw RecordIsClosed::of($attempt->id);
            }

            return Recording::query()->create([
                'id' => $id,
                'attempt_id' => $attempt->id,
                'position' => Recording::query()->where('attempt_id', $attempt->id)->count(),
                'user_id' => $by->id,
                'name' => $name,
                'content' => $content,
                'received_at' => $now,
            ]);
        });
    }

    /**
     * @param  list<array{id: string, key: string, down: bool}>  $lines
     *
     * @throws RecordIsClosed if the walk is finished and a line is new
     */
    public function turnDown(Attempt $attempt, User $by, array $lines, Carbon $now): void
    {
        $this->records->write($attempt, function (bool $isClosed) use ($attempt, $by, $lines, $now): void {
            $new = $this->turnedDown->unknown($attempt->id, $lines);
            if ($new === []) {
                return;
            }
            if ($isClosed) {
                throw RecordIsClosed::of($attempt->id);
            }
            $recording =
                Recording::of($attempt) ??
                throw DocumentHasFaults::in('proposals', [
                    Fault::at('turned_down', 'there are no captions in this attempt; add them first'),
                ]);
            $this->turnedDown->append($recording, $new, $by->id, $now);
        });
    }
}
