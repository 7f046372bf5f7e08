<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * A checklist or vehicle being changed, before it is in force. One that is discarded is kept and can be brought back.
 *
 * @property string $id
 * @property int $school_id
 * @property int $user_id
 * @property DocumentKind $kind
 * @property string $slug
 * @property int|null $checklist_id the version that a draft of a checklist was made from
 * @property int|null $vehicle_id the version that a draft of a vehicle was made from
 * @property int $step the step that is shown; later ones are what was undone
 * @property Carbon $updated_at
 */
final class Draft extends Model
{
    use OfSchool;
    use SoftDeletes;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $fillable = ['id', 'school_id', 'user_id', 'kind', 'slug', 'checklist_id', 'vehicle_id', 'step'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => DocumentKind::class];
    }

    /**
     * Held until the transaction ends, so that one change comes after the other.
     *
     * @throws ModelNotFoundException if it was put in force or deleted meanwhile
     */
    public static function hold(string $id): self
    {
        $query = self::query()->whereKey($id);
        $query->lockForUpdate();

        return $query->firstOrFail();
    }

    /** The version it was made from; null for one that came from a file. */
    public function base(): ?StoredDocument
    {
        $id = $this->checklist_id ?? $this->vehicle_id;

        return $id === null ? null : $this->kind->model()::query()->find($id);
    }
}
