<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Pasada\Core\Brakes\Judging\Standing;
use Pasada\Core\Scoring\ScoreSheet;

/**
 * Projection of a finished attempt, rebuilt from its marks by `pasada:project` where today's scoring made it.
 *
 * @property string $attempt_id
 * @property Standing $standing
 * @property int $earned
 * @property int $possible
 * @property int $permille
 * @property int $duration_ms
 * @property int $out_of_place
 * @property string|null $reason the first rule of the pass mark that was not met, in words; null where all were
 * @property int $engine which version of the scoring said so
 */
final class AttemptResult extends Model
{
    public $incrementing = false;

    public $timestamps = false;

    protected $primaryKey = 'attempt_id';

    protected $keyType = 'string';

    protected $fillable = [
        'attempt_id', 'standing', 'earned', 'possible', 'permille', 'duration_ms', 'out_of_place', 'engine', 'reason',
        'projected_at',
    ];

    /** Whether it was scored by an earlier version of the scoring than today's; it keeps what that said. */
    public function isOfEarlierEngine(): bool
    {
        return $this->engine < ScoreSheet::ENGINE;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['standing' => Standing::class];
    }
}
