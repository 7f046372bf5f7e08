<?php

declare(strict_types=1);

namespace App\Http\Views\Record;

use App\Http\Resources\Record\RescoreResource;
use App\Http\Resources\Walk\AttemptCardResource;
use App\Library\InspectionLibrary;
use App\Library\MarkStore;
use App\Models\Attempt;
use Pasada\Core\Checklist\Checklist;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\NothingToInspect;
use Pasada\Core\Scoring\ScoreSheet;
use Pasada\Core\Scoring\SheetComparison;
use Pasada\Core\Vehicle\Vehicle;

/** Scores a recorded attempt under another checklist or vehicle, as a what-if. Nothing of the record is touched. */
final readonly class RescoreAttempt
{
    public function __construct(private InspectionLibrary $inspections, private MarkStore $store) {}

    /** @throws NothingToInspect if the other checklist asks nothing of the vehicle */
    public function handle(Attempt $attempt, ?Checklist $checklist, ?Vehicle $vehicle): RescoreResource
    {
        $inspection = $this->inspections->forAttempt($attempt);
        $marks = $this->store->read($attempt->id)[0];
        $checklist ??= $inspection->checklist;
        // The form of the record where the other checklist has one of that id; else all that it asks.
        $other = Inspection::of(
            $checklist,
            $vehicle ?? $inspection->vehicle,
            $attempt->form === null ? null : $checklist->form($attempt->form),
        );
        $attempt->loadMissing(Attempt::CARD);

        return RescoreResource::of(
            AttemptCardResource::of($attempt),
            SheetComparison::of(
                ScoreSheet::ofInspection($inspection, $marks),
                ScoreSheet::ofInspection($other, $marks),
                $marks,
            ),
        );
    }
}
