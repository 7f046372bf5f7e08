<?php

declare(strict_types=1);

namespace Pasada\Core\Speech;

/** How a word sounds by its letters alone, for one that no dictionary has. Rough: English spelling tells no more. */
final readonly class LetterSounds
{
    /** Longest first at each place. */
    private const RULES = [
        'tion' => 'SH AH N', 'sion' => 'ZH AH N', 'ture' => 'CH ER', 'ough' => 'AO', 'augh' => 'AO', 'eigh' => 'EY',
        'igh' => 'AY', 'tch' => 'CH', 'dge' => 'JH', 'sch' => 'SH', 'ing' => 'IH NG', 'air' => 'EH R', 'ear' => 'IH R',
        'oor' => 'AO R', 'our' => 'AW R', 'ck' => 'K', 'ch' => 'CH', 'sh' => 'SH', 'th' => 'TH', 'ph' => 'F',
        'wh' => 'W', 'qu' => 'K W', 'ng' => 'NG', 'kn' => 'N', 'wr' => 'R', 'gh' => 'G', 'ee' => 'IY', 'ea' => 'IY',
        'ai' => 'EY', 'ay' => 'EY', 'oa' => 'OW', 'oo' => 'UW', 'ou' => 'AW', 'ow' => 'OW', 'oi' => 'OY', 'oy' => 'OY',
        'au' => 'AO', 'aw' => 'AO', 'ie' => 'IY', 'ei' => 'IY', 'ue' => 'UW', 'ew' => 'UW', 'ar' => 'AA R',
        'er' => 'ER', 'ir' => 'ER', 'or' => 'AO R', 'ur' => 'ER', 'bb' => 'B', 'cc' => 'K', 'dd' => 'D', 'ff' => 'F',
        'gg' => 'G', 'll' => 'L', 'mm' => 'M', 'nn' => 'N', 'pp' => 'P', 'rr' => 'R', 'ss' => 'S', 'tt' => 'T',
        'zz' => 'Z', 'ce' => 'S', 'ci' => 'S IH', 'cy' => 'S IY', 'ge' => 'JH', 'a' => 'AE', 'b' => 'B', 'c' => 'K',
        'd' => 'D', 'e' => 'EH', 'f' => 'F', 'g' => 'G', 'h' => 'HH', 'i' => 'IH', 'j' => 'JH', 'k' => 'K', 'l' => 'L',
        'm' => 'M', 'n' => 'N', 'o' => 'AA', 'p' => 'P', 'q' => 'K', 'r' => 'R', 's' => 'S', 't' => 'T', 'u' => 'AH',
        'v' => 'V', 'w' => 'W', 'x' => 'K S', 'y' => 'IY', 'z' => 'Z',
    ];

    /** A vowel that a silent "e" at the end makes long: "brake". */
    private const LONG = ['AE' => 'EY', 'EH' => 'IY', 'IH' => 'AY', 'AA' => 'OW', 'AH' => 'UW'];

    private const LONGEST = 4;

    /** Something to say for a word without a letter that is known. */
    private const NOTHING = 'AH';

    /** @return string phones with spaces between; never empty */
    public static function of(string $word): string
    {
        $hasSilentE = preg_match('/[aeiou][b-df-hj-np-tv-z]e$/', $word) === 1;
        $letters = $hasSilentE ? substr($word, 0, -1) : $word;
        $phones = [];
        for ($i = 0; $i < strlen($letters); $i += $long) {
            $long = self::LONGEST;
            while ($long > 1 && ! isset(self::RULES[substr($letters, $i, $long)])) {
                $long--;
            }
            $rule = self::RULES[substr($letters, $i, $long)] ?? null;
            array_push($phones, ...($rule === null ? [] : explode(' ', $rule)));
        }
        $vowel = count($phones) - 2;
        if ($hasSilentE && isset($phones[$vowel], self::LONG[$phones[$vowel]])) {
            $phones[$vowel] = self::LONG[$phones[$vowel]];
        }

        return $phones === [] ? self::NOTHING : implode(' ', $phones);
    }
}
