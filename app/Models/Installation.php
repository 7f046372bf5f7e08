<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * What this Pasada holds: made-up data, or a school. Once it is one it never becomes the other.
 *
 * @property int $id always 1
 * @property string $kind
 * @property string|null $code_digest of the code by which the first school is set up; null once it is
 * @property Carbon|null $code_until
 */
final class Installation extends Model
{
    public const DEMO = 'demo';

    public const SCHOOL = 'school';

    public $incrementing = false;

    public $timestamps = false;

    protected $table = 'installation';

    protected $fillable = ['id', 'kind', 'code_digest', 'code_until'];

    public static function here(): ?self
    {
        return self::query()->find(1);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['code_until' => 'datetime'];
    }
}
