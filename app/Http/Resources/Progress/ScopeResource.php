<?php

declare(strict_types=1);

namespace App\Http\Resources\Progress;

use OpenApi\Attributes as OA;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\Scope;

/** A part of the vehicle that can be rehearsed. */
#[OA\Schema]
final readonly class ScopeResource
{
    public function __construct(
        #[OA\Property(description: 'as RehearseRequest takes it')] public string $scope,
        #[OA\Property(type: 'string', enum: ['whole', 'section', 'place', 'axle'])] public string $kind,
        #[OA\Property] public string $name,
        #[OA\Property] public int $items,
    ) {}

    /** @return list<self> */
    public static function allOf(Inspection $inspection): array
    {
        return array_map(static fn (Scope $one): self => new self(
            $one->written(), $one->kind, $one->label($inspection), count($one->in($inspection)->items ?? []),
        ), Scope::choicesOf($inspection));
    }
}
