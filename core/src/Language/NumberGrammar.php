<?php

declare(strict_types=1);

namespace Pasada\Core\Language;

/** Finds figures: tread, numbers in words and digits, ranges, each with its unit. */
final readonly class NumberGrammar
{
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

    public function __construct(
        private NumberWords $numbers = new NumberWords,
        private TreadGrammar $tread = new TreadGrammar,
    ) {}

    /** @return list<Quantity> in order, none overlapping */
    public function find(Words $words): array
    {
        $found = [];
        $count = $words->count();
        for ($i = 0; $i < $count;) {
            $quantity = $this->tread->at($words, $i) ?? $this->at($words, $i);
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
        $number = $this->numbers->at($words, $i);
        if ($number === null) {
            return null;
        }
        [$unit, $to] = $this->unit($words, $number->to);
        $isFraction = $number->isFraction;
        $second = $this->upperEnd($words, $i, $to);
        if ($second !== null) {
            [$unit, $to] = $this->unit($words, $second->to);
            $isFraction = $isFraction || $second->isFraction;
        }
        $unit ??= $isFraction ? QuantityUnit::Fraction : QuantityUnit::None;
        // "A" is a number only before a unit of length: "an inch".
        if ($unit === QuantityUnit::None && in_array($words->text[$i], ['a', 'an'], true)) {
            return null;
        }

        return new Quantity($i, $to, $number->value, $second?->value, $unit);
    }

    /** "between 120 and 140", "170 to 210": two figures with one unit. */
    private function upperEnd(Words $words, int $from, int $to): ?NumberSaid
    {
        $joint = $words->text[$to] ?? '';
        $isBetween = $from > 0 && in_array($words->text[$from - 1], ['between', 'from'], true);

        return $joint === 'to' || ($joint === 'and' && $isBetween) ? $this->numbers->at($words, $to + 1) : null;
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
}
