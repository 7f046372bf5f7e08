<?php

declare(strict_types=1);

namespace App\Http\Views\People;

use App\Http\Resources\OptionResource;
use App\Http\Resources\People\SchoolResource;
use App\Library\ShippedDocuments;
use App\Models\Attempt;
use App\Models\DocumentKind;
use App\Models\Role;
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
        return new SchoolResource(
            $school->name, $school->state, $school->time_zone, $school->two_factor_roles, $school->started_at !== null,
            StoredChecklist::inForceOn($school->id, $now)->count(),
            StoredVehicle::inForceOn($school->id, $now)->count(),
            User::ofSchool($school->id)->where('disabled_at', null)->where('role', '<>', Role::Student)->count(),
            SchoolClass::ofSchool($school->id)->where('archived_at', null)->count(),
            Student::present($school->id)->count(), Attempt::finished($school->id)->count(),
            $this->notTaken($school, DocumentKind::Checklist), $this->notTaken($school, DocumentKind::Vehicle),
        );
    }

    /** @return list<OptionResource> */
    private function notTaken(School $school, DocumentKind $kind): array
    {
        $slugs = $kind->model()::ofSchool($school->id)->pluck('slug')->all();
        $taken = array_flip(array_filter($slugs, is_string(...)));
        $left = [];
        foreach (array_diff_key($this->shipped->of($kind), $taken) as $id => $text) {
            $document = json_decode($text, true);
            $name = is_array($document) && is_string($document['name'] ?? null) ? $document['name'] : $id;
            $left[] = new OptionResource($id, $name);
        }

        return $left;
    }
}
