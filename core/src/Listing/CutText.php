<?php

declare(strict_types=1);

namespace Pasada\Core\Listing;

/** A table as text, cut into its cells by tabs, semicolons or commas, whichever cut at least half of the lines. */
final readonly class CutText
{
    /** @param  array<int, list<string>>  $cells  by line in the file, from 1; a line as it is where nothing cuts */
    private function __construct(public array $cells, public bool $isCut) {}

    public static function of(string $text): self
    {
        $lines = preg_split('/\r\n|\r|\n/', $text);
        $lines = $lines === false ? [] : $lines;
        $separator = self::separator($lines);
        $cells = [];
        foreach ($lines as $n => $line) {
            $cells[$n + 1] = $separator === null
                ? [$line]
                : array_map(strval(...), str_getcsv($line, $separator, '"', ''));
        }

        return new self($cells, $separator !== null);
    }

    /**
     * @param  list<string>  $lines
     * @return string|null what cuts at least half of the lines
     */
    private static function separator(array $lines): ?string
    {
        $full = array_filter($lines, static fn (string $line): bool => trim($line) !== '');
        foreach (["\t", ';', ','] as $separator) {
            $cut = array_filter($full, static fn (string $line): bool => str_contains($line, $separator));
            if ($full !== [] && 2 * count($cut) >= count($full) && count($full) > 1) {
                return $separator;
            }
        }

        return null;
    }
}
