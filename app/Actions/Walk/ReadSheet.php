<?php

declare(strict_types=1);

namespace App\Actions\Walk;

use App\Library\InspectionLibrary;
use App\Library\MarkStore;
use App\Models\Attempt;
use App\Models\AttemptStatus;
use App\Models\User;
use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Attempt\Marks\MarkKind;
use Pasada\Core\Attempt\Marks\MarkList;
use Pasada\Core\Scoring\ScoreSheet;

/** The score sheet of an attempt as it stands, replayed from its marks. */
final readonly class ReadSheet
{
    public function __construct(private InspectionLibrary $inspections, private MarkStore $store) {}

    /** @param  bool  $amended  with the amendments made since it was closed */
    public function handle(Attempt $attempt, bool $amended = true): ScoreSheet
    {
        return ScoreSheet::ofInspection(
            $this->inspections->forAttempt($attempt),
            $this->store->read($attempt->id, $amended)[0],
        );
    }

    /**
     * As the reader may see it: a student who watches is not told of a defect before noticing it, nor by what it costs.
     */
    public function for(User $reader, Attempt $attempt): ScoreSheet
    {
        if ($reader->seesAllStudents() || $attempt->status !== AttemptStatus::UnderWay) {
            return $this->handle($attempt);
        }
        [$marks] = $this->store->read($attempt->id);
        $inspection = $this->inspections->forAttempt($attempt)->withoutDefects();
        $noticed = ScoreSheet::ofInspection($inspection, $marks)->walk->noticed;
        $told = array_filter(
            $marks->marks,
            static fn (Mark $mark): bool => $mark->kind !== MarkKind::DefectPlanted ||
                isset($noticed[$mark->payload->item() ?? '']),
        );

        return ScoreSheet::ofInspection($inspection, MarkList::of(...array_values($told)));
    }
}
