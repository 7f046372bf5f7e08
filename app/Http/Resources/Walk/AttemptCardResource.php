<?php

declare(strict_types=1);

namespace App\Http\Resources\Walk;

use App\Models\Attempt;
use App\Models\AttemptStatus;
use OpenApi\Attributes as OA;
use Pasada\Core\Brakes\Judging\Standing;

/** An attempt in a list. Standing, share and time are null until it is finished. */
#[OA\Schema]
final readonly class AttemptCardResource
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public int $student_id,
        #[OA\Property]
        public string $student,
        #[OA\Property]
        public int $vehicle_id,
        #[OA\Property]
        public string $vehicle,
        #[OA\Property]
        public string $checklist,
        #[OA\Property]
        public int $scorer_id,
        #[OA\Property]
        public string $scorer,
        #[OA\Property(type: 'string', enum: AttemptStatus::class)]
        public AttemptStatus $status,
        #[OA\Property(description: 'whether others may watch it')]
        public bool $live,
        #[OA\Property]
        public string $started_at,
        #[OA\Property(type: 'string', enum: Standing::class, nullable: true)]
        public ?Standing $standing,
        #[OA\Property]
        public ?int $permille,
        #[OA\Property]
        public ?int $duration_ms,
        #[OA\Property(nullable: true, description: 'what the verdict rests on, or why it counts nowhere')]
        public ?string $reason,
        #[OA\Property(nullable: true, description: 'id of the form that was drawn or set')]
        public ?string $form,
        #[OA\Property(nullable: true, description: 'where the student was when the last mark came')]
        public ?string $place,
        #[OA\Property(description: 'scored on a paper checklist, and entered afterwards')]
        public bool $on_paper,
    ) {}

    /** Wants student, vehicle, checklist, scorer and result loaded: see Attempt::CARD. */
    public static function of(Attempt $attempt): self
    {
        return new self(
            $attempt->id, $attempt->student_id, $attempt->student->name, $attempt->vehicle_id,
            $attempt->vehicle->name,
            $attempt->checklist->name, $attempt->scorer_id, $attempt->scorer->name, $attempt->status, $attempt->live,
            $attempt->started_at->toIso8601ZuluString(), $attempt->result?->standing, $attempt->result?->permille,
            $attempt->result?->duration_ms,
            $attempt->discard_reason ?? $attempt->void_reason ?? $attempt->result?->reason, $attempt->form,
            $attempt->place, $attempt->on_paper,
        );
    }
}
