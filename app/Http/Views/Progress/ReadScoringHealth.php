<?php

declare(strict_types=1);

namespace App\Http\Views\Progress;

use App\Actions\Walk\ReadSheet;
use App\Http\Resources\Progress\DifferingItemResource;
use App\Http\Resources\Progress\ScorerResource;
use App\Http\Resources\Progress\ScoringHealthResource;
use App\Models\Attempt;
use App\Models\Role;
use App\Models\StoredChecklist;
use App\Models\StoredVehicle;
use App\Models\User;
use App\Progress\SchoolHistory;
use App\Progress\SchoolModels;
use Pasada\Core\Progress\Agreement;
use Pasada\Core\Progress\Health\ChecklistHealth;
use Pasada\Core\Progress\Health\Leaning;
use Pasada\Core\Progress\Model\School;

/** How alike scorers score: all of them for a manager, and for anybody else only themselves. */
final readonly class ReadScoringHealth
{
    /** Shared walks of which sheets are read; the newest tell how it is now. */
    private const MOST_SHARED = 20;

    public function __construct(
        private SchoolModels $models, private SchoolHistory $history, private ReadSheet $sheets,
    ) {}

    public function handle(User $reader, StoredChecklist $checklist, StoredVehicle $vehicle): ScoringHealthResource
    {
        [$readiness, $school] = $this->models->of($reader->school_id, $checklist, $vehicle);
        $health = ChecklistHealth::of($readiness->plan, $this->history->ofSchool($reader->school_id));
        $showsAll = $reader->role === Role::Manager;
        $people = User::ofSchool($reader->school_id)->get()->keyBy('id')->all();
        $counts = Attempt::finished($reader->school_id)->pluck('scorer_id')->countBy()->all();
        $kappas = $this->shared($reader->school_id);
        $scorers = [];
        foreach ($people as $person) {
            if ($person->role->scores() && ($showsAll || $person->id === $reader->id)) {
                $scorers[] = $this->scorer(
                    $person, $counts[$person->id] ?? 0, $school, $kappas[$person->id] ?? [],
                );
            }
        }
        $name = static fn (string $id): string => ($people[(int) $id] ?? null)->name ?? 'somebody who left';

        return new ScoringHealthResource(
            $checklist->name, $vehicle->name, $health->attempts, $showsAll, $scorers,
            ! $showsAll ? [] : array_map(static fn (array $one): DifferingItemResource => new DifferingItemResource(
                $readiness->name($one['item']), $name($one['high']), $name($one['low']), $one['apart'],
            ), $health->differing),
            array_map($readiness->name(...), $health->neverMissed),
            array_map($readiness->name(...), $health->alwaysMissed),
            array_map($readiness->name(...), $health->againstTheRest),
        );
    }

    /** @param  list<int|null>  $kappas */
    private function scorer(User $person, int $attempts, ?School $school, array $kappas): ScorerResource
    {
        $leaning = Leaning::of($school, (string) $person->id, $attempts);
        $known = array_values(array_filter($kappas, static fn (?int $one): bool => $one !== null));

        return new ScorerResource(
            $person->id, $person->name, $attempts, $leaning->way, $leaning->itemsOf100, $leaning->doubt,
            count($kappas),
            $known === [] ? null : intdiv(array_sum($known), count($known)),
        );
    }

    /** @return array<int, list<int|null>> kappa of each shared walk, in thousandths, by scorer */
    private function shared(int $schoolId): array
    {
        $kappas = [];
        $second = Attempt::finished($schoolId)->where('walk_of', '<>', '')->get()->sortByDesc('started_at');
        foreach ($second->take(self::MOST_SHARED) as $attempt) {
            $first = Attempt::finished($schoolId)->find($attempt->walk_of);
            if (! $first instanceof Attempt) {
                continue;
            }
            $kappa = Agreement::between($this->sheets->handle($first), $this->sheets->handle($attempt))->kappaPermille;
            $kappas[$first->scorer_id][] = $kappa;
            $kappas[$attempt->scorer_id][] = $kappa;
        }

        return $kappas;
    }
}
