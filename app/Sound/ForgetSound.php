<?php

declare(strict_types=1);

namespace App\Sound;

use App\Models\Attempt;
use App\Models\LegalHold;
use App\Models\Rehearsal;
use App\Models\Sound\SoundState;
use App\Models\Sound\Utterance;
use App\Models\Sound\WalkSound;
use App\Models\Student;
use App\Trail\Did;
use App\Trail\Trail;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;

/**
 * Deletes sound for good: when its days are over, when a student takes the consent back, or with the record of the
 * walk. That there was some, and when it went, stays with the record; what is held stays.
 */
final readonly class ForgetSound
{
    public function __construct(
        private SoundPieces $pieces, private SoundStore $store, private Trail $trail,
        /** For how long it is kept after the walk. */
        private int $days,
    ) {}

    /** @return int recordings that went */
    public function old(Carbon $now): int
    {
        $since = $now->copy()->subDays($this->days);
        $held = Attempt::query()->whereIn(
            'student_id', LegalHold::query()->where('ended_at', null)->select('student_id'),
        )->select('id');
        $due = self::there()->where('received_at', '<', $since);
        $due->whereNotIn('attempt_id', $held);
        // What was said may be here where its recording never came.
        $said = Utterance::query()->where('received_at', '<', $since);
        $said->where(static fn (Builder $of) => $of->where('attempt_id', null)->orWhereNotIn('attempt_id', $held));
        $said->delete();

        return $this->forget($due, $now);
    }

    /** @return int recordings that went; none while the student's records are held */
    public function ofStudent(Student $student, Carbon $now): int
    {
        if (LegalHold::query()->where('student_id', $student->id)->where('ended_at', null)->exists()) {
            return 0;
        }

        $attempts = Attempt::query()->where('student_id', $student->id)->pluck('id');
        $own = self::there();
        $own->whereIn('attempt_id', $attempts);
        $rehearsals = Rehearsal::query()->where('student_id', $student->id)->pluck('id');
        Utterance::query()->whereIn('attempt_id', $attempts)->orWhereIn('rehearsal_id', $rehearsals)->delete();
        $this->files(array_values(array_filter($rehearsals->all(), is_string(...))));

        return $this->forget($own, $now);
    }

    /** @return Builder<WalkSound> */
    private static function there(): Builder
    {
        return WalkSound::query()->where('state', '<>', SoundState::Deleted);
    }

    /** @param  list<string>  $of  attempts and rehearsals whose rows are deleted by whoever asks */
    public function files(array $of): void
    {
        foreach ($of as $id) {
            $this->store->forgetAll("sounds/$id");
        }
    }

    /** @param  Builder<WalkSound>  $of */
    private function forget(Builder $of, Carbon $now): int
    {
        $sounds = $of->get();
        foreach ($sounds as $sound) {
            $sound->update([
                'state' => SoundState::Deleted, 'deleted_at' => $now, 'heard' => null, 'said' => null, 'strip' => null,
            ]);
            $this->pieces->forget($sound);
            $this->trail->keep(
                $sound->attempt->school_id, Did::Erased, 'sound', $sound->id, null,
                ['attempt' => $sound->attempt_id, 'lasts_ms' => $sound->lasts_ms, 'digest' => $sound->digest],
            );
        }

        return count($sounds);
    }
}
