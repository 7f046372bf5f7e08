<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Projection: how items went in the walks of one day. Written and read by App\Progress\SchoolTallies alone.
 *
 * @property string $day of the walks' beginning, in UTC, as year-month-day
 * @property string $stamp of what was counted; another one means that it is to be counted anew
 * @property string $tallies JSON of the core's Tallies
 */
final class DayTally extends Model
{
    use OfSchool;

    public $incrementing = false;

    public $timestamps = false;
}
