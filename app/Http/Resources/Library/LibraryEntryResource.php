<?php

declare(strict_types=1);

namespace App\Http\Resources\Library;

use OpenApi\Attributes as OA;

/** A checklist or vehicle with its versions, newest first. */
#[OA\Schema]
final readonly class LibraryEntryResource
{
    /** @param  list<VersionResource>  $versions */
    public function __construct(
        #[OA\Property]
        public string $slug,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $about,
        #[OA\Property(type: 'array', items: new OA\Items(ref: VersionResource::class))]
        public array $versions,
        #[OA\Property(nullable: true, description: 'why a vehicle is out of service; null while it is in service')]
        public ?string $out_of_service,
        #[OA\Property(nullable: true, description: 'version that would be in force if the one in force were withdrawn')]
        public ?int $version_before,
    ) {}
}
