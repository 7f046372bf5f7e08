<?php

declare(strict_types=1);

namespace App\Http\Resources\Library;

use App\Models\StoredDocument;
use App\Models\VersionState;
use OpenApi\Attributes as OA;

/** One version of a checklist or vehicle; a version without a day was never put in force. */
#[OA\Schema]
final readonly class VersionResource
{
    public function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property]
        public int $version,
        #[OA\Property]
        public string $name,
        #[OA\Property(nullable: true, format: 'date')]
        public ?string $in_force_from,
        #[OA\Property]
        public bool $in_force,
        #[OA\Property(type: 'string', enum: VersionState::class)]
        public VersionState $state,
        #[OA\Property(nullable: true, description: 'who put it in force')]
        public ?string $by,
        #[OA\Property(nullable: true)]
        public ?string $reason,
        #[OA\Property(nullable: true, format: 'date-time')]
        public ?string $withdrawn_at,
        #[OA\Property(nullable: true)]
        public ?string $withdrawn_by,
        #[OA\Property(nullable: true)]
        public ?string $withdrawn_reason,
    ) {}

    /** @param  array<int, string>  $people  names by id */
    public static function of(StoredDocument $row, bool $inForce, string $today, array $people = []): self
    {
        return new self(
            $row->id, $row->version, $row->name, $row->in_force_from?->toDateString(), $inForce,
            $row->state($inForce, $today),
            $people[$row->author_id] ?? null, $row->reason, $row->withdrawn_at?->toIso8601ZuluString(),
            $people[$row->withdrawn_by] ?? null, $row->withdrawn_reason,
        );
    }
}
