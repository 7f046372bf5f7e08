<?php

declare(strict_types=1);

namespace App\Sound;

use App\Exceptions\RecordIsClosed;
use App\Library\InspectionLibrary;
use App\Models\Sound\SoundState;
use App\Models\Sound\WalkSound;
use App\Models\User;
use App\Speech\NoSound;
use App\Speech\Recordings;
use App\Speech\SoundFile;
use App\Speech\SpokenLanguage;
use App\Speech\WaveFile;
use App\Speech\WordsOfWalk;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Pasada\Core\Speech\HeardPiece;
use Pasada\Core\Speech\HeardWriter;
use Pasada\Core\Speech\Recognizer;
use Throwable;

/**
 * The last pass over a recording: lays it out so that it plays from any second, tells how loud it is, hears all of it
 * with the language of its checklist, and finds when each item was said. Killed in the middle, it begins anew.
 */
final class HearSound implements ShouldQueue
{
    use Queueable;

    public int $tries = 2;

    private const COLUMNS = 600;

    /** What a name of captions says of where they came from. */
    private const NAME = 'The walk as it was recorded';

    public function __construct(private readonly string $id) {}

    public function handle(
        SoundFile $files, SoundPieces $pieces, Recognizer $recognizer, SpokenLanguage $language,
        InspectionLibrary $inspections, WordsOfWalk $words, Recordings $captions,
    ): void {
        $sound = WalkSound::query()->find($this->id);
        if ($sound === null || $sound->state !== SoundState::Waiting) {
            return;
        }
        $whole = $wave = $laidOut = null;
        $old = [];
        try {
            $whole = $this->whole($sound, $pieces);
            $wave = $files->forHearing($whole);
            $laidOut = $files->forPlaying($whole, $sound->kind);
            $loudness = WaveFile::loudness($wave);
            $isThere = $this->write([
                // As it came; what is heard again after a crash is laid out anew already.
                'digest' => $sound->digest ?? hash_file('sha256', $whole), 'lasts_ms' => $loudness->lastsMs(),
                'strip' => $loudness->strip(self::COLUMNS),
            ], static function (WalkSound $sound) use ($pieces, $laidOut, &$old): void {
                $old = $pieces->replace($sound, $laidOut);
            });
            if (! $isThere) {
                return;
            }
            $pieces->drop($sound, $old);
            $heard = $recognizer->recognize($wave, $language->of($inspections->forAttempt($sound->attempt)));
            $isThere = $this->write([
                'state' => SoundState::Heard, 'heard' => HeardWriter::pieces($heard, $sound->from_ms),
                'said' => $heard === [] ? [] : $words->said(
                    $sound->attempt, HeardWriter::transcript($heard, $sound->from_ms),
                ),
            ]);
            if ($isThere) {
                $this->propose($sound, $heard, $captions);
            }
        } catch (NoSound $why) {
            $this->write(['state' => SoundState::Failed, 'why' => Str::limit(ucfirst($why->getMessage()), 290)]);
        } finally {
            foreach ([$whole, $wave, $laidOut] as $file) {
                $file === null || @unlink($file);
            }
        }
    }

    /** After the last try. */
    public function failed(?Throwable $why): void
    {
        WalkSound::query()->whereKey($this->id)->where('state', SoundState::Waiting)->update([
            'state' => SoundState::Failed,
            'why' => 'Its words could not be worked out on this server; its log tells why. It is kept as it came.',
        ]);
    }

    /**
     * Unless it was deleted since: hearing takes minutes, and what a student took back must not come again.
     *
     * @param  array<string, mixed>  $change
     * @param  (callable(WalkSound): mixed)|null  $also
     * @return bool whether it is still there
     */
    private function write(array $change, ?callable $also = null): bool
    {
        return DB::transaction(function () use ($change, $also): bool {
            $query = WalkSound::query()->whereKey($this->id);
            $query->lockForUpdate();
            $held = $query->first();
            if ($held?->state !== SoundState::Waiting) {
                return false;
            }
            $held->update($change);
            if ($also !== null) {
                $also($held);
            }

            return true;
        }) === true;
    }

    private function whole(WalkSound $sound, SoundPieces $pieces): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'pasada-sound-');
        foreach ($pieces->read($sound, 0, max(0, $pieces->bytes($sound) - 1)) as $bytes) {
            file_put_contents($file, $bytes, FILE_APPEND);
        }

        return $file;
    }

    /**
     * Proposes what was heard while the walk is open; a closed record takes nothing more.
     *
     * @param  list<HeardPiece>  $heard
     */
    private function propose(WalkSound $sound, array $heard, Recordings $captions): void
    {
        if ($heard === []) {
            return;
        }
        try {
            $captions->add(
                $sound->attempt, User::query()->findOrFail($sound->user_id), $sound->id, self::NAME,
                HeardWriter::vtt($heard, $sound->from_ms), Carbon::now(),
            );
        } catch (RecordIsClosed) {
            // What was heard stands beside the sound.
        }
    }
}
