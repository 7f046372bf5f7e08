<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Referring;

use Pasada\Core\Language\Words;

/** Finds references to what was said before: another axle, the other side, or "same deal". */
final readonly class ReferenceFinder
{
    private const AXLE_WORDS = [
        'front' => true,
        'axle' => true,
        'axles' => true,
        'steer' => true,
        'steers' => true,
        'last' => true,
        'previous' => true,
        'first' => true,
        'behind' => true,
        'drive' => true,
        'drives' => true,
        'tandem' => true,
        'tandems' => true,
        'ahead' => true,
        'other' => true,
        'tractor' => true,
        'truck' => true,
    ];

    private const OTHER = ['second' => true, 'third' => true, 'other' => true, 'next' => true];

    private const AXLE = ['axle' => true, 'drive' => true, 'tandem' => true];

    private const SIDES = ['side' => true, 'sides' => true];

    /** What follows "same" where it compares two parts and refers to nothing said before. */
    private const NO_REFERENCE = [
        'size' => true,
        'height' => true,
        'type' => true,
        'time' => true,
        'brand' => true,
        'kind' => true,
        'length' => true,
        'make' => true,
        'level' => true,
        'tread' => true,
        'color' => true,
    ];

    private const BEFORE = 9;

    private const AFTER = 11;

    /** Words that a reference has at the least: "same as up front". */
    private const OWN_WORDS = 3;

    /** @return list<array{int, int, string}> first word, word after the last, and kind */
    public function find(Words $words): array
    {
        $found = [];
        $count = $words->count();
        for ($i = 0; $i < $count; $i++) {
            if (! $this->isTrigger($words, $i)) {
                continue;
            }
            $to = min($count, $i + self::AFTER);
            $to =
                $words->text[$i] === 'same' &&
                in_array($words->text[$i + 1] ?? '', ['deal', 'thing', 'story'], true) &&
                ! in_array($words->text[$i + 2] ?? '', ['as', 'on', 'for', 'with'], true)
                    ? min($to, $i + 2)
                    : $to;
            $end = $i + 1;
            while (
                $end < $to &&
                $words->break[$end] < Words::SENTENCE &&
                ! in_array($words->text[$end], ['except', 'but', 'only'], true) &&
                ! self::opens($words, $end)
            ) {
                $end++;
            }
            // "Shocks same as up front, brakes same as ...": the part before the next one is the next one's.
            $next = array_search(
                'same',
                array_slice($words->text, $i + self::OWN_WORDS, max(0, $end - $i - self::OWN_WORDS)),
                true,
            );
            $end = $next === false ? $end : $i + self::OWN_WORDS + $next - 1;
            $from = $i;
            while (
                $from > 0 &&
                $i - $from < self::BEFORE &&
                $words->break[$from] < Words::SENTENCE &&
                ! self::opens($words, $from)
            ) {
                $from--;
            }
            $kind = $this->kind($words, $from, $i, $end);
            if ($found === [] || $i >= $found[count($found) - 1][1]) {
                $found[] = [$i, $end, $kind];
            }
        }

        return $found;
    }

    /** Whether a word opens a new thought; captions often lack the full stop before it. */
    public static function opens(Words $words, int $i): bool
    {
        return in_array($words->text[$i], ['okay', 'next', 'now', 'moving', 'then'], true) ||
            ($words->text[$i] === 'all' && ($words->text[$i + 1] ?? '') === 'right');
    }

    private function isTrigger(Words $words, int $i): bool
    {
        $text = $words->text;
        $next = $text[$i + 1] ?? '';

        return match ($text[$i]) {
            'same' => ! isset(self::NO_REFERENCE[$next]),
            'exactly', 'just' => in_array($next, ['like', 'as'], true) &&
                in_array(
                    $text[$i + 2] ?? '',
                    ['the', 'i', 'my', 'we', 'on', 'before', 'this', 'that', 'them', 'those'],
                    true,
                ),
            'identical', 'repeat', 'likewise', 'ditto' => true,
            'like', 'as' => $next === 'i' &&
                in_array($text[$i + 2] ?? '', ['did', 'checked', 'said', 'have', 'inspected'], true),
            'way' => $next === 'i' && in_array($text[$i + 2] ?? '', ['did', 'checked'], true),
            default => false,
        };
    }

    private function kind(Words $words, int $from, int $at, int $end): string
    {
        // "Second drive axle, same thing": said for another axle, whatever follows.
        for ($i = $from; $i < $at - 1; $i++) {
            if (isset(self::OTHER[$words->text[$i]]) && isset(self::AXLE[$words->text[$i + 1]])) {
                return 'other_axle';
            }
        }
        if (
            in_array($words->text[$at + 1] ?? '', ['deal', 'thing', 'story', 'here', 'there', 'again', 'way'], true) &&
            array_intersect(array_slice($words->text, $at + 2, max(0, $end - $at - 2)), [
                'as', 'on', 'for', 'with', 'like', 'axle', 'side',
            ]) === [] &&
            $words->text[$at + 1] !== 'way'
        ) {
            return 'same_as_before';
        }
        $around = array_slice($words->text, $from, $end - $from);
        $after = array_slice($words->text, $at, $end - $at);
        foreach ($around as $n => $word) {
            if (
                isset(self::SIDES[$word]) &&
                in_array(
                    $around[$n - 1] ?? '',
                    ['other', 'passenger', 'driver', 'drivers', 'opposite', 'left', 'right', 'far', 'that'],
                    true,
                )
            ) {
                return 'other_side';
            }
        }
        foreach ([...$after, ...array_slice($around, 0, $at - $from)] as $word) {
            if (isset(self::AXLE_WORDS[$word])) {
                return 'other_axle';
            }
        }

        return 'same_as_before';
    }
}
