<?php

declare(strict_types=1);

namespace App\Models\Sound;

use App\Models\Attempt;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A stretch of a walk as one device recorded it without a break. The sound itself lies outside the database
 * (App\Sound\SoundStore).
 *
 * @property string $id UUID made by the page
 * @property string $attempt_id
 * @property int $user_id who recorded it
 * @property string $recorder UUID of the page that did
 * @property int $from_ms of the walk's clock
 * @property string $kind media type
 * @property SoundState $state
 * @property int $lasts_ms
 * @property string|null $digest SHA-256 of the whole as it came
 * @property string|null $why what went wrong
 * @property list<float>|null $strip how loud it is from beginning to end, 0 to 1
 * @property list<array{from_ms: int, to_ms: int, text: string}>|null $heard its words, in milliseconds of the walk
 * @property array<string, list<int>>|null $said milliseconds of the walk at which an item was said, by item
 * @property Carbon $received_at
 * @property Carbon|null $deleted_at
 * @property-read Attempt $attempt
 */
final class WalkSound extends Model
{
    public $incrementing = false;

    public $timestamps = false;

    protected $keyType = 'string';

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $fillable = [
        'id', 'attempt_id', 'user_id', 'recorder', 'from_ms', 'kind', 'state', 'lasts_ms', 'digest', 'why', 'strip',
        'heard', 'said', 'received_at', 'deleted_at',
    ];

    protected $attributes = [
        'lasts_ms' => 0, 'digest' => null, 'why' => null, 'strip' => null, 'heard' => null, 'said' => null,
        'deleted_at' => null,
    ];

    /** @return BelongsTo<Attempt, $this> */
    public function attempt(): BelongsTo
    {
        return $this->belongsTo(Attempt::class);
    }

    /** Where its pieces lie. */
    public function folder(): string
    {
        return "sounds/$this->attempt_id/$this->id";
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'state' => SoundState::class, 'strip' => 'array', 'heard' => 'array', 'said' => 'array',
            'received_at' => 'datetime', 'deleted_at' => 'datetime',
        ];
    }
}
