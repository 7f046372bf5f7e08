<?php

declare(strict_types=1);

namespace App\Http\Views\People;

use App\Http\Resources\OptionResource;
use App\Http\Resources\People\ClassesResource;
use App\Http\Resources\People\ClassResource;
use App\Models\Role;
use App\Models\SchoolClass;
use App\Models\StoredVehicle;
use App\Models\User;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;

/** The classes of a school, and whom and what there is to choose for one. */
final readonly class ReadClasses
{
    public function __construct(private ConnectionInterface $database) {}

    /** @param  Collection<int, SchoolClass>  $classes  as SchoolClass::cards() reads them */
    public function handle(int $schoolId, Collection $classes, Carbon $now): ClassesResource
    {
        $vehicles = $this->database->table('class_vehicles')->whereIn('class_id', $classes->pluck('id'))->get();
        $people = User::working($schoolId, Role::Instructor);
        $there = StoredVehicle::inForceOn($schoolId, $now)->toBase();

        return new ClassesResource(
            array_values($classes->map(static fn (SchoolClass $class): ClassResource => new ClassResource(
                $class->id, $class->name, $class->begins_on?->toDateString(), $class->ends_on?->toDateString(),
                array_values(array_filter($class->instructors->modelKeys(), is_int(...))),
                array_values(array_filter(
                    $vehicles->where('class_id', $class->id)->pluck('vehicle')->all(), is_string(...),
                )),
                $class->archived_at !== null, $class->students_count,
            ))->all()),
            array_values($people->map(
                static fn (User $user): OptionResource => new OptionResource((string) $user->id, $user->name),
            )->all()),
            array_values($there->map(
                static fn (StoredVehicle $one): OptionResource => new OptionResource($one->slug, $one->name),
            )->all()),
        );
    }
}
