<?php

declare(strict_types=1);

namespace App\Http\Views\Record;

use App\Http\Resources\Record\AmendedItemResource;
use App\Http\Resources\Record\EarlierScoringResource;
use App\Http\Resources\Walk\SheetResource;
use App\Models\Attempt;
use App\Models\ItemOutcomeRow;
use Pasada\Core\Scoring\ItemStatus;
use Pasada\Core\Scoring\ScoreSheet;

/** A record that an earlier scoring closed: its verdict as that gave it, and today's as a what-if. */
final readonly class ReadEarlierScoring
{
    /** Null where today's scoring made the record. */
    public function handle(Attempt $attempt, ScoreSheet $today): ?EarlierScoringResource
    {
        if ($attempt->result?->isOfEarlierEngine() !== true) {
            return null;
        }
        $changes = [];
        foreach ($this->statuses($attempt) as $id => $was) {
            $now = $today->outcomes[$id] ?? null;
            if ($now !== null && $now->status !== $was) {
                $changes[] = new AmendedItemResource($id, $now->item->fullName(), $was, [], $now->status, []);
            }
        }

        return new EarlierScoringResource(
            $attempt->result->engine, ScoreSheet::ENGINE, $today->verdict->standing, $today->overall->permille(),
            $changes,
        );
    }

    /** The sheet as the record keeps it. */
    public function sheet(Attempt $attempt, ScoreSheet $today): SheetResource
    {
        $now = SheetResource::of($today);

        return $attempt->result?->isOfEarlierEngine() === true
            ? $now->asKept(
                $attempt->result->engine, $attempt->result->standing, $attempt->result->permille,
                $attempt->result->out_of_place, $this->statuses($attempt),
            )
            : $now;
    }

    /** @return array<string, ItemStatus> by item, as it was closed */
    private function statuses(Attempt $attempt): array
    {
        $statuses = [];
        foreach (
            ItemOutcomeRow::query()->where('attempt_id', $attempt->id)->pluck('status', 'item') as $item => $status
        ) {
            $statuses[(string) $item] = ItemStatus::from(is_string($status) ? $status : '');
        }

        return $statuses;
    }
}
