<?php

declare(strict_types=1);

namespace App\Http\Views\People;

use App\Http\Resources\OptionResource;
use App\Http\Resources\People\SchoolResource;
use App\Http\Resources\People\StartStep;
use App\Http\Resources\People\StartStepResource;
use App\Library\ShippedDocuments;
use App\Models\Attempt;
use App\Models\DocumentKind;
use App\Models\School;
use App\Models\SchoolClass;
use App\Models\StoredChecklist;
use App\Models\StoredVehicle;
use App\Models\Student;
use App\Models\User;
use Illuminate\Support\Carbon;

/** What a school is, and what is still to be done before its first walk. */
final readonly class ReadSchool
{
    public function __construct(private ShippedDocuments $shipped) {}

    public function handle(School $school, Carbon $now): SchoolResource
    {
        $checklists = StoredChecklist::inForceOn($school->id, $now)->count();
        $vehicles = StoredVehicle::inForceOn($school->id, $now)->count();

        return new SchoolResource(
            $school->name, $school->state, $school->time_zone, $school->two_factor_roles, $school->keeps_sound,
            $school->started_at !== null,
            $checklists, $vehicles, array_map(static fn (StartStep $step): StartStepResource => new StartStepResource(
                $step, match ($step) {
                    StartStep::Checklist => $checklists > 0,
                    StartStep::Vehicle => $vehicles > 0,
                    StartStep::Scorer => User::ofSchool($school->id)->where('disabled_at', null)->get()->contains(
                        static fn (User $user): bool => $user->scores() && $user->password_set_at !== null,
                    ),
                    StartStep::SchoolClass => SchoolClass::ofSchool($school->id)->where('archived_at', null)->exists(),
                    StartStep::Student => Student::present($school->id)->exists(),
                    StartStep::Walk => Attempt::finished($school->id)->exists(),
                },
            ), StartStep::cases()),
            $this->notTaken($school, DocumentKind::Checklist), $this->notTaken($school, DocumentKind::Vehicle),
        );
    }

    /** @return list<OptionResource> */
    private function notTaken(School $school, DocumentKind $kind): array
    {
        $slugs = $kind->model()::ofSchool($school->id)->pluck('slug')->all();
        $taken = array_flip(array_filter($slugs, is_string(...)));
        $left = [];
        foreach (array_diff_key($this->shipped->names($kind), $taken) as $id => $name) {
            $left[] = new OptionResource($id, $name);
        }

        return $left;
    }
}
