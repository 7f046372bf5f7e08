<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * Students who are taught together.
 *
 * @property int $id
 * @property int $school_id
 * @property string $name
 * @property Carbon|null $begins_on
 * @property Carbon|null $ends_on
 * @property Carbon|null $archived_at
 * @property-read Collection<int, User> $instructors
 * @property-read int $students_count only where counted
 */
final class SchoolClass extends Model
{
    use OfSchool;

    public $timestamps = false;

    protected $table = 'classes';

    protected $fillable = ['school_id', 'name', 'begins_on', 'ends_on', 'archived_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['begins_on' => 'date', 'ends_on' => 'date', 'archived_at' => 'datetime'];
    }

    /** @return Builder<self> with what a list of classes shows of each */
    public static function cards(int $schoolId): Builder
    {
        return self::ofSchool($schoolId)->with('instructors:id')
            ->withCount(['students' => static fn (Builder $query) => $query->whereNull('archived_at')]);
    }

    /** @return BelongsToMany<User, $this> */
    public function instructors(): BelongsToMany
    {
        return $this->belongsToMany(User::class, 'class_instructors', 'class_id', 'user_id');
    }

    /** @return HasMany<Student, $this> */
    public function students(): HasMany
    {
        return $this->hasMany(Student::class, 'class_id');
    }
}
