<?php

declare(strict_types=1);

namespace App\Http\Resources\Record;

use App\Models\Attempt;
use OpenApi\Attributes as OA;

/** Where a record came from that was not made here. */
#[OA\Schema]
final readonly class ImportedResource
{
    public function __construct(
        #[OA\Property(description: 'when it was taken in')]
        public string $at,
        #[OA\Property(description: 'who took it in')]
        public string $by,
        #[OA\Property(description: 'who is named in it')]
        public string $student,
        #[OA\Property]
        public string $scorer,
        #[OA\Property]
        public string $school,
    ) {}

    public static function of(Attempt $attempt): ?self
    {
        return $attempt->imported_at === null
            ? null
            : new self(
                $attempt->imported_at->toIso8601ZuluString(), $attempt->importer->name ?? '?',
                $attempt->source['student'] ?? '?', $attempt->source['scorer'] ?? '?',
                $attempt->source['school'] ?? '?',
            );
    }
}
