<?php

declare(strict_types=1);

namespace App\Http\Resources\Library;

use OpenApi\Attributes as OA;

/** How much a form that is drawn asks of a vehicle. */
#[OA\Schema]
final readonly class FormItemsResource
{
    public function __construct(
        #[OA\Property]
        public string $form,
        #[OA\Property]
        public int $items,
    ) {}
}
