<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Lets somebody set a password, once. What is in the link is kept as a digest only.
 *
 * @property int $id
 * @property int $user_id
 * @property string $token_digest
 * @property Carbon $until
 * @property Carbon|null $used_at
 * @property-read User $user
 */
final class AccessLink extends Model
{
    public $timestamps = false;

    protected $fillable = ['user_id', 'token_digest', 'until', 'used_at', 'made_by', 'made_at'];

    public static function digest(string $token): string
    {
        return hash('sha256', $token);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['until' => 'datetime', 'used_at' => 'datetime', 'made_at' => 'datetime'];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
