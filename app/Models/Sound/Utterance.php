<?php

declare(strict_types=1);

namespace App\Models\Sound;

use App\Models\Attempt;
use App\Models\Rehearsal;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * What was said between two pauses, heard while the walk goes on. Its sound goes as soon as it is heard.
 *
 * @phpstan-type HeardWords array{
 *   from_ms: int, text: string, alternatives: list<array{text: string, weight: float}>, ...
 * }
 *
 * @property string $id UUID made by the page
 * @property string|null $attempt_id of the walk that it was said in; null in a rehearsal
 * @property string|null $rehearsal_id likewise
 * @property int $user_id
 * @property string $recorder
 * @property int $from_ms of the walk's clock
 * @property SoundState $state
 * @property string $digest SHA-256 of its sound
 * @property list<HeardWords>|null $heard its words, and how they may be read
 * @property Carbon $received_at
 * @property Carbon|null $heard_at
 * @property-read Attempt|null $attempt
 * @property-read Rehearsal|null $rehearsal
 */
final class Utterance extends Model
{
    public $incrementing = false;

    public $timestamps = false;

    protected $keyType = 'string';

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $fillable = [
        'id', 'attempt_id', 'rehearsal_id', 'user_id', 'recorder', 'from_ms', 'state', 'digest', 'heard',
        'received_at', 'heard_at',
    ];

    protected $attributes = ['attempt_id' => null, 'rehearsal_id' => null, 'heard' => null, 'heard_at' => null];

    /** @return BelongsTo<Attempt, $this> */
    public function attempt(): BelongsTo
    {
        return $this->belongsTo(Attempt::class);
    }

    /** @return BelongsTo<Rehearsal, $this> */
    public function rehearsal(): BelongsTo
    {
        return $this->belongsTo(Rehearsal::class);
    }

    /**
     * @param  array<string, string>  $of  column and value: of a walk and its recorder, or of a rehearsal
     * @return Collection<int, self> those that began later, in the order of saying
     */
    public static function said(array $of, int $afterMs): Collection
    {
        return self::query()->where($of)->where('from_ms', '>', $afterMs)->get()->sortBy('from_ms')->values();
    }

    public function file(): string
    {
        return sprintf('sounds/%s/utterances/%s', $this->attempt_id ?? $this->rehearsal_id, $this->id);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'state' => SoundState::class, 'heard' => 'array', 'received_at' => 'datetime', 'heard_at' => 'datetime',
        ];
    }
}
