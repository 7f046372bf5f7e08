<?php

declare(strict_types=1);

namespace Pasada\Core\Language;

/** Numbers in words and digits: "one twenty", "two point five", "three quarters", "two and a half", "1 1/2". */
final readonly class NumberWords
{
    public const UNITS = [
        'zero' => 0,
        'one' => 1,
        'two' => 2,
        'three' => 3,
        'four' => 4,
        'five' => 5,
        'six' => 6,
        'seven' => 7,
        'eight' => 8,
        'nine' => 9,
        'ten' => 10,
        'eleven' => 11,
        'twelve' => 12,
        'thirteen' => 13,
        'fourteen' => 14,
        'fifteen' => 15,
        'sixteen' => 16,
        'seventeen' => 17,
        'eighteen' => 18,
        'nineteen' => 19,
    ];

    private const TENS = [
        'twenty' => 20,
        'thirty' => 30,
        'forty' => 40,
        'fifty' => 50,
        'sixty' => 60,
        'seventy' => 70,
        'eighty' => 80,
        'ninety' => 90,
    ];

    private const PARTS = [
        'half' => 2,
        'halves' => 2,
        'third' => 3,
        'thirds' => 3,
        'quarter' => 4,
        'quarters' => 4,
        'fourth' => 4,
        'fourths' => 4,
        'eighth' => 8,
        'eighths' => 8,
        'sixteenth' => 16,
        'sixteenths' => 16,
    ];

    private const MOST_AS_ONE = 9999;

    /** @return list<string> a whole number as it is spoken, "one hundred twenty"; beyond 9999, its digits */
    public static function spoken(int $number): array
    {
        $rest = static fn (int $of): array => $number % $of === 0 ? [] : self::spoken($number % $of);
        $units = array_flip(self::UNITS);

        return match (true) {
            $number > self::MOST_AS_ONE => array_map(
                static fn (string $digit): string => $units[(int) $digit], str_split((string) $number),
            ),
            $number >= 1000 => [$units[intdiv($number, 1000)], 'thousand', ...$rest(1000)],
            $number >= 100 => [$units[intdiv($number, 100)], 'hundred', ...$rest(100)],
            $number >= 20 => [array_flip(self::TENS)[10 * intdiv($number, 10)], ...$rest(10)],
            default => [$units[max(0, $number)]],
        };
    }

    public function at(Words $words, int $i): ?NumberSaid
    {
        $text = $words->text;
        $word = $text[$i] ?? '';
        if (preg_match('~^(\d+)/(\d+)$~', $word, $found) === 1 && (int) $found[2] > 0) {
            return new NumberSaid((int) $found[1] / (int) $found[2], $i + 1, true);
        }
        if (preg_match('/^\d+(\.\d+)?$/', $word) === 1) {
            return $this->withFraction($words, (float) $word, $i + 1);
        }

        return match (true) {
            $word === 'a' || $word === 'an' => $this->afterA($words, $i + 1),
            $word === 'hundred' => $this->hundreds($words, 1.0, $i + 1),
            // Alone, "third" and "fourth" count places.
            isset(self::PARTS[$word]) && $word !== 'third' && $word !== 'fourth' => $this->parts($words, 1.0, $i),
            isset(self::TENS[$word]) => $this->fromTens($text, $i),
            isset(self::UNITS[$word]) => $this->fromUnit($words, (float) self::UNITS[$word], $i + 1),
            default => null,
        };
    }

    private function afterA(Words $words, int $next): ?NumberSaid
    {
        $word = $words->text[$next] ?? '';

        return match (true) {
            $word === 'hundred' => $this->hundreds($words, 1.0, $next + 1),
            $word === 'inch' => new NumberSaid(1.0, $next),
            isset(self::PARTS[$word]) => $this->parts($words, 1.0, $next),
            default => null,
        };
    }

    /** @param  list<string>  $text */
    private function fromTens(array $text, int $i): NumberSaid
    {
        $tens = $this->tens($text, $i);

        return ($text[$tens->to] ?? '') === 'hundred' ? new NumberSaid($tens->value * 100, $tens->to + 1) : $tens;
    }

    private function fromUnit(Words $words, float $value, int $next): NumberSaid
    {
        $word = $words->text[$next] ?? '';
        if ($word === 'hundred') {
            return $this->hundreds($words, $value, $next + 1);
        }
        if ($word === 'point') {
            $rest = $this->at($words, $next + 1);

            return $rest === null
                ? new NumberSaid($value, $next)
                : new NumberSaid($value + $rest->value / ($rest->value < 10 ? 10 : 100), $rest->to);
        }
        // "one twenty", "two ten", "one oh five": a figure in two pieces.
        $isSplit = isset(self::TENS[$word]) || $word === 'oh' || (self::UNITS[$word] ?? 0) >= 10;
        if ($isSplit && $value > 0 && $value < 3) {
            $rest = $this->at($words, $next + ($word === 'oh' ? 1 : 0));
            if ($rest !== null && $rest->value < 100) {
                return new NumberSaid($value * 100 + $rest->value, $rest->to);
            }
        }

        return $this->withFraction($words, $value, $next);
    }

    private function hundreds(Words $words, float $many, int $next): NumberSaid
    {
        $value = $many * 100;
        $at = $words->past($next, ['and']);
        $word = $words->text[$at] ?? '';
        if (isset(self::TENS[$word])) {
            $tens = $this->tens($words->text, $at);

            return new NumberSaid($value + $tens->value, $tens->to);
        }
        if (isset(self::UNITS[$word]) && ($at === $next || self::UNITS[$word] > 0)) {
            return new NumberSaid($value + self::UNITS[$word], $at + 1);
        }

        return new NumberSaid($value, $next);
    }

    /**
     * "thirty", "thirty two".
     *
     * @param  list<string>  $text
     */
    private function tens(array $text, int $i): NumberSaid
    {
        $unit = self::UNITS[$text[$i + 1] ?? ''] ?? 0;
        $isJoined = $unit > 0 && $unit < 10;

        return new NumberSaid((float) (self::TENS[$text[$i]] + ($isJoined ? $unit : 0)), $i + ($isJoined ? 2 : 1));
    }

    /** "three quarters", "1 1/2", "three quarter inch", "two and a half". */
    private function withFraction(Words $words, float $value, int $next): NumberSaid
    {
        $text = $words->text;
        $word = $text[$next] ?? '';
        if (isset(self::PARTS[$word]) && $value < 16) {
            return $this->parts($words, $value, $next);
        }
        if (preg_match('~^(\d)/(\d+)$~', $word, $found) === 1 && (int) $found[2] > 0 && $value < 30) {
            return new NumberSaid($value + (int) $found[1] / (int) $found[2], $next + 1, true);
        }
        $part = self::PARTS[$text[$next + 2] ?? ''] ?? null;
        if ($word === 'and' && $part !== null && in_array($text[$next + 1], ['a', 'one'], true)) {
            return new NumberSaid($value + 1 / $part, $next + 3, true);
        }

        return new NumberSaid($value, $next);
    }

    /** So many of the parts that the word at a place names, with "of an" where inches follow. */
    private function parts(Words $words, float $many, int $at): NumberSaid
    {
        $to = $words->past($at + 1, ['of', 'an', 'a'], ['inch', 'inches']);

        return new NumberSaid($many / self::PARTS[$words->text[$at]], $to, true);
    }
}
