<?php

declare(strict_types=1);

namespace App\Http\Resources\Progress;

use App\Http\Resources\RespondsAsJson;
use Illuminate\Contracts\Support\Responsable;
use OpenApi\Attributes as OA;

/** Where a calendar program reads somebody's walks: whoever knows it can read them. */
#[OA\Schema]
final readonly class CalendarResource implements Responsable
{
    use RespondsAsJson;

    public function __construct(
        #[OA\Property(nullable: true, description: 'path at this server; null before one was made')]
        public ?string $path,
    ) {}
}
