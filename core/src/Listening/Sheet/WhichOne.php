<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Sheet;

use Pasada\Core\Inspection\Side;
use Pasada\Core\Language\Words;

/** The words that tell which axle of a tandem, or which side, is spoken of: "forward drive axle", "other side". */
final readonly class WhichOne
{
    /** The last of a group, whatever their number. */
    public const LAST = 0;

    /** The one after that of which was spoken before. */
    public const NEXT = -1;

    private const FIRST = 1;

    private const NUMBERS = [
        'first' => self::FIRST, 'forward' => self::FIRST, 'lead' => self::FIRST, 'leading' => self::FIRST,
        'second' => 2, 'third' => 3, 'last' => self::LAST, 'rearmost' => self::LAST,
        'next' => self::NEXT, 'other' => self::NEXT,
    ];

    /** "Front axle" is the steer axle and "rear axle" a drive axle; "front drive axle" is one of a tandem. */
    private const ENDS = [
        'front' => self::FIRST, 'rear' => self::LAST, 'back' => self::LAST, 'trailing' => self::LAST,
    ];

    private const AXLE = ['axle' => true, 'drive' => true, 'tandem' => true];

    private const UNITS = ['trailer' => true, 'dolly' => true, 'truck' => true];

    private const SIDES = [
        'driver' => Side::Left, 'drivers' => Side::Left, 'left' => Side::Left, 'street' => Side::Left,
        'passenger' => Side::Right, 'passengers' => Side::Right, 'right' => Side::Right, 'curb' => Side::Right,
    ];

    private const OTHER_SIDE = ['other' => true, 'opposite' => true, 'far' => true];

    /**
     * @param  array<int, int>  $axles  number from 1, LAST or NEXT, by the word with which it is told
     * @param  array<int, Side|null>  $sides  null for "the other side", by word
     * @param  array<int, array{string, int}>  $units  "second trailer": noun and number from 1, or LAST, by word
     */
    private function __construct(
        private Words $words, private array $axles, private array $sides, private array $units,
    ) {}

    public static function in(Words $words): self
    {
        $axles = $sides = $units = [];
        foreach ($words->text as $i => $word) {
            [$next, $after] = [$words->text[$i + 1] ?? '', $words->text[$i + 2] ?? ''];
            $isAxle = isset(self::AXLE[$next]) || ($next === 'trailer' && $after === 'axle');
            if ($isAxle && isset(self::NUMBERS[$word])) {
                $axles[$i] = self::NUMBERS[$word];
            } elseif ($isAxle && isset(self::ENDS[$word]) && $next !== 'axle') {
                $axles[$i] = self::ENDS[$word];
            }
            $number = self::NUMBERS[$word] ?? (self::ENDS[$word] ?? null);
            if (isset(self::UNITS[$next]) && $number !== null && $number !== self::NEXT) {
                $units[$i] = [$next, $number];
            } elseif ($word === 'dolly') {
                $units[$i] ??= [$word, self::FIRST];
            }
            if ($next === 'side' && (isset(self::SIDES[$word]) || isset(self::OTHER_SIDE[$word]))) {
                $sides[$i] = self::SIDES[$word] ?? null;
            }
        }

        return new self($words, $axles, $sides, $units);
    }

    /** @return array{int, int}|null word and number of the last axle told in words $from to $to - 1 */
    public function axle(int $from, int $to): ?array
    {
        return self::last($this->axles, $from, $to);
    }

    /** @return array{int, array{string, int}}|null likewise the unit: noun and number, or LAST */
    public function unit(int $from, int $to): ?array
    {
        return self::last($this->units, $from, $to);
    }

    /** @return array{int, Side|null}|null likewise the side; null in place of a side is the other one */
    public function side(int $from, int $to): ?array
    {
        return self::last($this->sides, $from, $to);
    }

    /** "Left mirror": the side told by the word before a name. */
    public function sideOfName(int $name): ?Side
    {
        return self::SIDES[$this->words->text[$name - 1] ?? ''] ?? null;
    }

    /**
     * @template T
     *
     * @param  array<int, T>  $told
     * @return array{int, T}|null
     */
    private static function last(array $told, int $from, int $to): ?array
    {
        $last = null;
        foreach ($told as $i => $one) {
            if ($i >= $from && $i < $to) {
                $last = [$i, $one];
            }
        }

        return $last;
    }
}
