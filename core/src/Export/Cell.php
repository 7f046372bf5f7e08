<?php

declare(strict_types=1);

namespace Pasada\Core\Export;

/** A value in a spreadsheet that is a text and nothing else, whoever wrote it. */
final readonly class Cell
{
    /** With these a spreadsheet begins to compute (OWASP, "CSV injection"). */
    private const STARTS = ['=', '+', '-', '@', "\t", "\r"];

    /** A number stays one; a text that would be taken as a formula gets an apostrophe before it. */
    public static function of(string|int|float|null $value): string
    {
        if (is_int($value) || is_float($value)) {
            return (string) $value;
        }
        $text = (string) preg_replace('/[\x00-\x08\x0b\x0c\x0e-\x1f]/', '', $value ?? '');

        return $text !== '' && in_array($text[0], self::STARTS, true) ? "'".$text : $text;
    }

    /** @param  list<string|int|float|null>  $cells  one line of CSV (RFC 4180) */
    public static function line(array $cells): string
    {
        return implode(',', array_map(static function (string|int|float|null $cell): string {
            $text = self::of($cell);

            return preg_match('/[",\r\n]/', $text) === 1 ? '"'.str_replace('"', '""', $text).'"' : $text;
        }, $cells))."\r\n";
    }
}
