<?php

declare(strict_types=1);

namespace App\Http\Resources\People;

use App\Http\Resources\RespondsAsJson;
use App\Retention\ErasureTold;
use Illuminate\Contracts\Support\Responsable;
use OpenApi\Attributes as OA;

/** What an erasure would take away, and what stands against it. */
#[OA\Schema]
final readonly class ErasureResource implements Responsable
{
    use RespondsAsJson;

    public function __construct(
        #[OA\Property(description: 'why the records are held')] public ?string $held,
        #[OA\Property(description: 'walks whose years are over')] public int $walks,
        #[OA\Property] public int $practices,
        #[OA\Property(description: 'walks that have to be kept')] public int $kept,
        #[OA\Property] public ?string $kept_until,
    ) {}

    public static function of(ErasureTold $told): self
    {
        return new self($told->held, $told->walks, $told->practices, $told->kept, $told->keptUntil);
    }
}
