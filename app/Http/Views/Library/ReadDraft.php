<?php

declare(strict_types=1);

namespace App\Http\Views\Library;

use App\Actions\Library\OpenDraft;
use App\Http\Resources\Library\ChangeResource;
use App\Http\Resources\Library\DraftResource;
use App\Http\Resources\Library\FaultResource;
use App\Http\Resources\Walk\InspectionResource;
use App\Library\DraftStore;
use App\Models\DocumentKind;
use App\Models\Draft;
use App\Models\StoredChecklist;
use App\Models\User;
use Illuminate\Support\Carbon;
use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Coaching\Coach;
use Pasada\Core\Document\Change;
use Pasada\Core\Document\Difference;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Fault;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\NothingToInspect;
use Pasada\Core\Vehicle\Leftovers;
use Pasada\Core\Vehicle\VehicleReader;

/** A draft with what is wrong in it and what it changes. */
final readonly class ReadDraft
{
    public function __construct(private DraftStore $drafts, private Coach $coach) {}

    public function handle(Draft $draft, User $reader, Carbon $now): DraftResource
    {
        $text = $this->drafts->document($draft);
        $faults = $this->faults($draft, $text);
        $base = $draft->base();
        [$undo, $redo] = $this->drafts->neighbors($draft);
        $after = json_decode($text, true);

        return new DraftResource(
            $draft->id,
            $draft->kind,
            $draft->slug,
            $draft->step,
            $undo,
            $redo,
            $reader->can('publish', $draft),
            $base?->version,
            json_decode($text),
            array_map(static fn (Fault $fault): FaultResource => FaultResource::of($fault), $faults),
            $base === null || ! is_array($after)
                ? []
                : array_map(
                    static fn (Change $change): ChangeResource => ChangeResource::of($change),
                    Difference::between($base->decoded(), $after),
                ),
            $base === null && $draft->kind === DocumentKind::Vehicle && is_array($after)
                ? $this->leftovers($draft, $after)
                : [],
            $draft->kind === DocumentKind::Vehicle && $faults === [] ? $this->drawing($text, $reader, $now) : null,
        );
    }

    /** @return list<Fault> */
    private function faults(Draft $draft, string $text): array
    {
        try {
            $id = $draft->kind->check($text, 'draft');

            return $id === $draft->slug
                ? []
                : [Fault::at('id', sprintf('must stay "%s"; make a copy for a document of another id', $draft->slug))];
        } catch (DocumentHasFaults $caught) {
            return $caught->faults;
        }
    }

    /**
     * @param  array<mixed>  $now
     * @return list<string>
     */
    private function leftovers(Draft $draft, array $now): array
    {
        $first = json_decode($this->drafts->first($draft), true);
        $isCopy = is_array($first) && is_string($first['name'] ?? null)
            && str_starts_with($first['name'], OpenDraft::COPY_OF);

        return $isCopy ? Leftovers::of($first, $now) : [];
    }

    /** The vehicle under the first checklist in force, for its places. */
    private function drawing(string $text, User $reader, Carbon $now): ?InspectionResource
    {
        $checklist = StoredChecklist::inForceOn($reader->school_id, $now)->first();
        if ($checklist === null) {
            return null;
        }
        try {
            return InspectionResource::of(
                Inspection::of(
                    (new ChecklistReader())->readKept($checklist->document),
                    (new VehicleReader())->read($text),
                ),
                $this->coach,
            );
        } catch (NothingToInspect) {
            return null;
        }
    }
}
