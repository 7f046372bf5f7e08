<?php

declare(strict_types=1);

namespace App\Http\Resources\Walk;

use OpenApi\Attributes as OA;
use Pasada\Core\Checklist\Figure;

/** A figure that belongs to a point, with where it comes from. */
#[OA\Schema]
final readonly class FigureResource
{
    /** @param  list<array{low: float, high: float}>  $accepted */
    public function __construct(
        #[OA\Property]
        public string $point,
        #[OA\Property]
        public string $said,
        #[OA\Property]
        public string $unit,
        #[OA\Property]
        public string $source,
        #[OA\Property]
        public string $note,
        #[
            OA\Property(
                type: 'array', description: 'ranges, in the unit, of which one has to hold what is said',
                items: new OA\Items(
                    required: ['low', 'high'],
                    properties: [
                        new OA\Property(property: 'low', type: 'number'),
                        new OA\Property(property: 'high', type: 'number'),
                    ],
                    type: 'object',
                ),
            ),
        ]
        public array $accepted,
        #[OA\Property(description: 'a limit on one side only, which can be said the wrong way round')]
        public bool $one_sided,
    ) {}

    public static function of(Figure $figure): self
    {
        return new self(
            $figure->point->value, $figure->said(), $figure->unit->value, $figure->source, $figure->note,
            array_map(static fn (Figure $part): array => [
                'low' => $part->acceptedLow / 1000,
                'high' => $part->acceptedHigh / 1000,
            ], $figure->parts()),
            $figure->isOneSided(),
        );
    }
}
