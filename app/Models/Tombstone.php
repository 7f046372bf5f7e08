<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * What is left of records that were deleted when their years were over: how many, of which time, and their digest.
 *
 * @property int $id
 * @property int $school_id
 * @property int $attempts
 * @property int $marks
 * @property Carbon $oldest
 * @property Carbon $newest
 * @property string $digest SHA-256 over the ids and the digests of the sheets, in order of the ids
 * @property Carbon $deleted_at
 */
final class Tombstone extends Model
{
    use OfSchool;

    public $timestamps = false;

    protected $fillable = [
        'school_id', 'attempts', 'marks', 'oldest', 'newest', 'digest', 'deleted_by', 'deleted_at',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['oldest' => 'date', 'newest' => 'date', 'deleted_at' => 'datetime'];
    }
}
