<?php

declare(strict_types=1);

namespace App\Actions\Progress;

use App\Exceptions\IdIsTaken;
use App\Library\InspectionLibrary;
use App\Library\ListeningLibrary;
use App\Models\Recital;
use App\Models\StoredChecklist;
use App\Models\StoredVehicle;
use App\Models\Student;
use App\Progress\Recited;
use Illuminate\Support\Carbon;
use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Attempt\Marks\MarkList;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Coaching\Coach;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Fault;
use Pasada\Core\Inspection\Item;
use Pasada\Core\Language\Cue;
use Pasada\Core\Language\Transcript;
use Pasada\Core\Listening\Account;
use Pasada\Core\Listening\Listener;
use Pasada\Core\Scoring\ScoreSheet;

/** Listens to one part that a student recites, tells what was missing by the checklist's own credit rule. */
final readonly class Recite
{
    /** Any id serves: the mark is scored and not kept. */
    private const MARK = '00000000-0000-7000-8000-000000000001';

    public function __construct(
        private InspectionLibrary $inspections, private ListeningLibrary $listeners, private Coach $coach,
    ) {}

    /**
     * Sent twice, it is counted once.
     *
     * @throws DocumentHasFaults if the checklist does not ask the item of the vehicle
     * @throws IdIsTaken if another recital has this id
     */
    public function handle(
        string $id, Student $student, StoredChecklist $checklist, StoredVehicle $vehicle, string $itemId,
        string $words, Carbon $now, Carbon $today,
    ): Recited {
        $inspection = $this->inspections->of($checklist, $vehicle);
        $item = $inspection->item($itemId) ?? throw DocumentHasFaults::in('practice', [
            Fault::at('item', sprintf('"%s" is not asked of this vehicle; choose a part that is', $itemId)),
        ]);
        $listener = $this->listeners->forInspection($this->inspections->checklistOf($checklist), $inspection);
        $account = self::listen($listener, $item->name.', '.$words);
        $heard = $this->heard($item, $listener, $account, $words);
        $sheet = ScoreSheet::ofInspection($inspection, MarkList::of(
            Mark::pointsHeard(self::MARK, 0, $item->id, $heard),
        ));
        $outcome = $sheet->outcomes[$item->id];
        $earned = intdiv(1000 * $outcome->earned, max(1, $outcome->possible));
        $kept = Recital::query()->firstOrCreate(['id' => $id], [
            'student_id' => $student->id, 'item' => $item->id, 'words' => $words, 'earned' => $earned,
            'recited_at' => $now,
        ]);
        if ($kept->student_id !== $student->id || $kept->item !== $item->id || $kept->words !== $words) {
            throw IdIsTaken::byRecital($id);
        }
        $labels = fn (PointSet $points): array => array_map(
            fn (Point $point): string => $this->coach->label($point), $points->points(),
        );
        $wrong = [];
        foreach ($account->wrong as $one) {
            if ($one->component === $item->component) {
                $wrong[] = $one->what;
            }
        }

        return new Recited(
            $item->id, $earned, $labels($heard), array_map(
                fn (Point $point): string => $this->coach->phrase($item, $point),
                $item->points->without($heard)->points(),
            ),
            array_values(array_unique($wrong)),
            $this->coach->sentence($item, $item->points),
            Recital::query()->where('student_id', $student->id)->where('recited_at', '>=', $today->utc())->count(),
        );
    }

    /**
     * One part is recited, so whatever was said is about it, whichever part it sounds like. Its name goes without
     * saying and so tells nothing, even where it is a statement ("Vehicle stands level"). Whoever says the very words
     * that are taught has said them.
     */
    private function heard(Item $item, Listener $listener, Account $account, string $words): PointSet
    {
        $points = PointSet::of(...self::points($account))
            ->without(PointSet::of(...self::points(self::listen($listener, $item->name.'.'))))
            ->points();
        array_push($points, ...self::points(self::listen($listener, $words)));
        $said = self::plain($words);
        foreach ($item->points->points() as $point) {
            if (str_contains($said, self::plain($this->coach->phrase($item, $point)))) {
                $points[] = $point;
            }
        }

        return PointSet::of(...array_filter(
            $points, static fn (Point $point): bool => $item->points->has($point),
        ));
    }

    private static function listen(Listener $listener, string $words): Account
    {
        return $listener->listen($listener->understood(new Transcript([new Cue(0.0, $words)])));
    }

    /** @return list<Point> */
    private static function points(Account $account): array
    {
        $points = [];
        foreach ($account->heard as $proposal) {
            array_push($points, ...$proposal->points->points());
        }

        return $points;
    }

    /** In small letters, without marks between the words. */
    private static function plain(string $words): string
    {
        return ' '.trim((string) preg_replace('/[^\p{L}\p{N}]+/u', ' ', mb_strtolower($words))).' ';
    }
}
