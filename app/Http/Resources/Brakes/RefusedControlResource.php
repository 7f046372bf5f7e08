<?php

declare(strict_types=1);

namespace App\Http\Resources\Brakes;

use OpenApi\Attributes as OA;

/** A control that the cab refused. */
#[OA\Schema]
final readonly class RefusedControlResource
{
    public function __construct(
        #[OA\Property(description: 'which of the controls, from 0')]
        public int $control,
        #[OA\Property]
        public string $why,
    ) {}
}
