<?php

declare(strict_types=1);

namespace App\Http\Views\Record;

use App\Http\Resources\Record\AmendedItemResource;
use App\Http\Resources\Record\AmendmentResource;
use App\Library\InspectionLibrary;
use App\Library\MarkStore;
use App\Models\Attempt;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Coaching\Coach;
use Pasada\Core\Scoring\ItemOutcome;
use Pasada\Core\Scoring\ScoreSheet;

/**
 * The amendments of a closed record in the order in which they were made, each with the items it changed, old and new.
 */
final readonly class ReadAmendments
{
    public function __construct(
        private InspectionLibrary $inspections,
        private MarkStore $marks,
        private Coach $coach,
    ) {}

    /** @return list<AmendmentResource> */
    public function handle(Attempt $attempt): array
    {
        $amendments = $attempt->amendments()->with('user')->get()->sortBy('position');
        if ($amendments->isEmpty()) {
            return [];
        }
        $inspection = $this->inspections->forAttempt($attempt);
        $marks = $this->marks->read($attempt->id, amended: false)[0];
        $made = $this->marks->byAmendment($attempt->id);
        $before = ScoreSheet::ofInspection($inspection, $marks);
        $all = [];
        foreach ($amendments as $amendment) {
            $marks = $marks->with(...($made[$amendment->id] ?? []));
            $after = ScoreSheet::ofInspection($inspection, $marks);
            $all[] = AmendmentResource::of($amendment, $this->changed($before, $after));
            $before = $after;
        }

        return $all;
    }

    /** @return list<AmendedItemResource> in walking order */
    private function changed(ScoreSheet $before, ScoreSheet $after): array
    {
        $changed = [];
        foreach ($after->outcomes as $id => $now) {
            $was = $before->outcomes[$id];
            if (
                [$was->status, $was->heard->bits, $was->hearing?->figures, $was->defectNoticed] !== [
                    $now->status, $now->heard->bits, $now->hearing?->figures, $now->defectNoticed,
                ]
            ) {
                $changed[] = new AmendedItemResource(
                    $id, $now->item->fullName(), $was->status, $this->missing($was), $now->status, $this->missing($now),
                );
            }
        }

        return $changed;
    }

    /** @return list<string> */
    private function missing(ItemOutcome $outcome): array
    {
        return array_map(fn (Point $point): string => $this->coach->label($point), $outcome->missing()->points());
    }
}
