<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Decoding;

use Pasada\Core\Language\Transcript;
use Pasada\Core\Language\Words;

/** What is known to be said in a walk, and between which words: what the listener learns from. */
final readonly class Told
{
    /**
     * @param  array<string, list<array{int, int, list<string>}>>  $ranges  first word, last word and point codes, by
     *   component@axle
     */
    private function __construct(private array $ranges) {}

    /** @param  array<string, list<string>>  $truth  point codes by component@axle */
    public static function anywhere(array $truth): self
    {
        return new self(array_map(static fn (array $codes): array => [[0, PHP_INT_MAX, $codes]], $truth));
    }

    /**
     * @param  list<array{float, float, string, list<string>}>  $said  seconds from and to, component@axle, point codes
     */
    public static function at(array $said, Transcript $transcript, Words $words): self
    {
        $times = array_map(static fn (int $cue): float => $transcript->cues[$cue]->from, $words->cue);
        $ranges = [];
        foreach ($said as [$from, $to, $key, $codes]) {
            $in = array_keys(array_filter($times, static fn (float $time): bool => $time >= $from && $time <= $to));
            if ($in !== []) {
                $ranges[$key][] = [$in[0], $in[count($in) - 1], $codes];
            }
        }

        return new self($ranges);
    }

    public function isSo(string $key, string $point, int $word): bool
    {
        foreach ($this->ranges[$key] ?? [] as [$from, $to, $codes]) {
            if ($word >= $from && $word <= $to && in_array($point, $codes, true)) {
                return true;
            }
        }

        return false;
    }
}
