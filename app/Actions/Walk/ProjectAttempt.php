<?php

declare(strict_types=1);

namespace App\Actions\Walk;

use App\Library\KeptSheets;
use App\Models\Attempt;
use App\Models\AttemptResult;
use App\Models\ItemOutcomeRow;
use Illuminate\Database\Query\Expression;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Scoring\ItemOutcome;
use Pasada\Core\Scoring\ScoreSheet;

/** Keeps the sheet of a finished attempt as it is, and what class and student views ask of it in projection tables. */
final readonly class ProjectAttempt
{
    public function __construct(private KeptSheets $kept) {}

    public function handle(Attempt $attempt, ScoreSheet $sheet): void
    {
        AttemptResult::query()->updateOrCreate(['attempt_id' => $attempt->id], [
            'standing' => $sheet->verdict->standing,
            'earned' => $sheet->overall->earned,
            'possible' => $sheet->overall->possible,
            'permille' => $sheet->overall->permille(),
            'duration_ms' => $sheet->walk->durationMs,
            'out_of_place' => count($sheet->order->outOfPlace),
            'engine' => ScoreSheet::ENGINE,
            'reason' => $sheet->verdict->reason(),
            // Even where the figures stay: an amendment may move them from one item to another.
            'projected_at' => new Expression('current_timestamp(3)'),
        ]);
        $this->kept->keep($attempt->id, $sheet);
        ItemOutcomeRow::query()->where('attempt_id', $attempt->id)->delete();
        ItemOutcomeRow::query()->insert(array_map(static fn (ItemOutcome $outcome): array => [
            'attempt_id' => $attempt->id,
            'item' => $outcome->item->id,
            'status' => $outcome->status->value,
            'earned' => $outcome->earned,
            'possible' => $outcome->possible,
            'heard' => implode(' ', array_map(
                static fn (Point $point): string => $point->value,
                $outcome->heard->points(),
            )),
        ], array_values($sheet->outcomes)));
    }
}
