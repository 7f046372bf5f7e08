<?php

declare(strict_types=1);

namespace Pasada\Core\Language;

/**
 * How a word sounds, in one letter per sound, and how far two sounds are apart.
 *
 * Captions replace a trade word by one that sounds like it, cut it in two or join it to its neighbor. Letters hide
 * that; sounds show it: "altar nader" and "alternator" differ by one voiced consonant. The rules are the usual ones of
 * English spelling, applied in order; they need not be right, only the same for both words.
 *
 * Sounds: p b t d k g f v 0 (th) s z S (sh) C (ch) J m n N (ng) l r w y h, and the vowels a e i o u as heard roughly.
 */
final readonly class Sound
{
    /** Weight of leaving out or adding a sound, in hundredths; what is spoken weakly costs little. */
    private const SKIP = [
        'a' => 30, 'e' => 30, 'i' => 30, 'o' => 35, 'u' => 35, 'h' => 35, 'w' => 40, 'y' => 35, 'r' => 45,
        's' => 50, 'z' => 40, 't' => 50, 'd' => 45, 'n' => 55, 'N' => 55, 'l' => 60,
    ];

    private const SKIP_ANY = 80;

    /** By what share of the longer one the lengths of two sounds that are alike may differ. */
    private const MOST_LONGER = 0.34;

    /** Sounds that are easily taken for each other, in hundredths; any other pair costs 100. */
    private const NEAR = [
        'pb' => 25,
        'td' => 20,
        'kg' => 25,
        'fv' => 20,
        'sz' => 10,
        'SC' => 30,
        'CJ' => 25,
        'SJ' => 40,
        'mn' => 30,
        'nN' => 15,
        'mN' => 50,
        '0t' => 35,
        '0f' => 30,
        '0d' => 30,
        '0s' => 45,
        '0v' => 45,
        'lr' => 50,
        'lw' => 50,
        'rw' => 50,
        'sS' => 40,
        'zS' => 45,
        'zJ' => 50,
        'bv' => 40,
        'pf' => 50,
        'tk' => 60,
        'dg' => 60,
        'pt' => 65,
        'pk' => 65,
        'bd' => 60,
        'tC' => 35,
        'dJ' => 35,
        'td0' => 30,
        'ln' => 65,
        'wv' => 45,
        'hf' => 60,
        'gJ' => 45,
        'kC' => 60,
        'ks' => 70,
        'sC' => 50,
        'yJ' => 50,
        'bm' => 60,
        'dn' => 60,
        'ae' => 25,
        'ei' => 15,
        'ai' => 30,
        'ao' => 15,
        'au' => 25,
        'ou' => 20,
        'eo' => 40,
        'io' => 45,
        'eu' => 30,
        'iu' => 35,
    ];

    private const SPELLING = [
        '/[^a-z]/' => '',
        '/^hu(?=[^aeiou][aeiou])/' => 'hyu',
        '/^(kn|gn|pn)/' => 'n',
        '/^wr/' => 'r',
        '/^ps/' => 's',
        '/^x/' => 's',
        '/^wh/' => 'w',
        '/mb$/' => 'm',
        '/mbs$/' => 'ms',
        '/tch/' => 'C',
        '/sch/' => 'sk',
        '/ch/' => 'C',
        '/sh/' => 'S',
        '/[st]ion/' => 'Son',
        '/[st]ial/' => 'Sal',
        '/ture/' => 'Cer',
        '/sure/' => 'Ser',
        '/ough$/' => 'o',
        '/augh|ough/' => 'of',
        '/igh/' => 'i',
        '/gh/' => '',
        '/ph/' => 'f',
        '/th/' => '0',
        '/dge|dj/' => 'J',
        '/gu(?=[aei])/' => 'g',
        '/gau/' => 'ga',
        '/(?<=[^g])ge$/' => 'J',
        '/(?<=[aeioudn])ge(?=[sd]$)/' => 'J',
        '/gg/' => 'g',
        '/(?<=[aeioun])g(?=[ei])(?!er|ear)/' => 'J',
        '/stle/' => 'sel',
        '/sce|sci/' => 'se',
        '/cc(?=[ei])/' => 'ks',
        '/c(?=[eiy])/' => 's',
        '/ck/' => 'k',
        '/q(u)?/' => 'kw',
        '/x/' => 'ks',
        '/c/' => 'k',
        '/j/' => 'J',
        '/ng(?=$|s$|[^aeiou])/' => 'N',
        '/nk/' => 'Nk',
        '/ing$/' => 'iN',
        '/in$/' => 'in',
        '/([^aeiou])le$/' => '$1ol',
        '/([^aeiou])les$/' => '$1ols',
        '/([^aeiou0CSJ])ed$/' => '$1d',
        '/(?<=[aeiou][^aeiou])e(?=s?$)/' => '',
        '/(?<=[^aeiou])e$/' => '',
        '/([b-df-hj-np-tv-z])\1+/' => '$1',
        '/^y/' => 'Y',
        '/y(?=[aeiou])/' => 'Y',
        '/y/' => 'i',
        '/Y/' => 'y',
        '/ea|ee|ie|ei|ey/' => 'e',
        '/ai|ay/' => 'e',
        '/oo|ou|ew|ue|ui|eu/' => 'u',
        '/oa|oe|ow|au|aw/' => 'o',
        '/([aeiou])[aeiou]+/' => '$1',
        '/w(?=$|[^aeiou])/' => '',
    ];

    /** Letters and short words that are spoken as a name. */
    private const NAMES = [
        'u' => 'yu',
        'you' => 'yu',
        'a' => 'a',
        'b' => 'be',
        'c' => 'se',
        's' => 'es',
        'd' => 'de',
        'e' => 'e',
        'f' => 'ef',
        'i' => 'ai',
        'one' => 'won',
        'two' => 'tu',
        'eye' => 'ai',
        'are' => 'ar',
        'of' => 'ov',
    ];

    public static function of(string $word): string
    {
        return self::NAMES[$word] ??
            (string) preg_replace(array_keys(self::SPELLING), array_values(self::SPELLING), $word);
    }

    /**
     * The consonants alone, voiced and unvoiced ones as one: words that sound alike nearly always share it but for one.
     */
    public static function skeleton(string $sound): string
    {
        return (string) preg_replace(
            '/(.)\1+/',
            '$1',
            strtr($sound, [
                'a' => '',
                'e' => '',
                'i' => '',
                'o' => '',
                'u' => '',
                'h' => '',
                'w' => '',
                'y' => '',
                'b' => 'p',
                'v' => 'f',
                'd' => 't',
                '0' => 't',
                'g' => 'k',
                'z' => 's',
                'S' => 's',
                'C' => 's',
                'J' => 's',
                'N' => 'n',
                'm' => 'n',
            ]),
        );
    }

    /** Whether two sounds may be alike at all, told at a glance: of about one length, and half of it the same. */
    public static function mayBeAlike(string $a, string $b): bool
    {
        $longer = max(strlen($a), strlen($b));

        return abs(strlen($a) - strlen($b)) <= self::MOST_LONGER * $longer
            && levenshtein($a, $b) <= max(1, intdiv($longer, 2));
    }

    /**
     * How far apart two sounds are: 0 for the same, 1 for nothing in common; above $most it is only known to be above.
     */
    public static function distance(string $a, string $b, float $most = 1.0): float
    {
        if ($a === $b) {
            return 0.0;
        }
        $n = strlen($a);
        $m = strlen($b);
        $longest = max($n, $m);
        if ($longest === 0 || abs($n - $m) * 30 > $most * $longest * 100) {
            return 1.0;
        }
        $limit = (int) ($most * $longest * 100);
        $skipB = [];
        $row = [0];
        for ($j = 0; $j < $m; $j++) {
            $skipB[$j] = self::SKIP[$b[$j]] ?? self::SKIP_ANY;
            $row[$j + 1] = $row[$j] + ($j === $m - 1 && ($b[$j] === 's' || $b[$j] === 'z') ? 15 : $skipB[$j]);
        }
        for ($i = 0; $i < $n; $i++) {
            $x = $a[$i];
            $skip = $i === $n - 1 && ($x === 's' || $x === 'z') ? 15 : (self::SKIP[$x] ?? self::SKIP_ANY);
            $next = [$row[0] + $skip];
            $least = $next[0];
            for ($j = 0; $j < $m; $j++) {
                $y = $b[$j];
                $best = $row[$j] + ($x === $y ? 0 : (self::NEAR[$x.$y] ?? self::NEAR[$y.$x] ?? 100));
                $drop = $row[$j + 1] + $skip;
                $add = $next[$j] + ($j === $m - 1 && ($y === 's' || $y === 'z') ? 15 : $skipB[$j]);
                $best = $drop < $best ? $drop : $best;
                $best = $add < $best ? $add : $best;
                $next[] = $best;
                $least = $best < $least ? $best : $least;
            }
            if ($least > $limit) {
                return 1.0;
            }
            $row = $next;
        }

        return min(1.0, $row[$m] / ($longest * 100));
    }
}
