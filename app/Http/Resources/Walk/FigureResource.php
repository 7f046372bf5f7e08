<?php

declare(strict_types=1);

namespace App\Http\Resources\Walk;

use OpenApi\Attributes as OA;
use Pasada\Core\Checklist\Figure;

/** A figure that belongs to a point, with where it comes from. */
#[OA\Schema]
final readonly class FigureResource
{
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
    ) {}

    public static function of(Figure $figure): self
    {
        return new self($figure->point->value, $figure->said(), $figure->unit->value, $figure->source, $figure->note);
    }
}
