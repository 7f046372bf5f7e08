<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/** Projection: what became of one item in a finished attempt. Written and read in bulk, so only as a table. */
final class ItemOutcomeRow extends Model
{
    public $incrementing = false;

    public $timestamps = false;

    protected $table = 'item_outcomes';
}
