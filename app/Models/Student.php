<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Pasada\Core\Checklist\Form;

/**
 * @property int $id
 * @property int $school_id
 * @property int|null $user_id
 * @property string $name
 * @property string $class_name
 * @property Carbon|null $exam_on
 * @property-read string|null $last_finished_id only where read by cards()
 * @property-read Attempt|null $lastFinished likewise
 * @property-read int $finished_count only where read by cards()
 */
final class Student extends Model
{
    use OfSchool;

    protected $fillable = ['school_id', 'user_id', 'name', 'class_name', 'exam_on'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['exam_on' => 'date'];
    }

    /** @return BelongsTo<Attempt, $this> the finished attempt that was started last; only where read by cards() */
    public function lastFinished(): BelongsTo
    {
        return $this->belongsTo(Attempt::class, 'last_finished_id');
    }

    /** @return Builder<self> the students of the reader's school, with what their cards show to the reader */
    public static function cards(User $reader): Builder
    {
        $counted = static function (Builder $query) use ($reader): void {
            /** @var Builder<Attempt> $query */
            $query->where('attempts.status', AttemptStatus::Finished);
            // Practice of chosen sections tells nothing of the whole.
            $query->where(static fn (Builder $whole) => $whole
                ->whereNull('attempts.form')
                ->orWhere('attempts.form', 'not like', Form::CHOSEN.'%'));
            Attempt::onceAWalk($query);
            Attempt::blindTo($query, $reader);
        };

        $last = Attempt::query();
        $last->whereColumn('attempts.student_id', 'students.id');
        $counted($last);
        $last->select('attempts.id')->orderByDesc('attempts.started_at')->orderByDesc('attempts.id')->limit(1);
        $cards = self::ofSchool($reader->school_id)
            ->withCount(['attempts as finished_count' => $counted])
            ->with('lastFinished.result');
        $cards->addSelect(['last_finished_id' => $last]);

        return $cards;
    }

    /** @return HasMany<Attempt, $this> */
    public function attempts(): HasMany
    {
        return $this->hasMany(Attempt::class);
    }
}
