<?php

declare(strict_types=1);

namespace Pasada\Core\Language;

use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Fault;

/** The text of a file in whatever encoding people keep captions; refused where it is no speech. */
final readonly class CaptionText
{
    /** Characters that speech seldom has: above this share of them a file is something else. */
    private const MOST_ODD_PERCENT = 15;

    /** Twelve hours of fast speech; what the listener is measured for is a tenth of it. */
    private const MOST_WORDS = 120_000;

    /** No word of the trade is half as long; a longer run of letters is no speech. */
    public const LONGEST_WORD = 60;

    public function __construct(private string $name) {}

    /**
     * @return array{string, list<string>} the text in UTF-8, and what was odd about it
     *
     * @throws DocumentHasFaults where it is no text
     */
    public function decoded(string $content): array
    {
        $warnings = [];
        $text = match (true) {
            str_starts_with($content, "\xEF\xBB\xBF") => substr($content, 3),
            str_starts_with($content, "\xFF\xFE") => mb_convert_encoding(substr($content, 2), 'UTF-8', 'UTF-16LE'),
            str_starts_with($content, "\xFE\xFF") => mb_convert_encoding(substr($content, 2), 'UTF-8', 'UTF-16BE'),
            default => $content,
        };
        if (preg_match('/[\x00-\x08\x0E-\x1A\x1C-\x1F]/', substr($text, 0, 65536)) === 1) {
            throw $this->refused('is a binary file and no captions; export the captions as WebVTT, SRT or text');
        }
        if (! mb_check_encoding($text, 'UTF-8')) {
            $text = mb_convert_encoding($text, 'UTF-8', 'Windows-1252');
            $warnings[] =
                'The file is not in UTF-8; it was read as Windows-1252. Save it as UTF-8 if letters look wrong.';
        }
        $text = str_replace(["\r\n", "\r"], "\n", $text);
        $odd = (int) preg_match_all('/[^\p{L}\p{N}\p{P}\p{Z}\s<>=+|~^`$%°½¼¾]/u', $text);
        if ($odd * 100 > self::MOST_ODD_PERCENT * max(1, mb_strlen($text))) {
            throw $this->refused('is hardly any words; export the captions as WebVTT, SRT or text');
        }

        return [$text, $warnings];
    }

    /**
     * @param  list<Cue>  $cues
     *
     * @throws DocumentHasFaults where it is more than anybody says, or not said by anybody
     */
    public function refuseTooMuch(array $cues): void
    {
        $words = 0;
        foreach ($cues as $n => $cue) {
            $words += (int) preg_match_all('/\S+/', $cue->text);
            if (preg_match('/[^\s]{'.(self::LONGEST_WORD + 1).',}/u', $cue->text) === 1) {
                throw $this->refused(
                    sprintf(
                        'has a word of more than %d letters in caption %d; captions of speech have none, so this is '.
                            'something else',
                        self::LONGEST_WORD,
                        $n + 1,
                    ),
                );
            }
        }
        if ($words > self::MOST_WORDS) {
            throw $this->refused(
                sprintf('holds %d words, at most %d are taken; cut off what is not the walk', $words, self::MOST_WORDS),
            );
        }
    }

    /** Naming the file and the remedy. */
    public function refused(string $why): DocumentHasFaults
    {
        return DocumentHasFaults::in($this->name, [Fault::at('', $why)]);
    }
}
