<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * What came of a real exam. Never changed: a wrong one is withdrawn, and stays readable.
 *
 * @property string $id UUID made by the page
 * @property int $school_id
 * @property int $student_id
 * @property Carbon $held_on
 * @property bool $passed
 * @property string|null $form
 * @property list<string>|null $missed ids of items, where the examiner told
 * @property float|null $untold what the model had for the day, before it was put right by what came of others
 * @property float|null $chance what had been foretold for the day from what was known before it, 0 to 1
 * @property float|null $low
 * @property float|null $high
 * @property int $recorded_by
 * @property Carbon $recorded_at
 * @property Carbon|null $withdrawn_at
 */
final class ExamResult extends Model
{
    use OfSchool;

    public $incrementing = false;

    public $timestamps = false;

    protected $keyType = 'string';

    protected $fillable = [
        'id', 'school_id', 'student_id', 'held_on', 'passed', 'form', 'missed', 'untold', 'chance', 'low', 'high',
        'recorded_by',
        'recorded_at', 'withdrawn_at', 'withdrawn_by',
    ];

    /** @return Builder<self> those that stand */
    public static function standing(int $schoolId): Builder
    {
        return self::ofSchool($schoolId)->where(static fn (Builder $query) => $query->whereNull('withdrawn_at'));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'held_on' => 'date', 'passed' => 'boolean', 'missed' => 'array', 'recorded_at' => 'datetime',
            'withdrawn_at' => 'datetime', 'untold' => 'float', 'chance' => 'float', 'low' => 'float', 'high' => 'float',
        ];
    }
}
