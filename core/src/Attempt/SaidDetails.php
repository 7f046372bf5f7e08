<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt;

use Pasada\Core\Checklist\Figure;

/** Figures and words as the student said them, during one replay. Changes while the marks are played. */
final class SaidDetails
{
    /** @var array<string, array<string, int>> figures as said, in thousandths, by item id and point code */
    private array $figures = [];

    /** @var array<string, array<string, array<int, true>>> which of several axles' figures were said, likewise */
    private array $axleFigures = [];

    /** @var array<string, array<string, string>> words said instead, likewise */
    private array $words = [];

    /** Notes a figure. Whether the figure of every axle that the item stands for has been said now. */
    public function figure(string $item, string $code, Figure $figure, int $value): bool
    {
        $this->figures[$item][$code] = $value;
        if (! $figure->accepts($value)) {
            return false;
        }
        $parts = $figure->parts();
        foreach ($parts as $n => $part) {
            if ($part->accepts($value)) {
                $this->axleFigures[$item][$code][$n] = true;
            }
        }

        return count($this->axleFigures[$item][$code] ?? []) === count($parts);
    }

    public function words(string $item, string $code, string $text): void
    {
        $this->words[$item][$code] = $text;
    }

    public function forgetPoint(string $item, string $code): void
    {
        unset($this->figures[$item][$code], $this->axleFigures[$item][$code], $this->words[$item][$code]);
    }

    public function forget(string $item): void
    {
        unset($this->figures[$item], $this->axleFigures[$item], $this->words[$item]);
    }

    /** @return array<string, int> in thousandths, by point code */
    public function figuresOf(string $item): array
    {
        return $this->figures[$item] ?? [];
    }

    /** @return array<string, string> by point code */
    public function wordsOf(string $item): array
    {
        return $this->words[$item] ?? [];
    }
}
