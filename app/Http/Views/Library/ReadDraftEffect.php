<?php

declare(strict_types=1);

namespace App\Http\Views\Library;

use App\Http\Resources\Library\EffectResource;
use App\Http\Resources\Library\FormItemsResource;
use App\Http\Views\Record\RescoreAttempt;
use App\Library\DraftStore;
use App\Models\Attempt;
use App\Models\DocumentKind;
use App\Models\Draft;
use App\Models\StoredChecklist;
use App\Models\StoredVehicle;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Pasada\Core\Checklist\Checklist;
use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\Item;
use Pasada\Core\Inspection\NothingToInspect;
use Pasada\Core\Vehicle\Vehicle;
use Pasada\Core\Vehicle\VehicleReader;

/** What a draft would change, and for whom: item list and three recorded attempts, before it is in force. */
final readonly class ReadDraftEffect
{
    private const ATTEMPTS = 3;

    /** Newest attempts among which three of different students are looked for. */
    private const LOOKED_AT = 30;

    public function __construct(private DraftStore $drafts, private RescoreAttempt $rescore) {}

    /**
     * @throws DocumentHasFaults if the draft cannot be read yet
     * @throws NothingToInspect if it asks nothing of any vehicle at hand
     */
    public function handle(Draft $draft, User $reader, Carbon $now): EffectResource
    {
        $text = $this->drafts->document($draft);
        $base = $draft->base();
        [$attempts, $same] = $this->attempts($draft, $reader);
        if ($draft->kind === DocumentKind::Checklist) {
            $checklist = (new ChecklistReader())->read($text, 'draft');
            $vehicle = (new VehicleReader())->read(
                ($attempts->first()->vehicle ?? StoredVehicle::inForceOn($draft->school_id, $now)->firstOrFail())
                    ->document,
            );
            $before =
                $base === null
                    ? []
                    : $this->names(Inspection::of((new ChecklistReader())->readKept($base->document), $vehicle));
            $after = $this->names(Inspection::of($checklist, $vehicle));
            $scored = $attempts->map(fn (Attempt $attempt) => $this->rescore->handle($attempt, $checklist, null));
        } else {
            $vehicle = (new VehicleReader())->read($text, 'draft');
            $checklist = (new ChecklistReader())->readKept(
                ($attempts->first()->checklist ?? StoredChecklist::inForceOn($draft->school_id, $now)->firstOrFail())
                    ->document,
            );
            $before =
                $base === null
                    ? []
                    : $this->names(Inspection::of($checklist, (new VehicleReader())->read($base->document)));
            $after = $this->names(Inspection::of($checklist, $vehicle));
            $scored = $attempts->map(fn (Attempt $attempt) => $this->rescore->handle($attempt, null, $vehicle));
        }

        return new EffectResource(
            $vehicle->name, count($before), count($after), self::forms($checklist, $vehicle),
            array_values(array_diff_key($after, $before)),
            array_values(array_diff_key($before, $after)), array_values($scored->all()), $same,
        );
    }

    /**
     * The newest finished attempts under any version of the same document; for a checklist of any at all where there
     * are none, while a walk along another vehicle tells nothing of this one. Of different students, so that what it
     * means for whom can be seen.
     *
     * @return array{Collection<int, Attempt>, bool} and whether they were under a version of this document
     */
    private function attempts(Draft $draft, User $reader): array
    {
        $versions = $draft->kind->model()::ofSchool($draft->school_id)->where('slug', $draft->slug)->pluck('id');
        $finished = Attempt::finished($draft->school_id)
            ->tap(static fn (Builder $query) => Attempt::blindTo($query, $reader));
        $same = $this->newest(
            $finished
                ->clone()
                ->where(static fn (Builder $query) => $query->whereIn($draft->kind->value.'_id', $versions)),
        );

        return match (true) {
            ! $same->isEmpty() => [$same, true],
            $draft->kind === DocumentKind::Vehicle => [$same, false],
            default => [$this->newest($finished), false],
        };
    }

    /**
     * @param  Builder<Attempt>  $attempts
     * @return Collection<int, Attempt>
     */
    private function newest(Builder $attempts): Collection
    {
        $ids = $attempts->toBase()->orderByDesc('started_at')->limit(self::LOOKED_AT)->pluck('id');

        return Attempt::query()
            ->with(Attempt::CARD)
            ->with(['vehicle', 'checklist'])
            ->whereKey($ids->all())
            ->get()
            ->toBase()
            ->sortByDesc('started_at')
            ->unique('student_id')
            ->take(self::ATTEMPTS)
            ->values();
    }

    /** @return list<FormItemsResource> */
    private static function forms(Checklist $checklist, Vehicle $vehicle): array
    {
        $forms = [];
        foreach ($checklist->forms->forms as $form) {
            try {
                $items = count(Inspection::of($checklist, $vehicle, $form)->items);
            } catch (NothingToInspect) {
                $items = 0;
            }
            $forms[] = new FormItemsResource($form->name, $items);
        }

        return $forms;
    }

    /** @return array<string, string> names by item id */
    private function names(Inspection $inspection): array
    {
        return array_map(static fn (Item $item): string => $item->fullName(), $inspection->items);
    }
}
