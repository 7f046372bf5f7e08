<?php

declare(strict_types=1);

namespace App\Actions\Sound;

use App\Exceptions\IdIsTaken;
use App\Exceptions\RecordIsClosed;
use App\Exceptions\SoundIsAstray;
use App\Models\Attempt;
use App\Models\AttemptStatus;
use App\Models\Rehearsal;
use App\Models\Sound\SoundState;
use App\Models\Sound\Utterance;
use App\Models\User;
use App\Sound\HearUtterance;
use App\Sound\SoundStore;
use Illuminate\Contracts\Bus\Dispatcher;
use Illuminate\Support\Carbon;

/** Takes in what was said between two pauses, to be heard at once. */
final readonly class TakeUtterance
{
    public function __construct(private SoundStore $store, private Dispatcher $jobs) {}

    /**
     * Sent twice, it is heard once.
     *
     * @param  string  $sound  16 kHz, mono, 16 bit, the lower byte first
     *
     * @throws IdIsTaken if the id stands for other sound
     * @throws RecordIsClosed if the walk is finished: all of its sound is heard then
     * @throws SoundIsAstray if no sound of this student may be kept
     */
    public function handle(
        Attempt|Rehearsal $of, User $by, string $id, string $recorder, int $fromMs, string $sound, Carbon $now,
    ): Utterance {
        $of->keepsSound() || throw SoundIsAstray::forbidden();
        $key = ['attempt_id' => null, 'rehearsal_id' => null];
        $key[$of instanceof Attempt ? 'attempt_id' : 'rehearsal_id'] = $of->id;
        $digest = hash('sha256', $sound);
        $known = Utterance::query()->find($id);
        if ($known === null) {
            if ($of instanceof Attempt && $of->status !== AttemptStatus::UnderWay) {
                throw RecordIsClosed::of($of->id);
            }
            $one = new Utterance([
                'id' => $id, ...$key, 'user_id' => $by->id, 'recorder' => $recorder,
                'from_ms' => $fromMs, 'state' => SoundState::Waiting, 'digest' => $digest, 'received_at' => $now,
            ]);
            // First, so that whoever finds the row finds its sound.
            $this->store->put($one->file(), $sound);
            $known = Utterance::query()->firstOrCreate(['id' => $id], $one->getAttributes());
            if ($known->wasRecentlyCreated) {
                $this->jobs->dispatch((new HearUtterance($id))->onQueue('live'));
            }
        }

        return [...$known->only(array_keys($key)), 'digest' => $known->digest] === [...$key, 'digest' => $digest]
            ? $known
            : throw IdIsTaken::bySound($id);
    }
}
