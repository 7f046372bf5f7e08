<?php

declare(strict_types=1);

namespace App\Http\Resources\Record;

use OpenApi\Attributes as OA;
use Pasada\Core\Attempt\Visit;

#[OA\Schema]
final readonly class VisitResource
{
    public function __construct(
        #[OA\Property]
        public string $place,
        #[OA\Property]
        public int $from_ms,
        #[OA\Property]
        public int $to_ms,
    ) {}

    public static function of(Visit $visit): self
    {
        return new self($visit->place, $visit->fromMs, $visit->toMs);
    }
}
