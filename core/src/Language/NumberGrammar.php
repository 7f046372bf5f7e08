<?php

declare(strict_types=1);

namespace Pasada\Core\Language;

/**
 * Finds figures: in words and digits, fractions in the shapes that captions give them, ranges and units.
 *
 * A tread of 4/32 arrives as "four thirty-seconds", "for thirty seconds", "4 30 seconds", "430 seconds", "4.30",
 * "432nds" or "4/32": a number from 1 to 20 run together with 30 or 32.
 */
final readonly class NumberGrammar
{
    private const UNITS = [
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

    /** Words that a caption writes for a number before "thirty-seconds". */
    private const SOUND_ALIKE = ['for' => 4, 'to' => 2, 'too' => 2, 'fore' => 4, 'ate' => 8, 'sex' => 6, 'won' => 1];

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

    private const UNIT_WORDS = [
        'psi' => QuantityUnit::Psi,
        'pounds' => QuantityUnit::Psi,
        'pound' => QuantityUnit::Psi,
        'degree' => QuantityUnit::Degrees,
        'degrees' => QuantityUnit::Degrees,
        'percent' => QuantityUnit::Percent,
        'volt' => QuantityUnit::Volts,
        'volts' => QuantityUnit::Volts,
        'rpm' => QuantityUnit::Rpm,
        'rpms' => QuantityUnit::Rpm,
        'inch' => QuantityUnit::Inches,
        'inches' => QuantityUnit::Inches,
        'second' => QuantityUnit::Seconds,
        'seconds' => QuantityUnit::Seconds,
        'mph' => QuantityUnit::Mph,
        'miles' => QuantityUnit::Mph,
    ];

    /** @return list<Quantity> in order, none overlapping */
    public function find(Words $words): array
    {
        $found = [];
        $count = $words->count();
        for ($i = 0; $i < $count;) {
            $quantity = $this->at($words, $i);
            if ($quantity === null) {
                $i++;

                continue;
            }
            $found[] = $quantity;
            $i = $quantity->to;
        }

        return $found;
    }

    private function at(Words $words, int $i): ?Quantity
    {
        $tread = $this->tread($words, $i);
        if ($tread !== null) {
            $to = $this->skip($words->text, $tread->to, ['of', 'an', 'a', 'inch', 'inches']);

            return in_array($words->text[$to - 1], ['inch', 'inches'], true)
                ? $this->treadOf((int) $tread->value, $i, $to)
                : $tread;
        }
        [$first, $next, $isFraction] = $this->number($words, $i);
        if ($first === null) {
            return null;
        }
        $high = null;
        $unit = $this->unit($words, $next);
        // "between 120 and 140", "170 to 210": two figures with one unit.
        $joint = $words->text[$unit[1]] ?? '';
        $between = $i > 0 && in_array($words->text[$i - 1], ['between', 'from'], true);
        if ($joint === 'to' || ($joint === 'and' && $between)) {
            [$second, $after, $fraction] = $this->number($words, $unit[1] + 1);
            if ($second !== null) {
                [$high, $next, $isFraction] = [$second, $after, $isFraction || $fraction];
                $unit = $this->unit($words, $next);
            }
        }
        $kind = $unit[0] ?? ($isFraction ? QuantityUnit::Fraction : QuantityUnit::None);
        // "A" is a number only before a unit of length: "an inch".
        if ($kind === QuantityUnit::None && in_array($words->text[$i], ['a', 'an'], true)) {
            return null;
        }

        return new Quantity($i, max($unit[1], $next), $first, $high, $kind);
    }

    private function tread(Words $words, int $i): ?Quantity
    {
        $text = $words->text;
        $word = $text[$i];
        if (preg_match('~^(\d{1,2})/32$~', $word, $found) === 1) {
            return $this->treadOf((int) $found[1], $i, $this->skip($text, $i + 1, ['nd', 'nds', 'inch', 'inches']));
        }
        if (preg_match('/^(\d{1,2})[.,]?(30|32)$/', $word, $found) === 1 && (int) $found[1] <= 20) {
            $after = $text[$i + 1] ?? '';
            $sure = in_array($after, ['second', 'seconds', 'nd', 'nds', 's', 'th', 'ths'], true);
            if (
                $sure ||
                ((int) $found[1] <= 12 && strlen($word) === 3 && $found[2] === '32') ||
                str_contains($word, '.30')
            ) {
                return $this->treadOf((int) $found[1], $i, $sure ? $i + 2 : $i + 1);
            }
        }
        $many =
            self::UNITS[$word] ??
            (self::SOUND_ALIKE[$word] ?? (preg_match('/^\d{1,2}$/', $word) === 1 ? (int) $word : null));
        if ($many === null || $many < 1 || $many > 20 || ! isset($text[$i + 1])) {
            return null;
        }
        $after = $text[$i + 1];
        if (in_array($after, ['thirty', '30', '32'], true)) {
            $tail = $text[$i + 2] ?? '';
            if (in_array($tail, ['second', 'seconds', 'nd', 'nds', '2nds', 'two', 'twos', 'ths', 'sec'], true)) {
                return $this->treadOf($many, $i, $i + 3);
            }
            if ($after === '32' && ! isset(self::SOUND_ALIKE[$word])) {
                return $this->treadOf($many, $i, $i + 2);
            }
        }
        if (
            in_array($after, ['32nd', '32nds', 'thirtysecond', 'thirtyseconds'], true) ||
            ($after === 'over' && ($text[$i + 2] ?? '') === '32')
        ) {
            return $this->treadOf($many, $i, $i + ($after === 'over' ? 3 : 2));
        }

        return null;
    }

    private function treadOf(int $many, int $from, int $to): Quantity
    {
        return new Quantity($from, $to, (float) $many, null, QuantityUnit::ThirtySeconds);
    }

    /** @return array{?float, int, bool} the number, the index after it, and whether it is a fraction */
    private function number(Words $words, int $i): array
    {
        $text = $words->text;
        $word = $text[$i] ?? '';
        if (preg_match('~^(\d+)/(\d+)$~', $word, $found) === 1 && (int) $found[2] > 0) {
            return [(int) $found[1] / (int) $found[2], $i + 1, true];
        }
        if (isset(self::PARTS[$word]) && $word !== 'third' && $word !== 'fourth') {
            return [1 / self::PARTS[$word], $this->skip($text, $i + 1, ['of', 'an', 'a'], ['inch', 'inches']), true];
        }
        if (preg_match('/^\d+(\.\d+)?$/', $word) === 1) {
            return $this->withFraction($text, (float) $word, $i + 1);
        }
        if ($word === 'a' || $word === 'an') {
            $after = $text[$i + 1] ?? '';
            if (isset(self::PARTS[$after]) || $after === 'hundred') {
                return $after === 'hundred'
                    ? $this->hundreds($text, 1.0, $i + 2)
                    : [
                        1 / self::PARTS[$after],
                        $this->skip($text, $i + 2, ['of', 'an', 'a'], ['inch', 'inches']),
                        true,
                    ];
            }

            return in_array($after, ['inch'], true) ? [1.0, $i + 1, false] : [null, $i, false];
        }
        if ($word === 'hundred') {
            return $this->hundreds($text, 1.0, $i + 1);
        }
        if (isset(self::TENS[$word])) {
            $unit = self::UNITS[$text[$i + 1] ?? ''] ?? 0;
            $value = self::TENS[$word] + ($unit < 10 ? $unit : 0);
            $next = $i + ($unit > 0 && $unit < 10 ? 2 : 1);

            return ($text[$next] ?? '') === 'hundred'
                ? [$value * 100.0, $next + 1, false]
                : [(float) $value, $next, false];
        }
        if (! isset(self::UNITS[$word])) {
            return [null, $i, false];
        }
        $value = (float) self::UNITS[$word];
        $after = $text[$i + 1] ?? '';
        if ($after === 'hundred') {
            return $this->hundreds($text, $value, $i + 2);
        }
        // "one twenty", "two ten", "one oh five": a figure in two pieces.
        if (
            $value < 3 &&
            $value > 0 &&
            (isset(self::TENS[$after]) || $after === 'oh' || (self::UNITS[$after] ?? 0) >= 10)
        ) {
            [$rest, $next] = $this->number($words, $i + ($after === 'oh' ? 2 : 1));
            if ($rest !== null && $rest < 100) {
                return [$value * 100 + $rest, $next, false];
            }
        }
        if ($after === 'point') {
            [$rest, $next] = $this->number($words, $i + 2);

            return $rest === null ? [$value, $i + 1, false] : [$value + $rest / ($rest < 10 ? 10 : 100), $next, false];
        }

        return $this->withFraction($text, $value, $i + 1);
    }

    /**
     * @param  list<string>  $text
     * @return array{float, int, bool}
     */
    private function hundreds(array $text, float $many, int $next): array
    {
        $value = $many * 100;
        $at = $this->skip($text, $next, ['and']);
        $word = $text[$at] ?? '';
        if (isset(self::TENS[$word])) {
            $unit = self::UNITS[$text[$at + 1] ?? ''] ?? 0;

            return [
                $value + self::TENS[$word] + ($unit < 10 ? $unit : 0),
                $at + ($unit > 0 && $unit < 10 ? 2 : 1),
                false,
            ];
        }
        if (isset(self::UNITS[$word]) && ($at === $next || self::UNITS[$word] > 0)) {
            return [$value + self::UNITS[$word], $at + 1, false];
        }

        return [$value, $next, false];
    }

    /**
     * "three quarters", "1 1/2", "three quarter inch", "two and a half".
     *
     * @param  list<string>  $text
     * @return array{float, int, bool}
     */
    private function withFraction(array $text, float $value, int $next): array
    {
        $word = $text[$next] ?? '';
        if (isset(self::PARTS[$word]) && $value < 16) {
            return [
                $value / self::PARTS[$word],
                $this->skip($text, $next + 1, ['of', 'an', 'a'], ['inch', 'inches']),
                true,
            ];
        }
        if (preg_match('~^(\d)/(\d+)$~', $word, $found) === 1 && (int) $found[2] > 0 && $value < 30) {
            return [$value + (int) $found[1] / (int) $found[2], $next + 1, true];
        }
        if (
            $word === 'and' &&
            in_array($text[$next + 1] ?? '', ['a', 'one'], true) &&
            isset(self::PARTS[$text[$next + 2] ?? ''])
        ) {
            return [$value + 1 / self::PARTS[$text[$next + 2]], $next + 3, true];
        }

        return [$value, $next, false];
    }

    /** @return array{?QuantityUnit, int} the unit and the index after it */
    private function unit(Words $words, int $at): array
    {
        $text = $words->text;
        $word = $text[$at] ?? '';
        if (isset(self::UNIT_WORDS[$word])) {
            return [self::UNIT_WORDS[$word], $at + 1];
        }
        $three = $word.' '.($text[$at + 1] ?? '').' '.($text[$at + 2] ?? '');
        if (in_array($three, ['p s i', 'r p m', 'm p h'], true)) {
            return [match ($word) {
                'p' => QuantityUnit::Psi, 'r' => QuantityUnit::Rpm, default => QuantityUnit::Mph
            }, $at + 3];
        }
        if (
            $word === 'of' &&
            in_array($text[$at + 1] ?? '', ['an', 'a'], true) &&
            in_array($text[$at + 2] ?? '', ['inch', 'inches'], true)
        ) {
            return [QuantityUnit::Inches, $at + 3];
        }

        return [null, $at];
    }

    /**
     * @param  list<string>  $text
     * @param  list<string>  $over  words to pass over
     * @param  list<string>|null  $only  and only if one of these follows
     */
    private function skip(array $text, int $at, array $over, ?array $only = null): int
    {
        $next = $at;
        while (in_array($text[$next] ?? '', $over, true)) {
            $next++;
        }

        return $only === null || in_array($text[$next] ?? '', $only, true) ? $next : $at;
    }
}
