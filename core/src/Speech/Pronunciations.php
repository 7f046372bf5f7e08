<?php

declare(strict_types=1);

namespace Pasada\Core\Speech;

/**
 * How words sound, in the phones of the Carnegie Mellon dictionary: from its lines where it knows a word, else put
 * together of words that it knows ("gladhands" of "glad" and "hands"), else by spelling.
 */
final readonly class Pronunciations
{
    private const LEAST_PIECE = 3;

    /** Sounds after which an ending is spoken with its vowel, and voiceless ones. */
    private const HISSING = ['S', 'Z', 'SH', 'CH', 'JH', 'ZH'];

    private const VOICELESS = ['P', 'T', 'K', 'F', 'TH'];

    /** @param  array<string, list<string>>  $known  phones by word; a word may sound in several ways */
    private function __construct(private array $known) {}

    /** @param  iterable<string>  $lines  "word PHONE PHONE", "word(2) PHONE" for another way to say it */
    public static function read(iterable $lines): self
    {
        $known = [];
        foreach ($lines as $line) {
            [$word, $phones] = [...explode(' ', trim($line), 2), ''];
            if ($phones !== '') {
                $known[strtolower((string) preg_replace('/\(\d+\)$/', '', $word))][] = $phones;
            }
        }

        return new self($known);
    }

    /**
     * @param  list<string>  $words
     * @return string a dictionary of just these
     */
    public function dictionary(array $words): string
    {
        sort($words);
        $lines = [];
        foreach (array_unique($words) as $word) {
            foreach ($this->of($word) as $n => $phones) {
                $lines[] = $word.($n === 0 ? '' : '('.($n + 1).')').' '.$phones;
            }
        }

        return implode("\n", $lines)."\n";
    }

    /** @return non-empty-list<string> the likeliest first */
    public function of(string $word): array
    {
        $known = $this->known[$word] ?? [];
        $made = $known !== [] ? null : $this->compound($word) ?? $this->ending($word);

        return match (true) {
            $known !== [] => $known,
            $made !== null => [$made],
            default => [LetterSounds::of($word)],
        };
    }

    /** The longest first piece wins: "crossmember" is "cross" and "member". */
    private function compound(string $word): ?string
    {
        for ($at = strlen($word) - self::LEAST_PIECE; $at >= self::LEAST_PIECE; $at--) {
            $first = $this->known[substr($word, 0, $at)][0] ?? null;
            $rest = substr($word, $at);
            $second = $this->known[$rest][0] ?? $this->ending($rest);
            if ($first !== null && $second !== null) {
                return "$first $second";
            }
        }

        return null;
    }

    private function ending(string $word): ?string
    {
        foreach (['es' => 'Z', 's' => 'Z', 'ed' => 'D', 'ing' => 'IH NG', 'er' => 'ER'] as $ending => $phones) {
            $stem = str_ends_with($word, $ending) ? substr($word, 0, -strlen($ending)) : '';
            $known = $this->known[$stem][0] ?? $this->known[$stem.'e'][0] ?? null;
            if ($known !== null && $stem !== '') {
                $last = explode(' ', $known);

                return $known.' '.self::spoken($phones, $last[count($last) - 1]);
            }
        }

        return null;
    }

    /** "s" and "ed" as they sound after this sound. */
    private static function spoken(string $ending, string $after): string
    {
        return match (true) {
            $ending === 'Z' && in_array($after, self::HISSING, true) => 'IH Z',
            $ending === 'Z' && in_array($after, self::VOICELESS, true) => 'S',
            $ending === 'D' && in_array($after, ['T', 'D'], true) => 'IH D',
            $ending === 'D' && in_array($after, [...self::VOICELESS, 'S', 'SH', 'CH'], true) => 'T',
            default => $ending,
        };
    }
}
