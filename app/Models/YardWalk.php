<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A walk that is planned.
 *
 * @property int $id
 * @property int $school_id
 * @property string $slot when it begins, by the clock of the school: 2026-12-01T08:00
 * @property int $minutes
 * @property int $student_id
 * @property int $vehicle_id
 * @property int $instructor_id
 * @property bool $is_fixed set by hand: a proposal plans around it
 * @property string $why
 * @property-read Student $student
 * @property-read StoredVehicle $vehicle
 * @property-read User $instructor
 */
final class YardWalk extends Model
{
    use OfSchool;

    public $timestamps = false;

    protected $fillable = [
        'school_id', 'slot', 'minutes', 'student_id', 'vehicle_id', 'instructor_id', 'is_fixed', 'why', 'planned_by',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['is_fixed' => 'boolean'];
    }

    /** @return BelongsTo<Student, $this> */
    public function student(): BelongsTo
    {
        return $this->belongsTo(Student::class);
    }

    /** @return BelongsTo<StoredVehicle, $this> */
    public function vehicle(): BelongsTo
    {
        return $this->belongsTo(StoredVehicle::class);
    }

    /** @return BelongsTo<User, $this> */
    public function instructor(): BelongsTo
    {
        return $this->belongsTo(User::class, 'instructor_id');
    }
}
