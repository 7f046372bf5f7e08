<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** A value of the open format, as people call it. */
#[OA\Schema]
final readonly class OptionResource
{
    public function __construct(
        #[OA\Property]
        public string $value,
        #[OA\Property]
        public string $label,
    ) {}
}
