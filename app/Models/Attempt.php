<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Database\Query\Builder as QueryBuilder;
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
 * @property AttemptMode $mode
 * @property bool $live whether others may see it while it is under way
 * @property string|null $walk_of the attempt of another scorer at the same walk
 * @property AttemptStatus $status
 * @property Carbon $started_at
 * @property Carbon|null $finished_at
 * @property Carbon|null $discarded_at
 * @property string|null $discard_reason
 * @property Carbon|null $voided_at
 * @property string|null $void_reason why a finished walk counts nowhere
 * @property bool $on_paper scored on a paper checklist, and entered afterwards
 * @property string|null $place name of the place where the student was when the last mark came
 * @property string|null $source_id id in the file that it was taken in from; null for a walk recorded here
 * @property Carbon|null $imported_at
 * @property int|null $imported_by
 * @property array{student: string, scorer: string, school: string}|null $source who is named in that file
 * @property-read User|null $importer
 * @property-read School $school
 * @property-read Student $student
 * @property-read User $scorer
 * @property-read StoredChecklist $checklist
 * @property-read StoredVehicle $vehicle
 * @property-read AttemptResult|null $result
 * @property-read self|null $walkedFirst the attempt that this one scores alongside
 */
final class Attempt extends Model
{
    use OfSchool;

    /** What a card of an attempt shows. */
    public const CARD = ['student', 'vehicle:id,name,slug', 'checklist:id,name', 'scorer:id,name', 'result'];

    /** The column by which a student's record is ordered, the newest first. */
    public const RECORD_ORDER = 'attempts.started_at';

    public $incrementing = false;

    protected $keyType = 'string';

    protected $table = 'attempts';

    protected $fillable = [
        'id', 'school_id', 'student_id', 'scorer_id', 'checklist_id', 'vehicle_id', 'form', 'form_seed', 'mode', 'live',
        'walk_of', 'status', 'started_at', 'finished_at', 'discarded_at', 'discard_reason', 'place',
        'source_id', 'imported_at', 'imported_by', 'source', 'on_paper', 'voided_at', 'voided_by', 'void_reason',
    ];

    protected $attributes = ['on_paper' => false];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'mode' => AttemptMode::class,
            'live' => 'boolean',
            'on_paper' => 'boolean',
            'status' => AttemptStatus::class,
            'started_at' => 'datetime',
            'finished_at' => 'datetime',
            'discarded_at' => 'datetime',
            'imported_at' => 'datetime',
            'voided_at' => 'datetime',
            'source' => 'array',
        ];
    }

    /** Whether its sound may be taken in: the school keeps sound, and the student agrees. */
    public function keepsSound(): bool
    {
        return $this->student->keepsSound();
    }

    /** @return BelongsTo<Student, $this> */
    public function student(): BelongsTo
    {
        return $this->belongsTo(Student::class);
    }

    /** @return BelongsTo<School, $this> */
    public function school(): BelongsTo
    {
        return $this->belongsTo(School::class);
    }

    /** @return BelongsTo<User, $this> */
    public function scorer(): BelongsTo
    {
        return $this->belongsTo(User::class, 'scorer_id');
    }

    /** @return BelongsTo<self, $this> */
    public function walkedFirst(): BelongsTo
    {
        return $this->belongsTo(self::class, 'walk_of');
    }

    /** @return BelongsTo<User, $this> */
    public function importer(): BelongsTo
    {
        return $this->belongsTo(User::class, 'imported_by');
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

    /** @return HasMany<Signature, $this> */
    public function signatures(): HasMany
    {
        return $this->hasMany(Signature::class);
    }

    /** @return HasMany<Amendment, $this> */
    public function amendments(): HasMany
    {
        return $this->hasMany(Amendment::class);
    }

    /** @return Builder<self> attempts of other scorers at the same walk */
    public function walkMates(): Builder
    {
        $walk = $this->walk_of ?? $this->id;

        return self::query()
            ->whereKeyNot($this->id)
            ->where(static fn (Builder $query) => $query->whereKey($walk)->orWhere('walk_of', $walk));
    }

    /** @return Builder<self> */
    public static function underWay(int $schoolId): Builder
    {
        return self::ofSchool($schoolId)->where('status', AttemptStatus::UnderWay);
    }

    /** @return Builder<self> */
    public static function finished(int $schoolId): Builder
    {
        return self::ofSchool($schoolId)->where('status', AttemptStatus::Finished);
    }

    /**
     * A walk that two have scored counts once in every history: as whoever started it has scored it, and else as the
     * first who scored alongside.
     *
     * @param  Builder<self>  $attempts  finished ones
     */
    public static function onceAWalk(Builder $attempts): void
    {
        $attempts->where(
            static fn (Builder $query) => $query
                ->whereNull('attempts.walk_of')
                ->orWhereNotExists(
                    static fn (QueryBuilder $mate) => $mate
                        ->selectRaw('1')
                        ->from('attempts as mates')
                        ->where('mates.status', AttemptStatus::Finished)
                        ->where(
                            static fn (QueryBuilder $same) => $same
                                ->whereColumn('mates.id', 'attempts.walk_of')
                                ->orWhere(
                                    static fn (QueryBuilder $also) => $also
                                        ->whereColumn('mates.walk_of', 'attempts.walk_of')
                                        ->whereColumn('mates.id', '<', 'attempts.id'),
                                ),
                        ),
                ),
        );
    }

    /** @return Builder<self> a student's attempts as the reader may see them: finished ones once a walk */
    public static function ofRecord(Student $student, User $reader): Builder
    {
        return self::ofSchool($student->school_id)
            ->where('attempts.student_id', $student->id)
            ->where(static fn (Builder $once) => $once
                ->where('attempts.status', '<>', AttemptStatus::Finished)
                ->orWhere(self::onceAWalk(...)))
            ->tap(static fn (Builder $query) => self::blindTo($query, $reader));
    }

    /**
     * Left out is what another has made of a walk that the reader is scoring: until both are finished neither may be
     * swayed.
     *
     * @param  Builder<self>  $attempts
     */
    public static function blindTo(Builder $attempts, User $reader): void
    {
        $walks = self::scoredBy($reader);
        if ($walks !== []) {
            $attempts->whereNot(static fn (Builder $hidden) => $hidden
                ->tap(static fn (Builder $query) => self::ofWalks($query, $walks))
                ->where(static fn (Builder $others) => $others
                    ->where('attempts.scorer_id', '<>', $reader->id)
                    ->orWhere('attempts.status', '<>', AttemptStatus::UnderWay)));
        }
    }

    /** @return Builder<self> the finished ones that blindTo() leaves out, once a walk */
    public static function hiddenFrom(User $reader): Builder
    {
        return self::finished($reader->school_id)->tap(self::onceAWalk(...))
            ->tap(static fn (Builder $query) => self::ofWalks($query, self::scoredBy($reader)));
    }

    /** @return list<string> the walks that they are scoring: asked first, since mostly there is none or one */
    private static function scoredBy(User $scorer): array
    {
        return array_values(self::underWay($scorer->school_id)->where('scorer_id', $scorer->id)->get(['id', 'walk_of'])
            ->map(static fn (self $mine): string => $mine->walk_of ?? $mine->id)->all());
    }

    /**
     * @param  Builder<self>  $attempts
     * @param  list<string>  $walks  by the attempt that began them
     */
    private static function ofWalks(Builder $attempts, array $walks): void
    {
        // Never unknown, which its opposite would be, too.
        $attempts->where(static fn (Builder $same) => $same
            ->whereIn('attempts.id', $walks)
            ->orWhereIn('attempts.walk_of', $walks)
            ->whereNotNull('attempts.walk_of'));
    }
}
