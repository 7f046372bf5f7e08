<?php

declare(strict_types=1);

namespace Pasada\Core\Speech;

/**
 * How likely a word is after one or two others, counted from sentences and smoothed so that what was never counted can
 * still be heard: I. Witten, T. Bell, "The zero-frequency problem", IEEE Transactions on Information Theory 37 (1991),
 * interpolated. What was counted twice as often counts twice; a history that was followed by many different words
 * leaves more to the shorter one.
 */
final readonly class NgramModel
{
    public const BEGIN = '<s>';

    public const END = '</s>';

    private const ORDER = 3;

    /**
     * @param  array<int, array<string, float>>  $counts  of the n words joined by spaces, by n
     * @param  array<string, array{float, int}>  $after  by history: how often it was seen, and followed by how many
     *   different words
     * @param  int  $words  different words that can come next
     */
    private function __construct(private array $counts, private array $after, private int $words) {}

    /** @param  iterable<array{list<string>, float}>  $sentences  words of each, and how often it counts */
    public static function of(iterable $sentences): self
    {
        $counts = array_fill(1, self::ORDER, []);
        foreach ($sentences as [$words, $weight]) {
            $all = [self::BEGIN, ...$words, self::END];
            foreach (range(1, self::ORDER) as $n) {
                for ($i = 0; $i + $n <= count($all); $i++) {
                    $gram = implode(' ', array_slice($all, $i, $n));
                    $counts[$n][$gram] = ($counts[$n][$gram] ?? 0.0) + $weight;
                }
            }
        }
        // Nothing is followed by a beginning.
        unset($counts[1][self::BEGIN]);
        $after = ['' => [array_sum($counts[1]), count($counts[1])]];
        foreach ([2, 3] as $n) {
            foreach ($counts[$n] as $gram => $count) {
                $history = substr($gram, 0, (int) strrpos($gram, ' '));
                $after[$history] = [($after[$history][0] ?? 0.0) + $count, ($after[$history][1] ?? 0) + 1];
            }
        }

        return new self($counts, $after, count($counts[1]));
    }

    /** @return list<string> every word that it knows, but for the beginning and the end */
    public function vocabulary(): array
    {
        return array_values(array_filter(
            array_keys($this->counts[1]), static fn (string $word): bool => $word !== self::END,
        ));
    }

    /**
     * @param  list<string>  $history  words before it, at most two
     * @return float chance of the word, 0 to 1
     */
    public function chance(string $word, array $history = []): float
    {
        if ($history === []) {
            return $this->mixed($this->counts[1][$word] ?? 0.0, '', 1.0 / max(1, $this->words));
        }
        $shorter = $this->chance($word, array_slice($history, 1));
        $words = implode(' ', $history);

        return isset($this->after[$words])
            ? $this->mixed($this->counts[count($history) + 1]["$words $word"] ?? 0.0, $words, $shorter)
            : $shorter;
    }

    /** In the format of ARPA, base 10 logarithms, as recognizers read it. */
    public function arpa(): string
    {
        $lines = ['\\data\\'];
        foreach (range(1, self::ORDER) as $n) {
            $lines[] = sprintf('ngram %d=%d', $n, count($this->counts[$n]) + ($n === 1 ? 1 : 0));
        }
        // Each is mixed with the chance that was worked out for its shorter history just before.
        $chances = [];
        foreach (range(1, self::ORDER) as $n) {
            array_push($lines, '', "\\$n-grams:");
            if ($n === 1) {
                $lines[] = sprintf("-99\t%s\t%.4f", self::BEGIN, $this->backoff(self::BEGIN));
            }
            foreach ($this->counts[$n] as $gram => $count) {
                $history = substr($gram, 0, (int) strrpos($gram, ' '));
                $shorter = $n === 1 ? 1.0 / max(1, $this->words) : $chances[ltrim((string) strstr($gram, ' '))];
                $chances[$gram] = $this->mixed($count, $history, $shorter);
                $isHistory = $n < self::ORDER && ! str_ends_with($gram, self::END);
                $lines[] = sprintf("%.4f\t%s", log10($chances[$gram]), $gram)
                    .($isHistory ? sprintf("\t%.4f", $this->backoff($gram)) : '');
            }
        }

        return implode("\n", [...$lines, '', '\\end\\', '']);
    }

    private function mixed(float $count, string $history, float $shorter): float
    {
        [$seen, $different] = $this->after[$history];

        return ($count + $different * $shorter) / ($seen + $different);
    }

    /** What is left to the shorter history, as a logarithm. */
    private function backoff(string $history): float
    {
        [$seen, $different] = $this->after[$history] ?? [0.0, 1];

        return log10($different / ($seen + $different));
    }
}
