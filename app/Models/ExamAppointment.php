<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A real exam that is ahead: when and where, who examines, on what.
 *
 * @property string $id UUID made by the page
 * @property int $school_id
 * @property int $student_id
 * @property Carbon $held_on
 * @property string|null $begins by the clock of the school, as 08:30
 * @property string|null $place
 * @property string|null $examiner
 * @property string|null $vehicle id that its documents give it
 * @property string|null $form
 * @property Carbon|null $cancelled_at
 * @property-read Student $student
 */
final class ExamAppointment extends Model
{
    use OfSchool;

    public $incrementing = false;

    public $timestamps = false;

    protected $keyType = 'string';

    protected $fillable = [
        'id', 'school_id', 'student_id', 'held_on', 'begins', 'place', 'examiner', 'vehicle', 'form', 'noted_by',
        'cancelled_at',
    ];

    /** @return BelongsTo<Student, $this> */
    public function student(): BelongsTo
    {
        return $this->belongsTo(Student::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['held_on' => 'date', 'cancelled_at' => 'datetime'];
    }
}
