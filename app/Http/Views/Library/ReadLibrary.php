<?php

declare(strict_types=1);

namespace App\Http\Views\Library;

use App\Http\Resources\Library\DraftCardResource;
use App\Http\Resources\Library\LibraryEntryResource;
use App\Http\Resources\Library\LibraryResource;
use App\Http\Resources\Library\VersionResource;
use App\Library\DraftStore;
use App\Models\DocumentKind;
use App\Models\Draft;
use App\Models\StoredDocument;
use App\Models\User;
use Illuminate\Support\Carbon;

/** Checklists and vehicles with their versions, and the drafts that are open. */
final readonly class ReadLibrary
{
    public function __construct(private DraftStore $drafts) {}

    public function handle(User $user, Carbon $now): LibraryResource
    {
        return new LibraryResource(
            $this->entries(DocumentKind::Checklist, $user->school_id, $now, 'reason'),
            $this->entries(DocumentKind::Vehicle, $user->school_id, $now, 'description'),
            array_values(
                Draft::query()
                    ->where('school_id', $user->school_id)
                    ->get()
                    ->sortByDesc('updated_at')
                    ->map($this->card(...))
                    ->all(),
            ),
            $user->can('create', Draft::class),
        );
    }

    /** @return list<LibraryEntryResource> */
    private function entries(DocumentKind $kind, int $schoolId, Carbon $now, string $about): array
    {
        $inForce = $kind->model()::inForceOn($schoolId, $now)->keyBy('slug');
        $entries = [];
        foreach (
            $kind->model()::ofSchool($schoolId)->get()->sortByDesc('version')->groupBy('slug') as $slug => $versions
        ) {
            $current = $inForce->get($slug);
            $shown = $current ?? $versions->firstOrFail();
            $says = $shown->decoded()[$about] ?? '';
            $entries[] = new LibraryEntryResource(
                (string) $slug,
                $shown->name,
                is_string($says) ? $says : '',
                array_values(
                    $versions
                        ->map(
                            static fn (StoredDocument $row): VersionResource => VersionResource::of(
                                $row,
                                $row->is($current),
                            ),
                        )
                        ->all(),
                ),
            );
        }
        usort($entries, static fn (LibraryEntryResource $a, LibraryEntryResource $b): int => $a->name <=> $b->name);

        return $entries;
    }

    private function card(Draft $draft): DraftCardResource
    {
        $document = json_decode($this->drafts->document($draft), true);

        return DraftCardResource::of(
            $draft,
            is_array($document) && is_string($document['name'] ?? null) ? $document['name'] : $draft->slug,
        );
    }
}
