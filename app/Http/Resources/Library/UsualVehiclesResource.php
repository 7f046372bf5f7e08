<?php

declare(strict_types=1);

namespace App\Http\Resources\Library;

use App\Http\Resources\OptionResource;
use App\Http\Resources\RespondsAsJson;
use App\Library\ShippedVehicles;
use Illuminate\Contracts\Support\Responsable;
use OpenApi\Attributes as OA;
use stdClass;

/** Usual vehicles to begin one's own with. */
#[OA\Schema]
final readonly class UsualVehiclesResource implements Responsable
{
    use RespondsAsJson;

    /** @param  list<OptionResource>  $vehicles */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: OptionResource::class))]
        public array $vehicles,
    ) {}

    public static function of(ShippedVehicles $shipped): self
    {
        $all = $shipped->all();

        return new self(
            array_map(
                static fn (string $id, stdClass $one): OptionResource => new OptionResource(
                    $id, is_string($one->name) ? $one->name : $id,
                ),
                array_keys($all),
                $all,
            ),
        );
    }
}
