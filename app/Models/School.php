<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property string $name
 * @property string $state
 * @property string $time_zone in which its days begin and end
 * @property string $opened_on no record is older
 * @property int $yard_revision counts the changes of its planned weeks
 * @property list<string> $two_factor_roles roles of which a second factor is asked
 * @property int $kept_years for which records are kept
 * @property Carbon|null $started_at when the guided start was put away
 * @property bool $is_demo made-up data, whose passwords everybody knows
 * @property bool $keeps_sound walks may be recorded, of who agrees
 * @property list<string>|null $note_phrases null until the school keeps its own
 */
final class School extends Model
{
    public $timestamps = false;

    protected $table = 'schools';

    protected $fillable = [
        'name', 'state', 'note_phrases', 'time_zone', 'opened_on', 'is_demo', 'yard_revision',
        'two_factor_roles', 'started_at', 'kept_years', 'keeps_sound',
    ];

    protected $attributes = ['time_zone' => 'America/New_York', 'opened_on' => '1990-01-01', 'is_demo' => false,
        'yard_revision' => 0, 'two_factor_roles' => '[]', 'started_at' => null,
        'kept_years' => 3, 'keeps_sound' => false,
    ];

    /** Clocks of devices and servers differ a little. */
    private const SLACK_MINUTES = 5;

    /** What a school starts with; its own take their place. */
    private const USUAL_PHRASES = [
        'Did not point at it', 'Said from where it cannot be seen', 'Very quiet', 'Needed a second start',
        'Asked for help', 'Unsafe: told to stop',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'note_phrases' => 'array', 'is_demo' => 'boolean', 'keeps_sound' => 'boolean',
            'two_factor_roles' => 'array',
            'started_at' => 'datetime',
        ];
    }

    /** The day that it is at the school, at midnight there. */
    public function today(Carbon $now): Carbon
    {
        return $now->copy()->setTimezone($this->time_zone)->startOfDay();
    }

    /** When a day begins at the school, or one that comes after it. */
    public function midnight(string $day, int $after = 0): Carbon
    {
        return Carbon::parse($day, $this->time_zone)->addDays($after)->utc();
    }

    /** @return string the day that it was at the school, as year-month-day */
    public function dayOf(Carbon $at): string
    {
        return $at->copy()->setTimezone($this->time_zone)->toDateString();
    }

    /** Whether a time lies in the life of the school, and not ahead. */
    public function hasLived(Carbon $at, Carbon $now): bool
    {
        return $at->gte($this->midnight($this->opened_on)) && $at->lte($now->copy()->addMinutes(self::SLACK_MINUTES));
    }

    /** @return list<string> */
    public function phrases(): array
    {
        return $this->note_phrases ?? self::USUAL_PHRASES;
    }
}
