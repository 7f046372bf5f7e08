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
use App\Models\StoredChecklist;
use App\Models\StoredDocument;
use App\Models\StoredVehicle;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;

/** Checklists and vehicles with their versions, and the drafts that are open. */
final readonly class ReadLibrary
{
    public function __construct(private DraftStore $drafts, private Outages $outages) {}

    /** All of it at once, as pages of the version before ask for it. */
    public function handle(User $user, Carbon $now): LibraryResource
    {
        $drafts = Draft::ofSchool($user->school_id)->get()->sortByDesc('updated_at');

        return new LibraryResource(
            $this->entries(DocumentKind::Checklist, $user->school_id, $now),
            $this->entries(DocumentKind::Vehicle, $user->school_id, $now),
            $this->drafts($user->school_id, array_values($drafts->all())),
            $user->can('create', Draft::class),
        );
    }

    /**
     * @param  list<string>|null  $slugs  of these only, and in this order
     * @return list<LibraryEntryResource> by name where no order is given
     */
    public function entries(DocumentKind $kind, int $schoolId, Carbon $now, ?array $slugs = null): array
    {
        $model = $kind->model();
        $people = $this->people($schoolId);
        $versions = $model::versions($schoolId, $slugs);
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
        $places = array_flip($slugs ?? []);
        usort($entries, static fn (LibraryEntryResource $a, LibraryEntryResource $b): int => $slugs === null
            ? $a->name <=> $b->name
            : $places[$a->slug] <=> $places[$b->slug]);

        return $entries;
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
     * @param  list<Draft>  $drafts
     * @return list<DraftCardResource>
     */
    public function drafts(int $schoolId, array $drafts): array
    {
        $people = $this->people($schoolId);
        $names = $this->drafts->names($drafts);
        $bases = [
            DocumentKind::Checklist->value => $this->numbers(StoredChecklist::class, $drafts),
            DocumentKind::Vehicle->value => $this->numbers(StoredVehicle::class, $drafts),
        ];

        return array_map(
            static fn (Draft $draft): DraftCardResource => DraftCardResource::of(
                $draft, $names[$draft->id] ?? $draft->slug, $people[$draft->user_id] ?? null,
                $bases[$draft->kind->value][$draft->checklist_id ?? $draft->vehicle_id] ?? null,
            ), $drafts,
        );
    }

    /**
     * @param  class-string<StoredDocument>  $model
     * @param  list<Draft>  $drafts
     * @return array<int, int> number of the versions that they were made from, by id
     */
    private function numbers(string $model, array $drafts): array
    {
        $numbers = [];
        $bases = array_map(static fn (Draft $draft): ?int => $draft->checklist_id ?? $draft->vehicle_id, $drafts);
        foreach ($model::query()->whereKey(array_filter($bases, is_int(...)))->get(['id', 'version']) as $version) {
            $numbers[$version->id] = $version->version;
        }

        return $numbers;
    }
}
