<?php

declare(strict_types=1);

namespace App\Http\Resources\People;

use App\Http\Resources\OptionResource;
use App\Http\Resources\RespondsAsJson;
use Illuminate\Contracts\Support\Responsable;
use OpenApi\Attributes as OA;

/** A list of students as it was understood. */
#[OA\Schema]
final readonly class RosterResource implements Responsable
{
    use RespondsAsJson;

    /**
     * @param  list<OptionResource>  $columns
     * @param  list<OptionResource>  $meanings
     * @param  list<RosterLineResource>  $lines
     */
    public function __construct(
        #[OA\Property(
            type: 'array', items: new OA\Items(ref: OptionResource::class),
            description: 'heading of each column, with what it holds',
        )]
        public array $columns,
        #[OA\Property(type: 'array', items: new OA\Items(ref: OptionResource::class))] public array $meanings,
        #[OA\Property(type: 'array', items: new OA\Items(ref: RosterLineResource::class))] public array $lines,
        #[OA\Property(description: 'lines with faults')] public int $faults,
        #[OA\Property(description: 'lines of which it is not chosen yet whether they are new')] public int $open,
        #[OA\Property(nullable: true, description: 'how many were added; null where nothing was kept')]
        public ?int $kept,
    ) {}
}
