<?php

declare(strict_types=1);

namespace App\Models\Paper;

use App\Models\OfSchool;
use App\Models\SchoolClass;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * The papers of a whole class in one file, which take longer than anybody waits at a page.
 *
 * @property string $id UUID made by the page
 * @property int $school_id
 * @property int $class_id
 * @property int $asked_by
 * @property PaperSize $size
 * @property int $done students whose record is printed
 * @property int $all students
 * @property Carbon $asked_at
 * @property Carbon|null $ready_at
 * @property Carbon|null $failed_at
 * @property-read SchoolClass $schoolClass
 */
final class PaperBundle extends Model
{
    use OfSchool;

    /** Names and results lie in the file: it goes again after a day. */
    public const KEPT_HOURS = 24;

    /** Where it says nothing more for so long, whatever printed it has died. */
    private const DEAD_AFTER_MINUTES = 15;

    public $incrementing = false;

    public $timestamps = false;

    protected $keyType = 'string';

    protected $fillable = [
        'id', 'school_id', 'class_id', 'asked_by', 'size', 'done', 'all', 'asked_at', 'ready_at', 'failed_at',
    ];

    protected $attributes = ['done' => 0, 'ready_at' => null, 'failed_at' => null];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'size' => PaperSize::class, 'asked_at' => 'datetime', 'ready_at' => 'datetime', 'failed_at' => 'datetime',
        ];
    }

    /** @return BelongsTo<SchoolClass, $this> */
    public function schoolClass(): BelongsTo
    {
        return $this->belongsTo(SchoolClass::class, 'class_id');
    }

    public function hasFailed(Carbon $now): bool
    {
        return $this->failed_at !== null || ($this->ready_at === null
            && $this->asked_at->copy()->addMinutes(self::DEAD_AFTER_MINUTES)->isBefore($now));
    }

    /** Of the application's disk. */
    public function path(): string
    {
        return "papers/$this->id.zip";
    }
}
