<?php

declare(strict_types=1);

namespace Pasada\Core\Language;

/**
 * Tread in thirty-seconds, in the shapes that captions give it.
 *
 * 4/32 arrives as "four thirty-seconds", "for thirty seconds", "4 30 seconds", "430 seconds", "4.30", "432nds" or
 * "4/32": a number from 1 to 20 run together with 30 or 32.
 */
final readonly class TreadGrammar
{
    /** Words that a caption writes for a number before "thirty-seconds". */
    private const SOUND_ALIKE = ['for' => 4, 'to' => 2, 'too' => 2, 'fore' => 4, 'ate' => 8, 'sex' => 6, 'won' => 1];

    public function at(Words $words, int $i): ?Quantity
    {
        $tread = $this->figure($words, $i);
        if ($tread === null) {
            return null;
        }
        $to = $words->past($tread->to, ['of', 'an', 'a', 'inch', 'inches']);

        return in_array($words->text[$to - 1], ['inch', 'inches'], true)
            ? $this->of((int) $tread->value, $i, $to)
            : $tread;
    }

    private function figure(Words $words, int $i): ?Quantity
    {
        $text = $words->text;
        $word = $text[$i];
        if (preg_match('~^(\d{1,2})/32$~', $word, $found) === 1) {
            return $this->of((int) $found[1], $i, $words->past($i + 1, ['nd', 'nds', 'inch', 'inches']));
        }
        if (preg_match('/^(\d{1,2})[.,]?(30|32)$/', $word, $found) === 1 && (int) $found[1] <= 20) {
            $after = $text[$i + 1] ?? '';
            $sure = in_array($after, ['second', 'seconds', 'nd', 'nds', 's', 'th', 'ths'], true);
            if (
                $sure ||
                ((int) $found[1] <= 12 && strlen($word) === 3 && $found[2] === '32') ||
                str_contains($word, '.30')
            ) {
                return $this->of((int) $found[1], $i, $sure ? $i + 2 : $i + 1);
            }
        }
        $many =
            NumberWords::UNITS[$word] ??
            (self::SOUND_ALIKE[$word] ?? (preg_match('/^\d{1,2}$/', $word) === 1 ? (int) $word : null));
        if ($many === null || $many < 1 || $many > 20 || ! isset($text[$i + 1])) {
            return null;
        }
        $after = $text[$i + 1];
        if (in_array($after, ['thirty', '30', '32'], true)) {
            $tail = $text[$i + 2] ?? '';
            if (in_array($tail, ['second', 'seconds', 'nd', 'nds', '2nds', 'two', 'twos', 'ths', 'sec'], true)) {
                return $this->of($many, $i, $i + 3);
            }
            if ($after === '32' && ! isset(self::SOUND_ALIKE[$word])) {
                return $this->of($many, $i, $i + 2);
            }
        }
        if (
            in_array($after, ['32nd', '32nds', 'thirtysecond', 'thirtyseconds'], true) ||
            ($after === 'over' && ($text[$i + 2] ?? '') === '32')
        ) {
            return $this->of($many, $i, $i + ($after === 'over' ? 3 : 2));
        }

        return null;
    }

    private function of(int $many, int $from, int $to): Quantity
    {
        return new Quantity($from, $to, (float) $many, null, QuantityUnit::ThirtySeconds);
    }
}
