<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Query\Builder;
use Pasada\Core\Scoring\ItemStatus;

/** Projection: what became of one item in a finished attempt. Written and read in bulk, so only as a table. */
final class ItemOutcomeRow extends Model
{
    public $incrementing = false;

    public $timestamps = false;

    protected $table = 'item_outcomes';

    /**
     * How often each item was asked and missed: rows of item, asked, missed.
     *
     * @param  Builder|array<mixed>  $attempts  ids, or a query for them
     * @param  int  $least  items missed less often are left out
     */
    public static function misses(Builder|array $attempts, int $least = 0): Builder
    {
        $lessons = array_map(static fn (ItemStatus $status): string => $status->value, ItemStatus::lessons());
        $missed = 'cast(sum(status in ('.implode(', ', array_fill(0, count($lessons), '?')).')) as signed)';

        return self::query()->toBase()
            ->whereIn('attempt_id', $attempts)
            ->where('status', '<>', ItemStatus::NotFitted->value)
            ->groupBy('item')
            ->selectRaw('item, count(*) as asked, '.$missed.' as missed', $lessons)
            ->havingRaw($missed.' >= ?', [...$lessons, $least]);
    }
}
