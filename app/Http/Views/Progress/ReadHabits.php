<?php

declare(strict_types=1);

namespace App\Http\Views\Progress;

use App\Library\KeptSheets;
use App\Models\Attempt;
use App\Models\ItemOutcomeRow;
use App\Models\Student;
use Illuminate\Support\Collection;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Progress\Practice\SectionHabits;
use Pasada\Core\Progress\Practice\WalkedSection;
use Pasada\Core\Scoring\ItemStatus;
use stdClass;

/**
 * What a student does again and again in the latest walks: says too late or wrong, recites over a defect,
 * walks out of turn, loses time with.
 */
final readonly class ReadHabits
{
    private const LATEST = 5;

    /** Once is chance. */
    private const LEAST = 2;

    private const MOST = 4;

    private const SAID = [
        ItemStatus::Late->value => 'Said too late, after the place was left',
        ItemStatus::Wrong->value => 'Said wrong',
        ItemStatus::OverDefect->value => 'Recited over a defect that was there',
    ];

    public function __construct(private KeptSheets $sheets) {}

    /** @return list<string> sentences */
    public function handle(Student $student, Inspection $inspection): array
    {
        $latest = Attempt::finished($student->school_id)
            ->where('student_id', $student->id)
            ->tap(Attempt::onceAWalk(...))
            ->latest('started_at')
            ->limit(self::LATEST)
            ->pluck('on_paper', 'id');
        $ids = $latest->keys();
        $rows = ItemOutcomeRow::query()->toBase()
            ->whereIn('attempt_id', $ids)
            ->whereIn('status', array_keys(self::SAID))
            ->groupBy('status', 'item')
            ->havingRaw('count(*) >= ?', [self::LEAST])
            ->orderByRaw('count(*) desc, item')
            ->selectRaw('status, item, count(*) as times')
            ->get();
        $of = [];
        foreach ($rows as $row) {
            /** @var stdClass&object{status: string, item: string, times: int} $row */
            $item = $inspection->item($row->item);
            if ($item !== null) {
                $of[$row->status][] = sprintf('%s (%d of %d)', $item->fullName(), $row->times, $latest->count());
            }
        }
        $sentences = [];
        foreach (self::SAID as $status => $said) {
            if (isset($of[$status])) {
                $sentences[] = $said.': '.implode('; ', array_slice($of[$status], 0, self::MOST)).'.';
            }
        }

        return [...$sentences, ...SectionHabits::of($this->sections(
            // On paper nobody notes when each part was said.
            $latest->reject(static fn (mixed $onPaper): bool => (bool) $onPaper)->keys(),
        ))];
    }

    /**
     * @param  Collection<int, mixed>  $attempts  ids
     * @return list<list<WalkedSection>>
     */
    private function sections(Collection $attempts): array
    {
        $walks = [];
        foreach ($this->sheets->ofAll($attempts) as $sheet) {
            /** @var array{sections: list<array{id: string, name: string, time_ms: int, asked: int}>,
             *   order: array{sections_out_of_place: list<string>}} $written */
            $written = json_decode($sheet, true, flags: JSON_THROW_ON_ERROR);
            $walks[] = array_map(static fn (array $section): WalkedSection => new WalkedSection(
                $section['name'], $section['time_ms'], $section['asked'],
                in_array($section['id'], $written['order']['sections_out_of_place'], true),
            ), $written['sections']);
        }

        return $walks;
    }
}
