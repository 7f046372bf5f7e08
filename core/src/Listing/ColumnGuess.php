<?php

declare(strict_types=1);

namespace Pasada\Core\Listing;

/** What the columns of a list seem to hold, by their headings and, for the parts, by what stands in them. */
final readonly class ColumnGuess
{
    /** Rows that are looked at. */
    private const ROWS = 30;

    /** Told by their headings, those first whose words are the plainest. */
    private const BY_HEADING = [
        ListColumn::Points, ListColumn::Critical, ListColumn::Form, ListColumn::Axle, ListColumn::Section,
        ListColumn::Worth,
    ];

    /** @return list<ListColumn> one for each column */
    public static function of(PartsList $list, PartRecognizer $recognizer): array
    {
        $guess = array_fill(0, count($list->headings), ListColumn::Nothing);
        $guess[self::parts($list, $recognizer)] = ListColumn::Part;
        foreach (self::BY_HEADING as $column) {
            foreach ($list->headings as $at => $heading) {
                if ($guess[$at] === ListColumn::Nothing && preg_match((string) $column->headings(), $heading) === 1) {
                    $guess[$at] = $column;

                    break;
                }
            }
        }

        return array_values($guess);
    }

    /** The column in which most parts are recognized; of two alike the one whose heading says so. */
    private static function parts(PartsList $list, PartRecognizer $recognizer): int
    {
        $best = 0;
        $most = -1.0;
        foreach ($list->headings as $at => $heading) {
            $value = preg_match((string) ListColumn::Part->headings(), $heading) === 1 ? 0.5 : 0.0;
            $seen = [];
            foreach (array_slice($list->rows, 0, self::ROWS) as $row) {
                $isNew = $row[$at] !== '' && ! isset($seen[$row[$at]]) && mb_strlen($row[$at]) < 80;
                $seen[$row[$at]] = true;
                $value += $isNew && $recognizer->part($row[$at])->best() !== null ? 1.0 : 0.0;
            }
            if ($value > $most) {
                [$best, $most] = [$at, $value];
            }
        }

        return $best;
    }
}
