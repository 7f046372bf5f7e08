<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Captions of a walk. Never changed: others that are added later stand before them.
 *
 * @property string $id UUID made by the page
 * @property string $attempt_id
 * @property int $position
 * @property int $user_id
 * @property string $name of the file, or "Pasted text"
 * @property string $content as it came
 * @property string|null $heard what was heard in it, as JSON; kept, since listening takes longer than looking
 * @property string|null $heard_by which listener heard it; another one listens anew
 * @property Carbon $received_at
 */
final class Recording extends Model
{
    public $incrementing = false;

    public $timestamps = false;

    protected $keyType = 'string';

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $fillable = [
        'id', 'attempt_id', 'position', 'user_id', 'name', 'content', 'heard', 'heard_by', 'received_at',
    ];

    /** The captions that were added last; null where none were. */
    public static function of(Attempt $attempt): ?self
    {
        return self::query()->where('attempt_id', $attempt->id)->get()->sortByDesc('position')->first();
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['received_at' => 'datetime'];
    }
}
