<?php

declare(strict_types=1);

namespace App\Http\Views\Speech;

use App\Http\Resources\Speech\CaptionResource;
use App\Http\Resources\Speech\HeardWordsResource;
use App\Http\Resources\Speech\SuggestionResource;
use App\Library\ListeningLibrary;
use App\Library\MarkStore;
use App\Library\TurnedDownStore;
use App\Models\Attempt;
use App\Models\Recording;
use App\Speech\WordsOfWalk;
use Pasada\Core\Attempt\Marks\MarkKind;
use Pasada\Core\Attempt\Marks\ReferencePayload;
use Pasada\Core\Language\Transcript;
use Pasada\Core\Language\TranscriptReader;
use Pasada\Core\Listening\Sheet\Suggestion;
use Pasada\Core\Listening\WrongFigure;

/** What was heard in the captions of an attempt, beside what stands on its sheet. */
final readonly class ReadRecording
{
    public function __construct(
        private WordsOfWalk $words, private ListeningLibrary $listeners, private MarkStore $marks,
        private TurnedDownStore $turnedDown, private string $build,
    ) {}

    /** @return array<mixed> as HeardWordsResource is written */
    public function handle(Attempt $attempt, Recording $recording): array
    {
        if ($recording->heard === null || $recording->heard_by !== $this->listener($attempt)) {
            $recording->update([
                'heard' => $this->hear(
                    $attempt,
                    (new TranscriptReader())->read($recording->content, $recording->name),
                    $recording->name,
                ),
                'heard_by' => $this->listener($attempt),
            ]);
        }
        /** @var array{suggestions: list<array{key: string, item: ?string}>} $heard */
        $heard = json_decode((string) $recording->heard, true);
        $marked = $this->marked($attempt->id);
        $down = $this->turnedDown->keys($recording);
        foreach ($heard['suggestions'] as $n => $one) {
            $heard['suggestions'][$n]['state'] =
                $marked[self::about($one['item'], $one['key'])] ?? (isset($down[$one['key']]) ? 'rejected' : 'open');
        }

        return $heard;
    }

    /** @return string what is heard in the words, as HeardWordsResource in JSON; nothing is settled in it yet */
    public function hear(Attempt $attempt, Transcript $transcript, string $name): string
    {
        [$transcript, $account, $suggestions] = $this->words->heard($attempt, $transcript);
        $ends = array_map(static fn ($cue): float => $cue->from, $transcript->cues);

        return json_encode(
            new HeardWordsResource(
                $name,
                $transcript->warnings,
                array_map(CaptionResource::of(...), $transcript->cues),
                array_map(
                    static fn (Suggestion $one): SuggestionResource => SuggestionResource::of(
                        $one, $transcript, $account->words, 'open',
                    ),
                    $suggestions,
                ),
                array_map(
                    static fn (WrongFigure $one): string => sprintf(
                        '%s%s: %s',
                        $one->component,
                        $one->axle === null ? '' : ', '.$one->axle.' axle',
                        $one->what,
                    ),
                    $account->wrong,
                ),
                array_map(
                    static fn (array $one): array => [
                        'from_ms' => (int) ($one[0] * 1000),
                        'to_ms' => (int) ($one[1] * 1000),
                        'text' => $one[2],
                    ],
                    $account->offList,
                ),
                (int) (max($ends === [] ? [0] : $ends) * 1000) + 1000,
            ),
            JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION,
        );
    }

    /** Changes with whatever decides what is heard: the code, the lexicon, the checklist and the vehicle. */
    public function listener(Attempt $attempt): string
    {
        return hash(
            'sha256',
            implode(':', [
                $this->build, $this->listeners->version(), $attempt->checklist_id, $attempt->vehicle_id, $attempt->form,
            ]),
        );
    }

    /** @return list<SuggestionResource> what can be proposed of the words so far, while the walk goes on */
    public function live(Attempt $attempt, Transcript $transcript): array
    {
        [$transcript, $account, $suggestions] = $this->words->heard($attempt, $transcript);
        $marked = $this->marked($attempt->id);

        return array_map(
            static fn (Suggestion $one): SuggestionResource => SuggestionResource::of(
                $one, $transcript, $account->words, $marked[self::about($one->item, $one->key)] ?? 'open',
            ),
            // While the walk goes on, more may be said of it: what is a "maybe" now waits for the end.
            array_values(array_filter($suggestions, static fn (Suggestion $one): bool => ! $one->isMaybe)),
        );
    }

    /** What a proposal is about, as the marks that settle it name it: its item, or the place of a reference. */
    private static function about(?string $item, string $key): string
    {
        return $item ?? implode(' ', array_slice(explode(' ', $key), 0, 2));
    }

    /** @return array<string, string> "marked" by a person or "accepted" from speech, by item */
    private function marked(string $attemptId): array
    {
        $marked = [];
        foreach ($this->marks->read($attemptId)[0]->inForce() as $mark) {
            // Which points were said of what was heard in part is what the words are asked.
            $item = $mark->kind === MarkKind::HeardInPart ? null : $mark->payload->item();
            if ($item !== null) {
                $marked[$item] =
                    ($marked[$item] ?? null) === 'marked' || $mark->evidence === null ? 'marked' : 'accepted';
            }
            if ($mark->payload instanceof ReferencePayload) {
                $marked['reference '.$mark->payload->place] = 'accepted';
            }
        }

        return $marked;
    }
}
