<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * The brake tests of an attempt as they were observed.
 *
 * @property string $attempt_id
 * @property list<array<string, mixed>> $events in the open format, in order
 * @property list<array<string, mixed>> $taken_back what was corrected away
 */
final class BrakeRun extends Model
{
    public $incrementing = false;

    protected $primaryKey = 'attempt_id';

    protected $keyType = 'string';

    protected $fillable = ['attempt_id', 'events', 'taken_back'];

    /** What was kept of an attempt; nothing yet where the bench was not opened. */
    public static function of(Attempt $attempt): self
    {
        return self::query()->find($attempt->id) ?? new self(['attempt_id' => $attempt->id, 'events' => [], 'taken_back' => []]);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['events' => 'array', 'taken_back' => 'array'];
    }
}
