<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property string $attempt_id
 * @property Party $party
 * @property string $name
 * @property list<list<int>> $strokes x and y by turns, in thousandths of the pad
 * @property Carbon $signed_at
 */
final class Signature extends Model
{
    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $fillable = ['attempt_id', 'party', 'name', 'strokes', 'signed_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['party' => Party::class, 'strokes' => 'array', 'signed_at' => 'datetime'];
    }
}
