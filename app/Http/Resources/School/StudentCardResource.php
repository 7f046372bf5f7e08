<?php

declare(strict_types=1);

namespace App\Http\Resources\School;

use App\Models\Student;
use OpenApi\Attributes as OA;
use Pasada\Core\Brakes\Judging\Standing;

/** A student in a list; `attempts` counts the finished ones. */
#[OA\Schema]
final readonly class StudentCardResource
{
    public function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public ?int $class_id,
        #[OA\Property]
        public string $class_name,
        #[OA\Property(nullable: true, description: 'by which the school knows the student')]
        public ?string $number,
        #[OA\Property(description: 'in no list any more')]
        public bool $archived,
        #[OA\Property]
        public ?string $exam_on,
        #[OA\Property]
        public int $attempts,
        #[OA\Property]
        public ?string $last_attempt_at,
        #[OA\Property(type: 'string', enum: Standing::class, nullable: true)]
        public ?Standing $last_standing,
        #[OA\Property]
        public ?int $last_permille,
        #[OA\Property(nullable: true, description: 'what the last verdict rests on; null where every rule was met')]
        public ?string $last_reason,
    ) {}

    /** Wants the student read by Student::cards(). */
    public static function of(Student $student): self
    {
        $last = $student->lastFinished;

        return new self(
            $student->id, $student->name, $student->class_id, $student->className(), $student->number,
            $student->archived_at !== null, $student->exam_on?->toDateString(),
            $student->finished_count, $last?->started_at->toIso8601ZuluString(), $last?->result?->standing,
            $last?->result?->permille, $last?->result?->reason,
        );
    }
}
