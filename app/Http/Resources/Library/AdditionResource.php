<?php

declare(strict_types=1);

namespace App\Http\Resources\Library;

use OpenApi\Attributes as OA;
use Pasada\Core\Vehicle\BrakeSystem;
use Pasada\Core\Vehicle\UnitKind;
use Pasada\Core\Vehicle\UsualUnit;

/** What can be hitched on, as it usually is. */
#[OA\Schema]
final readonly class AdditionResource
{
    /** @param  list<object>  $units */
    public function __construct(
        #[OA\Property]
        public string $label,
        #[OA\Property(description: 'whether what drives must have air for its brakes')]
        public bool $needs_air,
        #[OA\Property(
            type: 'array', items: new OA\Items(type: 'object', additionalProperties: true),
            description: 'units of a VehicleDocument, each with its front end at 0',
        )]
        public array $units,
    ) {}

    /** @return list<self> behind a unit; with air brakes, and with such as need none */
    public static function behind(UnitKind $front): array
    {
        $all = [];
        foreach (UsualUnit::behind($front) as $kinds) {
            $brakes = array_filter(
                [BrakeSystem::Air, BrakeSystem::Electric], static fn (BrakeSystem $one): bool => $one->isOf($kinds[0]),
            );
            foreach ($brakes as $system) {
                $names = array_map(static fn (UnitKind $one): string => $one->label(), $kinds);
                $all[] = new self(
                    'Hitch a '.implode(' with a ', $names).(count($brakes) > 1 ? ', '.$system->label().' brakes' : ''),
                    $system->hasAir(),
                    array_map(
                        static fn (UnitKind $one): object => (object) UsualUnit::document($one, $system), $kinds,
                    ),
                );
            }
        }

        return $all;
    }
}
