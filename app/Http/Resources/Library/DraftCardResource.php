<?php

declare(strict_types=1);

namespace App\Http\Resources\Library;

use App\Models\DocumentKind;
use App\Models\Draft;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class DraftCardResource
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property(type: 'string', enum: DocumentKind::class)]
        public DocumentKind $kind,
        #[OA\Property]
        public string $slug,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $changed_at,
        #[OA\Property(nullable: true, description: 'who opened it')]
        public ?string $by,
        #[OA\Property(nullable: true, description: 'the version it was made from; null for a new document')]
        public ?int $base_version,
    ) {}

    public static function of(Draft $draft, string $name, ?string $by, ?int $base): self
    {
        return new self(
            $draft->id, $draft->kind, $draft->slug, $name, $draft->updated_at->toIso8601ZuluString(), $by, $base,
        );
    }
}
