<?php

declare(strict_types=1);

namespace App\Actions\Sound;

use App\Exceptions\IdIsTaken;
use App\Exceptions\SoundIsAstray;
use App\Models\Attempt;
use App\Models\Sound\SoundState;
use App\Models\Sound\WalkSound;
use App\Models\User;
use App\Sound\HearSound;
use App\Sound\SoundPieces;
use Illuminate\Contracts\Bus\Dispatcher;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Carbon;

/**
 * Takes in the sound of a walk, piece by piece and in order, while it is recorded or hours later; the walk may be
 * finished by then. Every step may be sent twice.
 */
final readonly class TakeSound
{
    public function __construct(
        private ConnectionInterface $database, private SoundPieces $pieces, private Dispatcher $jobs,
    ) {}

    /**
     * @param  string  $kind  media type
     *
     * @throws IdIsTaken if the id stands for another recording
     * @throws SoundIsAstray if no sound of this student may be kept
     */
    public function begin(
        Attempt $attempt, User $by, string $id, string $recorder, int $fromMs, string $kind, Carbon $now,
    ): WalkSound {
        self::allow($attempt);
        $sound = WalkSound::query()->firstOrCreate(['id' => $id], [
            'attempt_id' => $attempt->id, 'user_id' => $by->id, 'recorder' => $recorder, 'from_ms' => $fromMs,
            'kind' => $kind, 'state' => SoundState::Arriving, 'received_at' => $now,
        ]);

        return [$sound->attempt_id, $sound->recorder] === [$attempt->id, $recorder]
            ? $sound
            : throw IdIsTaken::bySound($id);
    }

    /** @throws SoundIsAstray if it is not the next, or came with other content */
    public function piece(WalkSound $sound, int $position, string $bytes): void
    {
        self::allow($sound->attempt);
        $this->held($sound, function (WalkSound $sound) use ($position, $bytes): void {
            // All of it came before; what is sent again is known.
            if ($sound->state !== SoundState::Arriving) {
                return;
            }
            $known = $this->pieces->digest($sound, $position);
            if ($known !== null) {
                hash_equals($known, hash('sha256', $bytes)) || throw SoundIsAstray::changed($position);

                return;
            }
            $next = $this->pieces->count($sound);
            $position === $next || throw SoundIsAstray::ahead($position, $next);
            $this->pieces->add($sound, $position, $bytes);
        });
    }

    /** @throws SoundIsAstray if pieces are missing */
    public function end(WalkSound $sound, int $pieces): void
    {
        $isNew = $this->held($sound, function (WalkSound $sound) use ($pieces): bool {
            if ($sound->state !== SoundState::Arriving) {
                return false;
            }
            $has = $this->pieces->count($sound);
            $has === $pieces || throw SoundIsAstray::missing($has, $pieces);
            $sound->update(['state' => SoundState::Waiting]);

            return true;
        });
        if ($isNew === true) {
            $this->jobs->dispatch(new HearSound($sound->id));
        }
    }

    /** @throws SoundIsAstray */
    public static function allow(Attempt $attempt): void
    {
        $attempt->keepsSound() || throw SoundIsAstray::forbidden();
    }

    /**
     * @template T
     *
     * @param  callable(WalkSound): T  $write
     * @return T
     */
    private function held(WalkSound $sound, callable $write): mixed
    {
        return $this->database->transaction(static function () use ($sound, $write): mixed {
            $held = WalkSound::query()->whereKey($sound->id);
            $held->lockForUpdate();

            return $write($held->firstOrFail());
        });
    }
}
