<?php

declare(strict_types=1);

namespace App\Export;

use App\Library\KeptSheets;
use App\Models\Attempt;

/** What the kept sheet of an attempt says, as lines of the tables of items, sections and brake tests. */
final readonly class SheetRows
{
    public const ITEMS = [
        'attempt', 'item', 'section', 'status', 'said', 'missing', 'wrong', 'earned', 'possible',
    ];

    public const SECTIONS = ['attempt', 'section', 'name', 'seconds', 'percent', 'asked', 'whole'];

    public const BRAKES = ['attempt', 'test', 'status', 'earned', 'possible'];

    /** Components of the brake tests. */
    private const TEST = 'test.';

    public function __construct(private KeptSheets $sheets) {}

    /**
     * @return array{items: list<list<string|int|float|null>>, sections: list<list<string|int|float|null>>,
     *   brakes: list<list<string|int|float|null>>}
     */
    public function of(Attempt $attempt): array
    {
        $kept = $this->sheets->of($attempt->id);
        /** @var array{items: list<array{id: string, section: string, status: string, heard: list<string>,
         *   missing: list<string>, wrong: list<string>, earned: int, possible: int}>, sections: list<array{id: string,
         *   name: string, time_ms: int, permille: int, asked: int, whole: int}>} $sheet */
        $sheet = $kept === null ? ['items' => [], 'sections' => []] : json_decode($kept, true);
        $items = $brakes = [];
        foreach ($sheet['items'] as $one) {
            $id = $one['id'];
            $items[] = [
                $attempt->id, $id, $one['section'], $one['status'], implode(' ', $one['heard']),
                implode(' ', $one['missing']), implode(' ', $one['wrong']), $one['earned'], $one['possible'],
            ];
            if (str_starts_with($id, self::TEST)) {
                $brakes[] = [$attempt->id, $id, $one['status'], $one['earned'], $one['possible']];
            }
        }
        $sections = [];
        foreach ($sheet['sections'] as $one) {
            $sections[] = [
                $attempt->id, $one['id'], $one['name'], intdiv($one['time_ms'], 1000), $one['permille'] / 10,
                $one['asked'], $one['whole'],
            ];
        }

        return ['items' => $items, 'sections' => $sections, 'brakes' => $brakes];
    }
}
