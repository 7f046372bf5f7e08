<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring;

use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Attempt\Marks\MarkKind;
use Pasada\Core\Attempt\Marks\MarkList;

/** The same marks scored under two checklists, or two versions of one. */
final readonly class SheetComparison
{
    /**
     * @param  list<ItemChange>  $changes  items that fare differently, in the walking order of the second sheet
     * @param  list<string>  $unknown  ids of items that were marked and that the second checklist does not ask
     */
    private function __construct(
        public ScoreSheet $before, public ScoreSheet $after, public array $changes, public array $unknown,
    ) {}

    public static function of(ScoreSheet $before, ScoreSheet $after, MarkList $marks): self
    {
        $changes = [];
        foreach ($after->outcomes as $id => $outcome) {
            $was = $before->outcomes[$id] ?? null;
            if (
                $was === null ||
                $was->status !== $outcome->status ||
                $was->earned !== $outcome->earned ||
                $was->possible !== $outcome->possible
            ) {
                $changes[] = new ItemChange($outcome->item, $was, $outcome);
            }
        }
        foreach ($before->outcomes as $id => $was) {
            if (! isset($after->outcomes[$id])) {
                $changes[] = new ItemChange($was->item, $was, null);
            }
        }
        $marked = array_filter(
            $marks->inForce(),
            static fn (Mark $mark): bool => $mark->payload->item() !== null &&
                $mark->kind !== MarkKind::Note &&
                $mark->kind !== MarkKind::LookAgain,
        );
        $ids = array_unique(array_map(static fn (Mark $mark): string => (string) $mark->payload->item(), $marked));

        return new self(
            $before,
            $after,
            $changes,
            array_values(array_filter($ids, static fn (string $id): bool => ! isset($after->outcomes[$id]))),
        );
    }
}
