<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt;

use Pasada\Core\Inspection\Inspection;

/** What happened in an attempt, replayed from its marks. Facts only: what they are worth is Scoring's to say. */
final readonly class Walk
{
    /**
     * @param  array<string, Hearing>  $hearings  by item id in the order of naming, for items that were named or waved
     * @param  list<Visit>  $visits  in order
     * @param  array<string, true>  $closedPlaces  places ticked off as done, by id
     * @param  array<string, true>  $shutPlaces  places where, by the return rule, nothing earns credit any more
     * @param  list<Remark>  $remarks
     */
    public function __construct(
        public array $hearings,
        public array $visits,
        public array $closedPlaces,
        public array $shutPlaces,
        public array $remarks,
        public ?string $currentPlace,
        public int $durationMs,
        public bool $finished,
    ) {}

    public static function replay(Inspection $inspection, MarkList $marks): self
    {
        $ledger = new Ledger($inspection);
        foreach ($marks->inForce() as $mark) {
            match ($mark->kind) {
                MarkKind::HeardWhole, MarkKind::PointsHeard => $ledger->hear($mark),
                MarkKind::PointsTakenBack => $ledger->takeBack($mark),
                MarkKind::NotFitted => $ledger->wave($mark),
                MarkKind::PlaceEntered => $ledger->enter($mark),
                MarkKind::PlaceClosed => $ledger->close($mark),
                MarkKind::Note => $ledger->remark($mark),
                MarkKind::Finished => $ledger->finish($mark),
                MarkKind::Undo => null,
            };
        }

        return $ledger->walk($marks->lastAtMs());
    }
}
