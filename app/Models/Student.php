<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property int $school_id
 * @property int|null $user_id
 * @property string $name
 * @property string $class_name
 * @property Carbon|null $exam_on
 * @property-read Attempt|null $lastFinished
 * @property-read int $finished_count only where read by cards()
 */
final class Student extends Model
{
    protected $fillable = ['school_id', 'user_id', 'name', 'class_name', 'exam_on'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['exam_on' => 'date'];
    }

    /** @return HasOne<Attempt, $this> the finished attempt that was started last */
    public function lastFinished(): HasOne
    {
        return $this->hasOne(Attempt::class)->ofMany(['started_at' => 'max', 'id' => 'max'], static function (Builder $query): void {
            $query->where('status', AttemptStatus::Finished);
        });
    }

    /** @return Builder<self> students with what their cards show */
    public static function cards(): Builder
    {
        return self::query()->with(['lastFinished.result'])->withCount(['attempts as finished_count' => static function (Builder $query): void {
            $query->where('status', AttemptStatus::Finished);
        }]);
    }

    /** @return HasMany<Attempt, $this> */
    public function attempts(): HasMany
    {
        return $this->hasMany(Attempt::class);
    }
}
