<?php

declare(strict_types=1);

namespace App\Http\Views\Progress;

use App\Actions\Walk\ReadSheet;
use App\Http\Resources\Progress\DifferingItemResource;
use App\Http\Resources\Progress\ScorerResource;
use App\Http\Resources\Progress\ScoringHealthResource;
use App\Models\Attempt;
use App\Models\AttemptStatus;
use App\Models\StoredChecklist;
use App\Models\StoredVehicle;
use App\Models\User;
use App\Progress\SchoolModels;
use App\Progress\SchoolTallies;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;
use Pasada\Core\Progress\Agreement;
use Pasada\Core\Progress\Health\ChecklistHealth;
use Pasada\Core\Progress\Health\Drift;
use Pasada\Core\Progress\Health\Leaning;
use Pasada\Core\Progress\Health\Tallies;
use Pasada\Core\Progress\Model\School;

/** How alike scorers score: all of them for a manager, and for anybody else only themselves. */
final readonly class ReadScoringHealth
{
    /** Shared walks of which sheets are read; the newest tell how it is now. */
    private const MOST_SHARED = 20;

    public function __construct(
        private SchoolModels $models, private SchoolTallies $tallies, private ReadSheet $sheets,
    ) {}

    public function handle(User $reader, StoredChecklist $checklist, StoredVehicle $vehicle): ScoringHealthResource
    {
        [$readiness, $school] = $this->models->of($reader->school_id, $checklist, $vehicle);
        $health = ChecklistHealth::of(
            $readiness->plan, Tallies::sum($this->tallies->byDay($reader->school_id, Carbon::now())),
        );
        $showsAll = $reader->manages();
        $people = User::ofSchool($reader->school_id)->get()->keyBy('id')->all();
        /** @var array<int, int> $counts */
        $counts = Attempt::finished($reader->school_id)->toBase()->groupBy('scorer_id')
            ->selectRaw('scorer_id, count(*) as attempts')->pluck('attempts', 'scorer_id')->all();
        $shared = $this->shared($reader->school_id);
        $scorers = [];
        foreach ($people as $person) {
            if ($person->scores() && ($showsAll || $person->id === $reader->id)) {
                $scorers[] = $this->scorer(
                    $person, $counts[$person->id] ?? 0, $school, $shared[$person->id] ?? [],
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

    /** @param  list<array{kappa: int|null, more: float}>  $shared  oldest first */
    private function scorer(User $person, int $attempts, ?School $school, array $shared): ScorerResource
    {
        $leaning = Leaning::of($school, (string) $person->id, $attempts);
        $drift = Drift::of($shared);
        $known = array_filter(array_column($shared, 'kappa'), static fn (?int $one): bool => $one !== null);

        return new ScorerResource(
            $person->id, $person->name, $attempts, $leaning->way, $leaning->itemsOf100, $leaning->doubt,
            count($shared),
            $known === [] ? null : intdiv(array_sum($known), count($known)),
            $drift->way, $drift->itemsOf100, $drift->kappaBefore, $drift->kappaNow,
        );
    }

    /** @return array<int, list<array{kappa: int|null, more: float}>> of each shared walk by scorer, oldest first */
    private function shared(int $schoolId): array
    {
        $shared = [];
        $second = Attempt::finished($schoolId)->with('walkedFirst')->latest('started_at')->latest('id')
            ->whereHas('walkedFirst', static fn (Builder $first) => $first->where('status', AttemptStatus::Finished));
        $second->limit(self::MOST_SHARED);
        foreach ($second->get()->reverse() as $attempt) {
            $first = $attempt->walkedFirst;
            assert($first !== null);
            $agreement = Agreement::between($this->sheets->handle($first), $this->sheets->handle($attempt));
            [$kappa, $more] = [$agreement->kappaPermille, $agreement->moreOf100()];
            $shared[$first->scorer_id][] = ['kappa' => $kappa, 'more' => $more];
            $shared[$attempt->scorer_id][] = ['kappa' => $kappa, 'more' => -$more];
        }

        return $shared;
    }
}
