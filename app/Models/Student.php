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
 * @property int|null $class_id
 * @property string|null $uuid made by the page that added the student; null for one who came otherwise
 * @property string|null $number by which the school knows the student
 * @property Carbon|null $archived_at since when the student is in no list
 * @property int|null $merged_into the record that this one was found to be the same as
 * @property Carbon|null $sound_agreed_at since when the walks may be recorded
 * @property int|null $sound_agreed_by who kept the answer
 * @property-read User|null $soundAgreedBy
 * @property-read School $school
 * @property-read User|null $account
 * @property-read SchoolClass|null $schoolClass
 * @property Carbon|null $exam_on
 * @property-read string|null $last_finished_id only where read by cards()
 * @property-read Attempt|null $lastFinished likewise
 * @property-read int $finished_count only where read by cards()
 */
final class Student extends Model
{
    use OfSchool;

    protected $fillable = [
        'school_id', 'user_id', 'name', 'class_id', 'exam_on', 'number', 'uuid', 'archived_at',
        'merged_into', 'sound_agreed_at', 'sound_agreed_by',
    ];

    protected $attributes = [
        'class_id' => null, 'number' => null, 'uuid' => null, 'archived_at' => null, 'merged_into' => null,
        'sound_agreed_at' => null, 'sound_agreed_by' => null,
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['exam_on' => 'date', 'archived_at' => 'datetime', 'sound_agreed_at' => 'datetime'];
    }

    /** @return BelongsTo<Attempt, $this> the finished attempt that was started last; only where read by cards() */
    public function lastFinished(): BelongsTo
    {
        return $this->belongsTo(Attempt::class, 'last_finished_id');
    }

    /**
     * @param  bool  $all  those who have left, too
     * @return Builder<self> the students of the reader's school, with what their cards show to the reader
     */
    public static function cards(User $reader, bool $all = false): Builder
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
        $cards = ($all ? self::ofSchool($reader->school_id) : self::present($reader->school_id))
            ->withCount(['attempts as finished_count' => $counted])
            ->with(['lastFinished.result', 'schoolClass:id,name']);
        $cards->addSelect(['last_finished_id' => $last]);

        return $cards;
    }

    /** Whether the walks may be recorded: by the school's rule and the student's consent. */
    public function keepsSound(): bool
    {
        return $this->school->keeps_sound && $this->sound_agreed_at !== null;
    }

    /** @return BelongsTo<School, $this> */
    public function school(): BelongsTo
    {
        return $this->belongsTo(School::class);
    }

    /** @return BelongsTo<User, $this> by which the student signs in, if at all */
    public function account(): BelongsTo
    {
        return $this->belongsTo(User::class, 'user_id');
    }

    /** @return BelongsTo<User, $this> */
    public function soundAgreedBy(): BelongsTo
    {
        return $this->belongsTo(User::class, 'sound_agreed_by');
    }

    /** @return BelongsTo<SchoolClass, $this> */
    public function schoolClass(): BelongsTo
    {
        return $this->belongsTo(SchoolClass::class, 'class_id');
    }

    public function className(): string
    {
        return $this->schoolClass->name ?? '';
    }

    /** @return Builder<self> those who are taught: in no list is who has left */
    public static function present(int $schoolId): Builder
    {
        return self::ofSchool($schoolId)->where('students.archived_at', null);
    }

    /** @return HasMany<Attempt, $this> */
    public function attempts(): HasMany
    {
        return $this->hasMany(Attempt::class);
    }
}
