<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Attempt;
use App\Models\AttemptStatus;
use App\Models\Party;
use App\Models\Signature;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Carbon;

/** Keeps a signature under a finished record, with the time of the server. */
final readonly class SignRecord
{
    /**
     * @param  list<list<int>>  $strokes  x and y by turns, in thousandths of the pad
     *
     * @throws RecordCannotBeSigned if the walk is not finished, or this party has signed already
     */
    public function handle(Attempt $attempt, Party $party, string $name, array $strokes, Carbon $now): Signature
    {
        if ($attempt->status !== AttemptStatus::Finished) {
            throw RecordCannotBeSigned::becauseItGoesOn();
        }
        try {
            return Signature::query()->create(['attempt_id' => $attempt->id, 'party' => $party, 'name' => $name, 'strokes' => $strokes, 'signed_at' => $now]);
        } catch (UniqueConstraintViolationException) {
            throw RecordCannotBeSigned::becauseItIs($party);
        }
    }
}
