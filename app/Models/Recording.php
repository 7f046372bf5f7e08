<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * The captions of a walk.
 *
 * @property string $attempt_id
 * @property int $user_id
 * @property string $name of the file, or "Pasted text"
 * @property string $content as it came
 * @property list<string> $rejected keys of proposals that were turned down
 */
final class Recording extends Model
{
    public $incrementing = false;

    protected $primaryKey = 'attempt_id';

    protected $keyType = 'string';

    protected $fillable = ['attempt_id', 'user_id', 'name', 'content', 'rejected'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['rejected' => 'array'];
    }
}
