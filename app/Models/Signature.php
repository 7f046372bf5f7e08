<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property string $attempt_id
 * @property Party $party
 * @property string $name
 * @property list<list<int>> $strokes x and y by turns, in thousandths of the pad
 * @property Carbon $signed_at
 * @property SignedBy $means
 * @property string|null $uuid made by the page
 * @property int|null $user_id in whose session it was entered
 * @property string|null $digest of the record as it was signed; null for one from before records had a digest
 * @property-read User|null $enteredBy
 */
final class Signature extends Model
{
    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $fillable = ['attempt_id', 'party', 'name', 'strokes', 'signed_at', 'uuid', 'user_id', 'digest', 'means'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'party' => Party::class, 'strokes' => 'array', 'signed_at' => 'datetime', 'means' => SignedBy::class,
        ];
    }

    /** @return BelongsTo<User, $this> */
    public function enteredBy(): BelongsTo
    {
        return $this->belongsTo(User::class, 'user_id');
    }
}
