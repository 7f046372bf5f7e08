<?php

declare(strict_types=1);

namespace App\Actions\Walk;

use App\Exceptions\RecordIsClosed;
use App\Library\Records;
use App\Models\Attempt;
use App\Models\AttemptStatus;
use Illuminate\Support\Carbon;

/** Takes a walk that was begun by mistake out of every list and figure; its marks and the reason stay in the trail. */
final readonly class DiscardAttempt
{
    public function __construct(private Records $records) {}

    /**
     * Sent twice with the same reason, it is done once.
     *
     * @throws RecordIsClosed if the walk is finished, or was discarded for another reason
     */
    public function handle(Attempt $attempt, string $reason, Carbon $now): void
    {
        $this->records->write($attempt, static function (bool $isClosed) use ($attempt, $reason, $now): void {
            if (! $isClosed) {
                $attempt->update([
                    'status' => AttemptStatus::Discarded,
                    'discarded_at' => $now,
                    'discard_reason' => $reason,
                ]);
            } elseif ($attempt->refresh()->discard_reason !== $reason) {
                throw RecordIsClosed::of($attempt->id);
            }
        });
    }
}
