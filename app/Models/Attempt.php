<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Support\Carbon;

/**
 * @property string $id UUID made by the page
 * @property int $school_id
 * @property int $student_id
 * @property int $scorer_id
 * @property int $checklist_id
 * @property int $vehicle_id
 * @property string|null $form id of a form of the checklist; null where all is asked
 * @property int|null $form_seed what the form was drawn with; null where it was set by hand
 * @property AttemptStatus $status
 * @property Carbon $started_at
 * @property Carbon|null $finished_at
 * @property-read Student $student
 * @property-read User $scorer
 * @property-read StoredChecklist $checklist
 * @property-read StoredVehicle $vehicle
 * @property-read AttemptResult|null $result
 */
final class Attempt extends Model
{
    /** What a card of an attempt shows. */
    public const CARD = ['student', 'vehicle:id,name', 'checklist:id,name', 'scorer:id,name', 'result'];

    public $incrementing = false;

    protected $keyType = 'string';

    protected $fillable = ['id', 'school_id', 'student_id', 'scorer_id', 'checklist_id', 'vehicle_id', 'form', 'form_seed', 'status', 'started_at', 'finished_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['status' => AttemptStatus::class, 'started_at' => 'datetime', 'finished_at' => 'datetime'];
    }

    /** @return BelongsTo<Student, $this> */
    public function student(): BelongsTo
    {
        return $this->belongsTo(Student::class);
    }

    /** @return BelongsTo<User, $this> */
    public function scorer(): BelongsTo
    {
        return $this->belongsTo(User::class, 'scorer_id');
    }

    /** @return BelongsTo<StoredChecklist, $this> */
    public function checklist(): BelongsTo
    {
        return $this->belongsTo(StoredChecklist::class);
    }

    /** @return BelongsTo<StoredVehicle, $this> */
    public function vehicle(): BelongsTo
    {
        return $this->belongsTo(StoredVehicle::class);
    }

    /** @return HasOne<AttemptResult, $this> */
    public function result(): HasOne
    {
        return $this->hasOne(AttemptResult::class);
    }

    /** @return Builder<self> */
    public static function underWay(): Builder
    {
        return self::query()->where('status', AttemptStatus::UnderWay);
    }

    /** @return Builder<self> */
    public static function finished(): Builder
    {
        return self::query()->where('status', AttemptStatus::Finished);
    }
}
