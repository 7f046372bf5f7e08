<?php

declare(strict_types=1);

namespace App\Http\Resources\Brakes;

use App\Models\BrakePractice;
use App\Models\CabHelp;
use OpenApi\Attributes as OA;
use Pasada\Core\Brakes\Judging\Standing;

/** A practice in the simulated cab as the student's record lists it; it counts on no sheet. */
#[OA\Schema]
final readonly class BrakePracticeResource
{
    public function __construct(
        #[OA\Property(type: 'string', format: 'date-time')] public string $at,
        #[OA\Property] public string $vehicle,
        #[OA\Property] public string $checklist,
        #[OA\Property(type: 'string', enum: CabHelp::class)] public string $help,
        #[OA\Property(nullable: true, description: 'the part that was practiced; null for all of it')]
        public ?string $drill,
        #[OA\Property(type: 'string', enum: Standing::class)] public Standing $standing,
        #[OA\Property(nullable: true)] public ?string $cause,
        #[OA\Property(nullable: true, description: 'what was wrong with the truck')] public ?string $fault,
        #[
            OA\Property(
                nullable: true,
                description: 'whether the student found it; null where it was known or nothing was wrong',
            ),
        ]
        public ?bool $found,
    ) {}

    public static function of(BrakePractice $practice): self
    {
        return new self(
            $practice->created_at->toIso8601String(), $practice->vehicle->name, $practice->checklist->name,
            $practice->help->value, $practice->drill?->label(), $practice->standing,
            $practice->cause, $practice->fault, $practice->found,
        );
    }
}
