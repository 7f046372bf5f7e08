<?php

declare(strict_types=1);

namespace App\Http\Views\Record;

use App\Actions\Walk\ReadSheet;
use App\Http\Resources\Record\DebriefResource;
use App\Http\Resources\Record\ImportedResource;
use App\Http\Resources\Record\LessonResource;
use App\Http\Resources\Record\ResultResource;
use App\Http\Resources\Record\VisitResource;
use App\Http\Resources\Walk\AttemptCardResource;
use App\Http\Resources\Walk\InspectionResource;
use App\Http\Resources\Walk\SheetResource;
use App\Library\Outages;
use App\Models\Attempt;
use App\Models\AttemptStatus;
use App\Models\Party;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;
use Pasada\Core\Attempt\Visit;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Coaching\Coach;
use Pasada\Core\Coaching\Correction;
use Pasada\Core\Coaching\Debrief;
use Pasada\Core\Scoring\ItemOutcome;
use Pasada\Core\Scoring\ItemStatus;
use Pasada\Core\Scoring\Pace;
use Pasada\Core\Scoring\ScoreSheet;

/** An attempt explained: what was missed, what to say next time, and how it compares with the earlier ones. */
final readonly class ReadResult
{
    /** As many as anybody takes home from a debrief. */
    private const FIRST = 5;

    public function __construct(
        private ReadSheet $sheets, private ReadAmendments $amendments, private ReadSignatures $signatures,
        private ReadEarlierScoring $earlierScoring, private Coach $coach, private Outages $outages,
    ) {}

    public function handle(Attempt $attempt, User $reader): ResultResource
    {
        $sheet = $this->sheets->handle($attempt);
        $amendments = $this->amendments->handle($attempt);
        $earlier = Attempt::finished($attempt->school_id)->with(Attempt::CARD)
            ->where('student_id', $attempt->student_id)->where('started_at', '<', $attempt->started_at)
            ->where(static fn (Builder $query) => $query->whereKeyNot($attempt->walk_of ?? $attempt->id))
            ->tap(Attempt::onceAWalk(...))
            ->tap(static fn (Builder $query) => Attempt::blindTo($query, $reader))
            ->get()
            ->sortBy('started_at');

        return new ResultResource(
            AttemptCardResource::of($attempt),
            InspectionResource::of($sheet->inspection, $this->coach),
            $this->earlierScoring->sheet($attempt, $sheet),
            $this->debrief($sheet),
            $this->lessons($sheet),
            array_map(static fn (Visit $visit): VisitResource => VisitResource::of($visit), $sheet->walk->visits),
            array_values($earlier->map(AttemptCardResource::of(...))->all()),
            $this->signatures->handle($attempt),
            $amendments,
            $amendments === [] ? null : SheetResource::of($this->sheets->handle($attempt, amended: false)),
            array_values(array_filter(
                Party::cases(), static fn (Party $one): bool => $reader->can('sign', [$attempt, $one]),
            )),
            $attempt->status === AttemptStatus::Finished && $reader->can('amend', $attempt),
            $reader->can('setRight', $attempt),
            ImportedResource::of($attempt),
            $this->earlierScoring->handle($attempt, $sheet),
            $attempt->mode, $attempt->form_seed !== null, self::pace($sheet),
            $this->outages->reasons($attempt->school_id)[$attempt->vehicle->slug] ?? null,
        );
    }

    /** @return list<DebriefResource> */
    private function debrief(ScoreSheet $sheet): array
    {
        $all = max(1, $sheet->overall->possible);

        return array_map(fn (Debrief $first): DebriefResource => new DebriefResource(
            $first->name(),
            $this->coach->words($first->items[0], $first->toSay()),
            intdiv(1000 * $first->lost, $all),
            $first->isDefect() ? $first->outcome->defect : null,
        ), Debrief::first($sheet, self::FIRST));
    }

    private static function pace(ScoreSheet $sheet): ?string
    {
        $pace = Pace::of($sheet);

        return $pace->isTooFast() ? $pace->said() : null;
    }

    /** @return list<LessonResource> */
    private function lessons(ScoreSheet $sheet): array
    {
        $lessons = [];
        $correction = new Correction($this->coach, $sheet->inspection->checklist);
        foreach ($sheet->outcomes as $outcome) {
            // A further point may be wrong of an item that is earned whole: it still is something to learn.
            if ($outcome->isLesson() || ! $outcome->wrong()->isEmpty()) {
                $lessons[] = $this->lesson($outcome, $sheet, $correction);
            }
        }

        return $lessons;
    }

    private function lesson(ItemOutcome $outcome, ScoreSheet $sheet, Correction $correction): LessonResource
    {
        $item = $outcome->item;

        return new LessonResource(
            $item->id, $item->fullName(), $item->section, $outcome->status,
            array_map(fn (Point $point): string => $this->coach->label($point), $outcome->missing()->points()),
            $this->coach->sentence($item, $item->points),
            $correction->of($outcome), $sheet->inspection->item($outcome->hearing->carriedFrom ?? '')?->fullName(),
            $outcome->status === ItemStatus::OverDefect ? $outcome->defect : null,
        );
    }
}
