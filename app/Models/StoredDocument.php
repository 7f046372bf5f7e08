<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Query\Builder as QueryBuilder;
use Illuminate\Support\Carbon;
use stdClass;

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
 * @property string|null $reason why it was put in force
 * @property Carbon|null $withdrawn_at
 * @property int|null $withdrawn_by
 * @property string|null $withdrawn_reason
 * @property Carbon|null $created_at
 */
abstract class StoredDocument extends Model
{
    use OfSchool;

    public const UPDATED_AT = null;

    protected $fillable = [
        'school_id', 'slug', 'version', 'name', 'document', 'in_force_from', 'author_id', 'reason', 'withdrawn_at',
        'withdrawn_by', 'withdrawn_reason',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['in_force_from' => 'date', 'withdrawn_at' => 'datetime'];
    }

    /** @return Collection<int, static> the version of each document that is in force on the school's day, by name */
    public static function inForceOn(int $schoolId, Carbon $now): Collection
    {
        $ids = static::inForceAmong(static::versions($schoolId), $schoolId, $now)->modelKeys();

        return static::query()->whereKey($ids)->get()->sortBy('name')->values();
    }

    /** @return Builder<static> the newest version of each document, whether it is in force or not */
    public static function newestVersions(int $schoolId): Builder
    {
        $newest = static::ofSchool($schoolId);
        $table = $newest->getModel()->getTable();
        $newest->select(['id', 'slug', 'name'])->whereNotExists(
            static fn (QueryBuilder $newer) => $newer->selectRaw('1')
                ->fromSub(static::ofSchool($schoolId)->select(['slug', 'version']), 'newer')
                ->whereColumn('newer.slug', "$table.slug")
                ->whereColumn('newer.version', '>', "$table.version"),
        );

        return $newest;
    }

    /**
     * @param  list<string>|null  $slugs  of these documents only
     * @return Collection<int, static> every version without its document, the newest first: they are long and many
     */
    public static function versions(int $schoolId, ?array $slugs = null): Collection
    {
        $columns = [
            'id', 'slug', 'version', 'name', 'in_force_from', 'author_id', 'created_at', 'reason', 'withdrawn_at',
            'withdrawn_by', 'withdrawn_reason',
        ];

        $versions = static::ofSchool($schoolId);
        if ($slugs !== null) {
            $versions->whereIn('slug', $slugs);
        }

        return $versions->get($columns)->sortByDesc('version')->values();
    }

    /**
     * @param  Collection<int, static>  $versions
     * @return Collection<int, static> the version of each document that is in force on the school's day
     */
    public static function inForceAmong(Collection $versions, int $schoolId, Carbon $now): Collection
    {
        $today = School::query()->findOrFail($schoolId)->today($now)->toDateString();

        return $versions
            ->filter(
                static fn (self $row): bool => $row->withdrawn_at === null
                    && ($row->in_force_from?->toDateString() ?? '9999') <= $today,
            )
            // By version, not by day: one that was put off must not take over silently from one made after it.
            ->sortByDesc('version')
            ->unique('slug');
    }

    public function state(bool $isInForce, string $today): VersionState
    {
        return match (true) {
            $this->withdrawn_at !== null => VersionState::Withdrawn,
            $isInForce => VersionState::InForce,
            $this->in_force_from === null => VersionState::NeverInForce,
            $this->in_force_from->toDateString() > $today => VersionState::Scheduled,
            default => VersionState::Replaced,
        };
    }

    /**
     * What the documents of some versions say they are about, without loading them.
     *
     * @param  list<int>  $ids
     * @return array<int, string> by id
     */
    public static function about(array $ids): array
    {
        $said = [];
        /** @var stdClass&object{id: int, about: string|null} $row */
        foreach (
            static::query()
                ->toBase()
                ->whereIn('id', $ids)
                ->selectRaw("id, json_value(document, '$.".static::saysOfItselfIn()."') as about")
                ->get() as $row
        ) {
            $said[$row->id] = $row->about ?? '';
        }

        return $said;
    }

    /** The field of the document in which it says what it is about. */
    abstract public static function saysOfItselfIn(): string;

    /** @return array<mixed> */
    public function decoded(): array
    {
        $document = json_decode($this->document, true);

        return is_array($document) ? $document : [];
    }
}
