<?php

declare(strict_types=1);

namespace App\Http\Resources\People;

use App\Http\Resources\OptionResource;
use App\Http\Resources\RespondsAsJson;
use App\Models\Role;
use Illuminate\Contracts\Support\Responsable;
use OpenApi\Attributes as OA;

/** What a school is, and how far its start has come. */
#[OA\Schema]
final readonly class SchoolResource implements Responsable
{
    use RespondsAsJson;

    /**
     * @param  list<string>  $two_factor_roles
     * @param  list<StartStepResource>  $steps
     * @param  list<OptionResource>  $shipped_checklists
     * @param  list<OptionResource>  $shipped_vehicles
     */
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property] public string $state,
        #[OA\Property] public string $time_zone,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string', enum: Role::class))]
        public array $two_factor_roles,
        #[OA\Property(description: 'walks may be recorded, of who agrees')] public bool $keeps_sound,
        #[OA\Property] public bool $start_is_done,
        #[OA\Property(description: 'in force')] public int $checklists,
        #[OA\Property(description: 'in force')] public int $vehicles,
        #[OA\Property(type: 'array', items: new OA\Items(ref: StartStepResource::class))] public array $steps,
        #[OA\Property(type: 'array', items: new OA\Items(ref: OptionResource::class), description: 'not taken yet')]
        public array $shipped_checklists,
        #[OA\Property(type: 'array', items: new OA\Items(ref: OptionResource::class), description: 'not taken yet')]
        public array $shipped_vehicles,
    ) {}
}
