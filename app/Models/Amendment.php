<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A change to a closed record, with its reason.
 *
 * @property string $id UUID made by the page
 * @property string $attempt_id
 * @property int $user_id
 * @property string $reason
 * @property Carbon $made_at
 * @property int $position from 1, in the order in which they were made
 * @property string $digest of what was sent
 * @property string|null $by_name who made it, where it came with a record from a file
 * @property-read User $user
 */
final class Amendment extends Model
{
    public $incrementing = false;

    public $timestamps = false;

    protected $keyType = 'string';

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $fillable = ['id', 'attempt_id', 'user_id', 'reason', 'made_at', 'position', 'digest', 'by_name'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['made_at' => 'datetime'];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
