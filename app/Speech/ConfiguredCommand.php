<?php

declare(strict_types=1);

namespace App\Speech;

use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Language\Alternative;
use Pasada\Core\Language\Cue;
use Pasada\Core\Language\PieceReader;
use Pasada\Core\Language\TranscriptReader;
use Pasada\Core\Speech\HeardPiece;
use Pasada\Core\Speech\HeardWord;
use Pasada\Core\Speech\Recognizer;
use Pasada\Core\Speech\SpokenForm;
use Symfony\Component\Process\Process;

/**
 * Any program of the school's on this server that takes the path of a WAV file (16 kHz, mono, 16 bit) and prints
 * WebVTT, or JSON as `{"pieces": [{"from_ms", "text"}, ...]}`; a piece may have `alternatives` of `{"text", "weight"}`
 * instead of its text. What it knows of language is its own affair.
 */
final readonly class ConfiguredCommand implements Recognizer
{
    /** Where only beginnings are told, a word takes about so long: 150 words a minute. */
    private const WORD_MS = 400;

    public function __construct(private string $command, private int $mostSeconds) {}

    public function recognize(string $sound, string $language): array
    {
        $printed = Program::run(Process::fromShellCommandline(
            $this->command.' '.escapeshellarg($sound), timeout: $this->mostSeconds,
        ));

        return array_values(array_filter(array_map(self::piece(...), $this->read($printed))));
    }

    /** @return list<Cue> */
    private function read(string $output): array
    {
        $json = json_decode($output, true);
        try {
            return match (true) {
                $json === ['pieces' => []] => [],
                is_array($json) => PieceReader::ofAll()->read($json)->cues,
                str_starts_with(ltrim($output), 'WEBVTT') => (new TranscriptReader)->read($output, 'answer.vtt')->cues,
                default => throw NoSound::failed('it printed neither WebVTT nor JSON'),
            };
        } catch (DocumentHasFaults $faults) {
            throw NoSound::failed('what it printed cannot be read: '.$faults->getMessage());
        }
    }

    private static function piece(Cue $cue): ?HeardPiece
    {
        $from = (int) round(1000 * $cue->from);
        $words = [];
        foreach (SpokenForm::words($cue->text) as $n => $word) {
            $words[] = new HeardWord($word, $from + $n * self::WORD_MS, $from + ($n + 1) * self::WORD_MS, 1.0);
        }
        $others = array_map(static fn (Alternative $one): string => $one->text, $cue->alternatives);

        return $words === [] ? null : new HeardPiece($words, array_values(array_diff($others, [$cue->text])));
    }
}
