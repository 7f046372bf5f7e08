<?php

declare(strict_types=1);

namespace App\Http\Resources\School;

use App\Access\SecondFactor;
use App\Http\Resources\RespondsAsJson;
use App\Models\Role;
use App\Models\User;
use Illuminate\Contracts\Support\Responsable;
use OpenApi\Attributes as OA;

/** Who is signed in. */
#[OA\Schema]
final readonly class UserResource implements Responsable
{
    use RespondsAsJson;

    /** @param  list<Role>  $roles */
    public function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $email,
        #[OA\Property(type: 'string', enum: Role::class)]
        public Role $role,
        #[OA\Property(
            type: 'array', items: new OA\Items(type: 'string', enum: Role::class), description: 'all of them',
        )]
        public array $roles,
        #[OA\Property(description: 'whether people, rules and the trail are theirs to look after')]
        public bool $may_manage,
        #[OA\Property(description: 'whether the school asks for a second factor that is not set up yet')]
        public bool $wants_second_factor,
        #[OA\Property(description: 'whether walks are theirs to score')]
        public bool $may_score,
        #[OA\Property(description: 'whether other students are theirs to see')]
        public bool $sees_all_students,
        #[OA\Property(description: 'whether checklists, vehicles and phrases are theirs to change')]
        public bool $may_change_documents,
        #[OA\Property]
        public ?int $student_id,
        #[OA\Property]
        public string $school,
        #[OA\Property]
        public string $state,
        #[OA\Property(description: 'in which the school\'s days begin and end, as America/New_York')]
        public string $time_zone,
    ) {}

    public static function of(User $user): self
    {
        return new self(
            $user->id, $user->name, $user->email, $user->role, $user->roles(), $user->manages(),
            $user->two_factor_at === null && SecondFactor::isRequired($user, $user->school),
            $user->scores(), $user->seesAllStudents(),
            $user->changesDocuments(), $user->student?->id, $user->school->name,
            $user->school->state, $user->school->time_zone,
        );
    }
}
