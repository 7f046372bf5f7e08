<?php

declare(strict_types=1);

namespace Pasada\Core\Listing;

use Pasada\Core\Document\Fault;

/** Reads a list line by line: sections from a column or from headings, parts recognized, every fault told. */
final class ListReader
{
    private const ONLY_SECTION = 'Inspection';

    /** Words in a line by which the axle group is told. */
    private const AXLES = [
        'steer' => '/\bsteer|\bfront axle/i',
        'drive' => '/\bdrive|\btandem|\brear axle/i',
        'trailer' => '/\btrailer/i',
    ];

    private const MOST_WORTH = 100;

    /** @var list<Fault> */
    private array $faults = [];

    /** @var array<string, list<string>> zones of the sure parts, by section */
    private array $zones = [];

    /**
     * @param  list<ListColumn>  $columns  what each column holds
     * @param  array<int, string>  $choices  what a person chose for a line: a component's id, or of ListedPart
     */
    public function __construct(
        private readonly PartRecognizer $recognizer, private readonly array $columns, private readonly array $choices,
    ) {}

    /** @return array{list<ListedPart>, list<Fault>} in the order of the lines */
    public function read(PartsList $list): array
    {
        if (! in_array(ListColumn::Part, $this->columns, true)) {
            return [[], [Fault::at('', 'no column is said to hold the parts; choose one')]];
        }
        $lines = $this->lines($list);
        $parts = [];
        // The sure ones first: they tell where a section is, which decides between parts of one name.
        foreach ($lines as [, $section, $row]) {
            $recognized = $this->recognizer->part($this->cell($row, ListColumn::Part), $this->heard($section));
            $best = $recognized->best();
            if ($best !== null && $recognized->isSure()) {
                $this->zones[$section][] = $this->recognizer->zone($best);
            }
        }
        foreach ($lines as [$line, $section, $row]) {
            $parts[] = $this->part($line, $section, $row);
        }
        if ($parts === []) {
            $this->faults[] = Fault::at('', 'holds no part in the column that was chosen');
        }

        return [$parts, $this->faults];
    }

    /** @return list<array{int, string, list<string>}> line, section and cells of those that name a part */
    private function lines(PartsList $list): array
    {
        $lines = [];
        $section = '';
        $hasSections = in_array(ListColumn::Section, $this->columns, true);
        foreach ($list->rows as $line => $row) {
            $own = $hasSections ? $this->cell($row, ListColumn::Section) : '';
            $section = $own === '' ? $section : $own;
            if (! $hasSections && $this->isHeading($row)) {
                $section = rtrim(implode('', $row), ': ');

                continue;
            }
            if ($this->cell($row, ListColumn::Part) !== '') {
                $lines[] = [$line, $section === '' ? self::ONLY_SECTION : $section, $row];
            }
        }

        return $lines;
    }

    /**
     * A line that names what follows: "ENGINE COMPARTMENT", "Front of the truck:".
     *
     * @param  list<string>  $row
     */
    private function isHeading(array $row): bool
    {
        $full = array_values(array_filter($row, static fn (string $cell): bool => $cell !== ''));
        if (count($full) !== 1) {
            return false;
        }
        $isShouted = preg_match('/\p{Ll}/u', $full[0]) !== 1 && preg_match('/\p{Lu}{3}/u', $full[0]) === 1;

        return str_ends_with($full[0], ':') || $isShouted
            || (count($row) > 1 && $this->cell($row, ListColumn::Part) === '')
            || (! $this->recognizer->part($full[0])->isSure() && $this->recognizer->place($full[0]) !== null);
    }

    /** @param  list<string>  $row */
    private function part(int $line, string $section, array $row): ListedPart
    {
        $text = $this->cell($row, ListColumn::Part);
        $recognized = $this->recognizer->part($text, $this->heard($section));
        $best = $recognized->best();
        $choice = $this->choices[$line] ?? $best ?? ListedPart::MAKE_NEW;
        $points = $this->cell($row, ListColumn::Points);

        return new ListedPart(
            $line, $section, $text, $recognized, $choice, isset($this->choices[$line]) || $recognized->isSure(),
            $points === '' ? [] : $this->recognizer->points($points, $choice), $this->axles($section, $row),
            $this->worth($line, $row), $this->forms($row), $this->isCritical($line, $row),
        );
    }

    /** @return list<string> zones where the parts of a section are */
    private function heard(string $section): array
    {
        $place = $this->recognizer->place($section);
        $zones = array_count_values($this->zones[$section] ?? []);
        arsort($zones);

        return array_values(
            array_unique([
                ...$place === null ? [] : [explode(':', $place)[0]],
                ...array_map(strval(...), array_keys($zones)),
            ]),
        );
    }

    /**
     * @param  list<string>  $row
     * @return list<string>
     */
    private function axles(string $section, array $row): array
    {
        $own = $this->cell($row, ListColumn::Axle);
        $axles = [];
        foreach (self::AXLES as $group => $pattern) {
            if (preg_match($pattern, $own === '' ? $section : $own) === 1) {
                $axles[] = $group;
            }
        }

        return $axles;
    }

    /** @param  list<string>  $row */
    private function worth(int $line, array $row): ?int
    {
        $own = $this->cell($row, ListColumn::Worth);
        if ($own === '') {
            return null;
        }
        if (preg_match('/^\d{1,3}(\.0+)?$/D', $own) !== 1 || (int) $own > self::MOST_WORTH) {
            $this->faults[] = Fault::at(
                "line $line, worth",
                sprintf('"%s" is no whole number from 0 to %d; write one, or leave it empty', $own, self::MOST_WORTH),
            );

            return null;
        }

        return (int) $own;
    }

    /**
     * @param  list<string>  $row
     * @return list<string>
     */
    private function forms(array $row): array
    {
        $own = $this->cell($row, ListColumn::Form);
        if (in_array(strtolower($own), ['', 'all', 'always', 'every', 'any'], true)) {
            return [];
        }
        $forms = preg_split('~\s*[,;/+&]\s*|\s+and\s+~i', $own, -1, PREG_SPLIT_NO_EMPTY);

        return array_values(
            array_unique(
                array_map(
                    static fn (string $form): string => (string) preg_replace('/^form\s+/i', '', $form),
                    $forms === false ? [] : $forms,
                ),
            ),
        );
    }

    /** @param  list<string>  $row */
    private function isCritical(int $line, array $row): bool
    {
        $own = strtolower($this->cell($row, ListColumn::Critical));
        if (in_array($own, ['', 'no', 'n', 'false', '0', '-'], true)) {
            return false;
        }
        if (! in_array($own, ['yes', 'y', 'true', '1', 'x', '*', '✓', '✔', 'critical', 'must', 'auto fail'], true)) {
            $this->faults[] = Fault::at(
                "line $line, has to be earned",
                sprintf('"%s" is neither yes nor no; write yes, or leave it empty', $own),
            );
        }

        return true;
    }

    /** @param  list<string>  $row */
    private function cell(array $row, ListColumn $column): string
    {
        $at = array_search($column, $this->columns, true);

        return $at === false ? '' : $row[$at] ?? '';
    }
}
