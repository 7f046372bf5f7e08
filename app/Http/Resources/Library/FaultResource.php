<?php

declare(strict_types=1);

namespace App\Http\Resources\Library;

use OpenApi\Attributes as OA;
use Pasada\Core\Document\Fault;

#[OA\Schema]
final readonly class FaultResource
{
    public function __construct(
        #[OA\Property]
        public string $path,
        #[OA\Property]
        public string $message,
    ) {}

    public static function of(Fault $fault): self
    {
        return new self($fault->path, $fault->message);
    }
}
