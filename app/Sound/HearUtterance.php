<?php

declare(strict_types=1);

namespace App\Sound;

use App\Library\InspectionLibrary;
use App\Models\Sound\SoundState;
use App\Models\Sound\Utterance;
use App\Speech\NoSound;
use App\Speech\SpokenLanguage;
use App\Speech\WaveFile;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Carbon;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Speech\HeardWriter;
use Pasada\Core\Speech\Recognizer;

/** Hears what was said between two pauses. Its sound goes at once: the recording is what is kept. */
final class HearUtterance implements ShouldQueue
{
    use Queueable;

    public int $tries = 2;

    public function __construct(private readonly string $id) {}

    public function handle(
        Recognizer $recognizer, SpokenLanguage $language, InspectionLibrary $inspections, SoundStore $store,
    ): void {
        $one = Utterance::query()->find($this->id);
        if ($one === null || $one->state !== SoundState::Waiting) {
            return;
        }
        $file = WaveFile::write($store->read($one->file()));
        try {
            $pieces = $recognizer->recognize($file, $language->of($this->inspection($inspections, $one)));
            $one->update([
                'state' => SoundState::Heard, 'heard' => HeardWriter::pieces($pieces, $one->from_ms),
                'heard_at' => Carbon::now(),
            ]);
        } catch (NoSound $why) {
            report($why);
            $one->update(['state' => SoundState::Failed]);
        } finally {
            @unlink($file);
        }
        $store->forget($one->file());
    }

    /** What may be said is that of the whole vehicle, also where a part of it is rehearsed: one language serves all. */
    private function inspection(InspectionLibrary $inspections, Utterance $one): ?Inspection
    {
        return match (true) {
            $one->attempt !== null => $inspections->forAttempt($one->attempt),
            $one->rehearsal !== null => $inspections->of($one->rehearsal->checklist, $one->rehearsal->vehicle),
            default => null,
        };
    }

    /** After the last try: whoever waits for its words goes on without them. */
    public function failed(): void
    {
        Utterance::query()->whereKey($this->id)->where('state', SoundState::Waiting)->update([
            'state' => SoundState::Failed,
        ]);
    }
}
