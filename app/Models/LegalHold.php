<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Records of a student that nobody deletes, whatever falls due.
 *
 * @property int $id
 * @property int $school_id
 * @property int $student_id
 * @property string $reason
 * @property Carbon $set_at
 * @property Carbon|null $ended_at
 * @property-read Student $student
 */
final class LegalHold extends Model
{
    use OfSchool;

    public $timestamps = false;

    protected $fillable = ['school_id', 'student_id', 'reason', 'set_by', 'set_at', 'ended_at'];

    protected $attributes = ['ended_at' => null];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['set_at' => 'datetime', 'ended_at' => 'datetime'];
    }

    /** @return BelongsTo<Student, $this> */
    public function student(): BelongsTo
    {
        return $this->belongsTo(Student::class);
    }
}
