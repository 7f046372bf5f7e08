<?php

declare(strict_types=1);

namespace App\Http\Resources\Library;

use OpenApi\Attributes as OA;
use Pasada\Core\Inspection\LeftOut;

/** A part that is not asked of a vehicle, and why. */
#[OA\Schema]
final readonly class LeftOutResource
{
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $section,
        #[OA\Property]
        public string $stop,
        #[OA\Property]
        public string $reason,
    ) {}

    public static function of(LeftOut $one): self
    {
        return new self($one->name, $one->section, $one->stop, $one->reason);
    }
}
