<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A part that was recited between two walks; it counts on no sheet.
 *
 * @property string $id UUID made by the page
 * @property int $student_id
 * @property string $item
 * @property string $words
 * @property int $earned thousandths of what the item is worth
 * @property Carbon $recited_at
 */
final class Recital extends Model
{
    public $incrementing = false;

    public $timestamps = false;

    protected $keyType = 'string';

    protected $fillable = ['id', 'student_id', 'item', 'words', 'earned', 'recited_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['recited_at' => 'datetime'];
    }
}
