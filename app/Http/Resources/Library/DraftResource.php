<?php

declare(strict_types=1);

namespace App\Http\Resources\Library;

use App\Http\Resources\RespondsAsJson;
use App\Http\Resources\Walk\InspectionResource;
use App\Models\DocumentKind;
use Illuminate\Contracts\Support\Responsable;
use OpenApi\Attributes as OA;

/**
 * A draft as it stands: the document, what is wrong in it, and what it changes against the version it was made from.
 */
#[OA\Schema]
final readonly class DraftResource implements Responsable
{
    use RespondsAsJson;

    /**
     * @param  list<FaultResource>  $faults
     * @param  list<ChangeResource>  $changes
     * @param  list<string>  $leftovers
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property(type: 'string', enum: DocumentKind::class)]
        public DocumentKind $kind,
        #[OA\Property]
        public string $slug,
        #[OA\Property]
        public int $step,
        #[OA\Property]
        public bool $can_undo,
        #[OA\Property]
        public bool $can_redo,
        #[OA\Property]
        public bool $may_publish,
        #[OA\Property(nullable: true, description: 'version it was made from')]
        public ?int $base_version,
        #[OA\Property(description: 'a ChecklistDocument or VehicleDocument', type: 'object')]
        public mixed $document,
        #[OA\Property(type: 'array', items: new OA\Items(ref: FaultResource::class))]
        public array $faults,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ChangeResource::class))]
        public array $changes,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(type: 'string'),
            description: 'what a vehicle that was copied still says of the other one',
        )]
        public array $leftovers,
        #[OA\Property(nullable: true, description: 'the drawing, of a vehicle without faults')]
        public ?InspectionResource $inspection,
    ) {}
}
