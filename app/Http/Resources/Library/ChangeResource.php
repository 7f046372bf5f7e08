<?php

declare(strict_types=1);

namespace App\Http\Resources\Library;

use OpenApi\Attributes as OA;
use Pasada\Core\Document\Change;

/** What two versions have different: where, what stood there, what stands there now. */
#[OA\Schema]
final readonly class ChangeResource
{
    public function __construct(
        #[OA\Property]
        public string $where,
        #[OA\Property]
        public ?string $before,
        #[OA\Property]
        public ?string $after,
    ) {}

    public static function of(Change $change): self
    {
        return new self($change->where, $change->before, $change->after);
    }
}
