<?php

declare(strict_types=1);

namespace App\Progress;

use App\Models\ItemOutcomeRow;
use Pasada\Core\Scoring\ItemStatus;
use stdClass;

/** How each item of finished walks went, as it is kept. */
final readonly class WalkOutcomes
{
    /** Walks whose outcomes are read at once: each has some hundred, and a school's are millions. */
    public const AT_ONCE = 300;

    /**
     * @param  list<string>  $ids  of attempts; of many, whoever asks takes AT_ONCE after the other, for memory
     * @return array<string, array<string, array{ItemStatus, int, int}>> status, earned and possible worth, by attempt
     *                                                                   and item
     */
    public static function of(array $ids): array
    {
        $rows = ItemOutcomeRow::query()->toBase()->whereIn('attempt_id', $ids)
            ->get(['attempt_id', 'item', 'status', 'earned', 'possible']);
        $outcomes = [];
        foreach ($rows as $row) {
            /**
             * @var stdClass&object{attempt_id: string, item: string, status: string, earned: int, possible: int} $row
             */
            $outcomes[$row->attempt_id][$row->item] = [ItemStatus::from($row->status), $row->earned, $row->possible];
        }

        return $outcomes;
    }
}
