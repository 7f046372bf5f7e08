<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/** A mark as it lies in its table; read and written in bulk through App\Library\MarkStore. */
final class StoredMark extends Model
{
    public $incrementing = false;

    public $timestamps = false;

    protected $table = 'marks';
}
