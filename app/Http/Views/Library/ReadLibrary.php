<?php

declare(strict_types=1);

namespace App\Http\Views\Library;

use App\Http\Resources\Library\DraftCardResource;
use App\Http\Resources\Library\LibraryEntryResource;
use App\Http\Resources\Library\LibraryResource;
use App\Http\Resources\Library\VersionResource;
use App\Library\DraftStore;
use App\Library\Outages;
use App\Models\DocumentKind;
use App\Models\Draft;
use App\Models\School;
use App\Models\StoredDocument;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;

/** Checklists and vehicles with their versions, and the drafts that are open. */
final readonly class ReadLibrary
{
    public function __construct(private DraftStore $drafts, private Outages $outages) {}

    public function handle(User $user, Carbon $now): LibraryResource
    {
        $people = $this->people($user->school_id);
        $checklists = $this->entries(DocumentKind::Checklist, $user->school_id, $people, $now);
        $vehicles = $this->entries(DocumentKind::Vehicle, $user->school_id, $people, $now);

        return new LibraryResource(
            $checklists,
            $vehicles,
            $this->drafts($user->school_id, $people, [
                DocumentKind::Checklist->value => self::numbers($checklists),
                DocumentKind::Vehicle->value => self::numbers($vehicles),
            ]),
            $user->can('create', Draft::class),
        );
    }

    /**
     * @param  array<int, string>  $people  names by id
     * @return list<LibraryEntryResource>
     */
    private function entries(DocumentKind $kind, int $schoolId, array $people, Carbon $now): array
    {
        $model = $kind->model();
        $versions = $model::versions($schoolId);
        $today = School::query()->findOrFail($schoolId)->today($now)->toDateString();
        $inForce = $model::inForceAmong($versions, $schoolId, $now)->keyBy('slug');
        // What would be in force if those in force were withdrawn.
        $before = $model::inForceAmong($versions->except($inForce->modelKeys()), $schoolId, $now)->keyBy('slug');
        $shown = $versions
            ->groupBy('slug')
            ->map(static fn (Collection $of, string $slug): StoredDocument => $inForce[$slug] ?? $of->firstOrFail());
        $about = $model::about(array_values($shown->map(static fn (StoredDocument $row): int => $row->id)->all()));
        $outages = $this->outages->reasons($schoolId);
        $entries = [];
        foreach ($shown as $slug => $row) {
            $entries[] = new LibraryEntryResource(
                $slug,
                $row->name,
                $about[$row->id] ?? '',
                array_values(
                    $versions
                        ->where('slug', $slug)
                        ->toBase()
                        ->map(
                            static fn (StoredDocument $one): VersionResource => VersionResource::of(
                                $one,
                                $one->is($inForce[$slug] ?? null),
                                $today,
                                $people,
                            ),
                        )
                        ->all(),
                ),
                $kind === DocumentKind::Vehicle ? $outages[$slug] ?? null : null,
                ($before[$slug] ?? null)?->version,
            );
        }
        usort($entries, static fn (LibraryEntryResource $a, LibraryEntryResource $b): int => $a->name <=> $b->name);

        return $entries;
    }

    /**
     * @param  list<LibraryEntryResource>  $entries
     * @return array<int, int> number of each version, by id
     */
    private static function numbers(array $entries): array
    {
        $numbers = [];
        foreach ($entries as $entry) {
            foreach ($entry->versions as $version) {
                $numbers[$version->id] = $version->version;
            }
        }

        return $numbers;
    }

    /** @return array<int, string> names by id */
    private function people(int $schoolId): array
    {
        $names = [];
        foreach (User::ofSchool($schoolId)->get(['id', 'name']) as $user) {
            $names[$user->id] = $user->name;
        }

        return $names;
    }

    /**
     * @param  array<int, string>  $people  names by id
     * @param  array<string, array<int, int>>  $versions  number by id, by kind
     * @return list<DraftCardResource> the one changed last first
     */
    private function drafts(int $schoolId, array $people, array $versions): array
    {
        $drafts = Draft::ofSchool($schoolId)->get()->sortByDesc('updated_at');
        $names = $this->drafts->names(array_values($drafts->all()));

        return array_values(
            $drafts
                ->toBase()
                ->map(
                    static fn (Draft $draft): DraftCardResource => DraftCardResource::of(
                        $draft,
                        $names[$draft->id] ?? $draft->slug,
                        $people[$draft->user_id] ?? null,
                        $versions[$draft->kind->value][$draft->checklist_id ?? $draft->vehicle_id] ?? null,
                    ),
                )
                ->all(),
        );
    }
}
