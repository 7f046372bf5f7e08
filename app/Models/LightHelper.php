<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A helper outside who answers for the lights of one walk. No name is known, and none is needed.
 *
 * @property string $id by which the marks of the helper's answers are told apart
 * @property string $attempt_id
 * @property int $invited_by
 * @property string $code_digest
 * @property Carbon $code_until
 * @property Carbon|null $used_at
 * @property string|null $token_digest of what the helper's page holds from then on
 * @property Carbon|null $until
 * @property-read Attempt $attempt
 */
final class LightHelper extends Model
{
    public $incrementing = false;

    public $timestamps = false;

    protected $keyType = 'string';

    protected $fillable = [
        'id', 'attempt_id', 'invited_by', 'code_digest', 'code_until', 'used_at', 'token_digest', 'until',
    ];

    protected $attributes = ['used_at' => null, 'token_digest' => null, 'until' => null];

    /** @return BelongsTo<Attempt, $this> */
    public function attempt(): BelongsTo
    {
        return $this->belongsTo(Attempt::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['code_until' => 'datetime', 'used_at' => 'datetime', 'until' => 'datetime'];
    }
}
