<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One version of a checklist or vehicle, as the text of its document; the document of a row is never changed.
 *
 * @property int $id
 * @property int $school_id
 * @property string $slug
 * @property int $version
 * @property string $name
 * @property string $document
 * @property Carbon|null $in_force_from null for a version that was never put in force
 * @property int|null $author_id
 * @property Carbon|null $created_at
 */
abstract class StoredDocument extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['school_id', 'slug', 'version', 'name', 'document', 'in_force_from', 'author_id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['in_force_from' => 'date'];
    }

    /** @return Builder<static> */
    public static function ofSchool(int $schoolId): Builder
    {
        return static::query()->where('school_id', $schoolId);
    }

    /** @return Collection<int, static> the version of each document that is in force on the school's day, by name */
    public static function inForceOn(int $schoolId, Carbon $now): Collection
    {
        $today = School::query()->findOrFail($schoolId)->today($now);

        return static::ofSchool($schoolId)
            ->where('in_force_from', '<=', $today->toDateString())
            ->get()
            ->sort(static fn (self $a, self $b): int => $b->rank() <=> $a->rank())
            ->unique('slug')
            ->sortBy('name')
            ->values();
    }

    /** Of the versions of a document that have come into force, the one with the highest rank is in force. */
    private function rank(): string
    {
        return $this->in_force_from?->toDateString().sprintf('%06d', $this->version);
    }

    /** @return array<mixed> */
    public function decoded(): array
    {
        $document = json_decode($this->document, true);

        return is_array($document) ? $document : [];
    }
}
