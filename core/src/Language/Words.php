<?php

declare(strict_types=1);

namespace Pasada\Core\Language;

/**
 * The words of a transcript, one after the other, as plain lists with one entry a word: a walk has thousands, and they
 * are looked at many times.
 */
final readonly class Words
{
    public const NO_BREAK = 0;

    public const COMMA = 1;

    public const SENTENCE = 2;

    public const QUESTION = 3;

    private const MOST_SOUNDS = 20_000;

    /** Short forms and what they stand for; captions often lack the apostrophe. */
    private const LONG_FORMS = [
        'aint' => 'not',
        'isnt' => 'is not',
        'arent' => 'are not',
        'wasnt' => 'was not',
        'werent' => 'were not',
        'dont' => 'do not',
        'doesnt' => 'does not',
        'didnt' => 'did not',
        'cant' => 'can not',
        'cannot' => 'can not',
        'wont' => 'will not',
        'hasnt' => 'has not',
        'havent' => 'have not',
        'shouldnt' => 'should not',
        'wouldnt' => 'would not',
        'couldnt' => 'could not',
        'thats' => 'that is',
        'theres' => 'there is',
        'theyre' => 'they are',
        'heres' => 'here is',
        'im' => 'i am',
        'ive' => 'i have',
        'youre' => 'you are',
        'theyve' => 'they have',
        'nobodys' => 'nobody is',
        'nothings' => 'nothing is',
        'ones' => 'one is',
        'its' => 'it is',
        'lets' => 'let us',
        'whats' => 'what is',
        'ok' => 'okay',
        'em' => 'them',
        'gotta' => 'got to',
        'wanna' => 'want to',
        'gonna' => 'going to',
        'abs' => 'a b s',
        'dot' => 'd o t',
        'def' => 'd e f',
        'psi' => 'psi',
        'lb' => 'psi',
        'lbs' => 'psi',
        'tyre' => 'tire',
        'tyres' => 'tires',
        'alright' => 'all right',
    ];

    /** Words that end no sentence. */
    private const NEVER_LAST = [
        'not' => true, 'is' => true, 'are' => true, 'the' => true, 'a' => true, 'an' => true, 'my' => true,
        'of' => true, 'and' => true, 'or' => true, 'this' => true, 'by' => true, 'with' => true, 'has' => true,
        'have' => true, 'than' => true, 'at' => true, 'for' => true, 'your' => true, 'our' => true, 'be' => true,
        'very' => true, 'from' => true, 'these' => true, 'those' => true, 'as' => true, 'but' => true,
        'because' => true, 'if' => true, 'must' => true, 'should' => true, 'properly' => true, 'securely' => true,
    ];

    /** Words that open a sentence. */
    private const OPENS = [
        'it' => true, 'they' => true, 'my' => true, 'this' => true, 'then' => true, 'now' => true, 'next' => true,
        'there' => true, 'here' => true, 'i' => true, 'on' => true, 'and' => true, 'okay' => true, 'the' => true,
    ];

    private const FEW_WRONG = 4;

    private const WRONG_SHARE = 0.04;

    private const SIGNS = [
        '’' => "'",
        '½' => '1/2',
        '¼' => '1/4',
        '¾' => '3/4',
        '%' => 'percent',
        '"' => 'inch',
        '″' => 'inch',
        '”' => 'inch',
    ];

    private const TAILS = ['s' => 'is', 're' => 'are', 've' => 'have', 'll' => 'will', 'd' => 'would', 'm' => 'am'];

    /**
     * @param  list<string>  $text  in small letters
     * @param  list<string>  $sound
     * @param  list<int>  $cue  index of the cue
     * @param  list<array{int, int}>  $place  offset and length in the cue's text, in bytes
     * @param  list<int>  $break  what stands before the word
     */
    private function __construct(
        public array $text, public array $sound, public array $cue, public array $place, public array $break,
    ) {}

    public static function of(Transcript $transcript): self
    {
        $text = $sound = $cue = $place = $break = [];
        $wrong = 0;
        $tail = '';
        // People have few words, and short texts come one after the other.
        /** @var array<string, string> $sounds */
        static $sounds = [];
        $sounds = count($sounds) > self::MOST_SOUNDS ? [] : $sounds;
        foreach ($transcript->cues as $number => $one) {
            // Offsets are those of the text as it is shown, so nothing is replaced before it is cut.
            $shown = $one->text;
            preg_match_all(
                '~\d+(?:[.,/]\d+)*|[½¼¾]|\p{L}+(?:[\'’]\p{L}+)*|%|(?<=\d)["″”]~u',
                $shown,
                $found,
                PREG_OFFSET_CAPTURE,
            );
            $end = 0;
            // What stands behind the last word of a caption belongs before the first of the next one that has any.
            foreach ($found[0] as $n => [$token, $at]) {
                $between = substr($shown, $end, $at - $end);
                $before = self::breakIn($n === 0 ? $tail.$between : $between);
                if (self::isNoStop($before, $token, $text)) {
                    $before = self::NO_BREAK;
                    $wrong++;
                }
                $end = $at + strlen($token);
                foreach (self::spelledOut(mb_strtolower($token)) as $part => $word) {
                    $text[] = $word;
                    $sound[] = $sounds[$word] ??= ctype_alpha($word) ? Sound::of($word) : $word;
                    $cue[] = $number;
                    $place[] = [$at, strlen($token)];
                    $break[] = $part === 0 ? $before : self::NO_BREAK;
                }
            }
            $tail = ($found[0] === [] ? $tail : '').substr($shown, $end);
        }

        return new self($text, $sound, $cue, $place, self::trusted($break, $text, $wrong));
    }

    /**
     * Where many stops stand inside sentences the others are worth little more than a comma.
     *
     * @param  list<int>  $break
     * @param  list<string>  $text
     * @param  int  $wrong  how many surely stood inside a sentence
     * @return list<int>
     */
    private static function trusted(array $break, array $text, int $wrong): array
    {
        $stops = $wrong + count(array_keys($break, self::SENTENCE, true));
        if ($wrong < self::FEW_WRONG || $wrong < self::WRONG_SHARE * $stops) {
            return $break;
        }

        return array_map(
            static fn (int $one, string $word): int => $one === self::SENTENCE && ! isset(self::OPENS[$word])
                ? self::COMMA
                : $one,
            $break,
            $text,
        );
    }

    public function count(): int
    {
        return count($this->text);
    }

    /**
     * The index after the words that may be passed over.
     *
     * @param  list<string>  $over
     * @param  list<string>|null  $only  and only if one of these follows; else the index stays
     */
    public function past(int $at, array $over, ?array $only = null): int
    {
        $next = $at;
        while (in_array($this->text[$next] ?? '', $over, true)) {
            $next++;
        }

        return $only === null || in_array($this->text[$next] ?? '', $only, true) ? $next : $at;
    }

    private static function breakIn(string $between): int
    {
        return match (true) {
            str_contains($between, '?') => self::QUESTION,
            preg_match('/[.!—]|\n\s*\n/u', $between) === 1 => self::SENTENCE,
            preg_match('/[,;:]/', $between) === 1 => self::COMMA,
            default => self::NO_BREAK,
        };
    }

    /**
     * Captions set full stops inside sentences ("they are not. Cracked") and after the letters of "A.B.S.": nobody ends
     * a sentence with such a word.
     *
     * @param  list<string>  $text  the words before
     */
    private static function isNoStop(int $break, string $token, array $text): bool
    {
        $last = $text[count($text) - 1] ?? '';

        if ($break !== self::SENTENCE) {
            return false;
        }
        $isAnswer = $last === 'no' && isset(self::OPENS[mb_strtolower($token)]);

        return isset(self::NEVER_LAST[$last])
            || ($last === 'no' && ! $isAnswer)
            || (strlen($last) === 1 && ctype_alpha($last)
                && (strlen($token) === 1 || strlen($text[count($text) - 2] ?? '') === 1));
    }

    /** @return list<string> */
    private static function spelledOut(string $token): array
    {
        $token = strtr($token, self::SIGNS);
        $bare = str_replace("'", '', $token);
        if (isset(self::LONG_FORMS[$bare])) {
            return explode(' ', self::LONG_FORMS[$bare]);
        }
        $cut = strrpos($token, "'");
        if ($cut !== false) {
            $tail = self::TAILS[substr($token, $cut + 1)] ?? null;

            return $tail === null || $cut === 0 ? [$bare] : [str_replace("'", '', substr($token, 0, $cut)), $tail];
        }

        return [$token];
    }
}
