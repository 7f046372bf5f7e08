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
        return new LibraryResource(
            $this->entries(DocumentKind::Checklist, $user->school_id, $now),
            $this->entries(DocumentKind::Vehicle, $user->school_id, $now),
            $this->drafts($user->school_id),
            $user->can('create', Draft::class),
        );
    }

    /** @return list<LibraryEntryResource> */
    private function entries(DocumentKind $kind, int $schoolId, Carbon $now): array
    {
        $model = $kind->model();
        $versions = $model::versions($schoolId);
        $inForce = $model::inForceAmong($versions, $schoolId, $now)->keyBy('slug');
        $shown = $versions
            ->groupBy('slug')
            ->map(static fn (Collection $of, string $slug): StoredDocument => $inForce[$slug] ?? $of->firstOrFail());
        $about = $model::about(array_values($shown->map(static fn (StoredDocument $row): int => $row->id)->all()));
        $outages = $this->outages->reasons($schoolId);
        $people = $this->people($schoolId);
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
                                $people,
                            ),
                        )
                        ->all(),
                ),
                $kind === DocumentKind::Vehicle ? $outages[$slug] ?? null : null,
            );
        }
        usort($entries, static fn (LibraryEntryResource $a, LibraryEntryResource $b): int => $a->name <=> $b->name);

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

    /** @return list<DraftCardResource> the one changed last first */
    private function drafts(int $schoolId): array
    {
        $drafts = Draft::ofSchool($schoolId)->get()->sortByDesc('updated_at');
        $names = $this->drafts->names(array_values($drafts->all()));
        $people = $this->people($schoolId);
        $bases = ['checklist' => [], 'vehicle' => []];
        foreach ([DocumentKind::Checklist, DocumentKind::Vehicle] as $kind) {
            foreach ($kind->model()::versions($schoolId) as $version) {
                $bases[$kind->value][$version->id] = $version->version;
            }
        }

        return array_values(
            $drafts
                ->toBase()
                ->map(
                    static fn (Draft $draft): DraftCardResource => DraftCardResource::of(
                        $draft,
                        $names[$draft->id] ?? $draft->slug,
                        $people[$draft->user_id] ?? null,
                        $bases[$draft->kind->value][$draft->checklist_id ?? $draft->vehicle_id] ?? null,
                    ),
                )
                ->all(),
        );
    }
}
