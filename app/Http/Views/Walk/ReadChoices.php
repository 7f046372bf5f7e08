<?php

declare(strict_types=1);

namespace App\Http\Views\Walk;

use App\Http\Resources\School\ChoiceResource;
use App\Http\Resources\School\ChoicesResource;
use App\Http\Resources\School\StudentCardResource;
use App\Http\Resources\Walk\FormResource;
use App\Library\Outages;
use App\Models\Attempt;
use App\Models\StoredChecklist;
use App\Models\StoredDocument;
use App\Models\StoredVehicle;
use App\Models\Student;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use stdClass;

/** What an attempt can be started with today: the version in force of each checklist and vehicle, and the students. */
final readonly class ReadChoices
{
    public function __construct(private Outages $outages) {}

    public function handle(User $user, Carbon $now): ChoicesResource
    {
        $students = Student::cards($user)->with('school')->get()->sortBy('name')->values();

        return new ChoicesResource(
            array_values($students->map(StudentCardResource::of(...))->all()),
            $this->inForce(
                StoredVehicle::inForceOn($user->school_id, $now)->toBase(),
                $this->used('vehicles', 'vehicle_id', $user->school_id),
                $this->outages->reasons($user->school_id),
            ),
            $this->inForce(
                StoredChecklist::inForceOn($user->school_id, $now)->toBase(),
                $this->used('checklists', 'checklist_id', $user->school_id),
            ),
            array_values($students->filter(static fn (Student $one): bool => $one->keepsSound())
                ->map(static fn (Student $one): int => $one->id)->all()),
        );
    }

    /**
     * @template D of StoredDocument
     *
     * @param  Collection<int, D>  $rows
     * @param  array<string, int>  $used  how often, by slug: what the school uses most is offered first
     * @param  array<string, string>  $outages  why vehicles are out of service, by slug
     * @return list<ChoiceResource>
     */
    private function inForce(Collection $rows, array $used, array $outages = []): array
    {
        return array_values(
            $rows
                ->sortByDesc(static fn (StoredDocument $row): int => $used[$row->slug] ?? 0)
                ->map(function (StoredDocument $row) use ($outages): ChoiceResource {
                    $document = $row->decoded();
                    $about = $document[$row::saysOfItselfIn()] ?? '';

                    return new ChoiceResource(
                        $row->id,
                        $row->name,
                        is_string($about) ? $about : '',
                        $this->forms($document),
                        $outages[$row->slug] ?? null,
                    );
                })
                ->all(),
        );
    }

    /** @return array<string, int> attempts by slug */
    private function used(string $table, string $key, int $schoolId): array
    {
        $counts = [];
        /** @var stdClass&object{slug: string, attempts: int} $row */
        foreach (
            Attempt::ofSchool($schoolId)
                ->toBase()
                ->join($table, "$table.id", '=', "attempts.$key")
                ->groupBy('slug')
                ->selectRaw('slug, count(*) as attempts')
                ->get() as $row
        ) {
            $counts[$row->slug] = $row->attempts;
        }

        return $counts;
    }

    /**
     * @param  array<mixed>  $document  checked when it was stored
     * @return list<FormResource>
     */
    private function forms(array $document): array
    {
        /** @var list<array{id: string, name: string, weight?: int}> $draw */
        $draw = is_array($document['forms'] ?? null) ? $document['forms']['draw'] ?? [] : [];

        return array_map(
            static fn (array $form): FormResource => new FormResource($form['id'], $form['name'], $form['weight'] ?? 1),
            $draw,
        );
    }
}
