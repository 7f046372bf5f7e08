<?php

declare(strict_types=1);

namespace App\Http\Resources\Progress;

use App\Http\Resources\RespondsAsJson;
use Illuminate\Contracts\Support\Responsable;
use OpenApi\Attributes as OA;

/** A class: who is ready, what all miss, what a lesson would bring, and how well chances were kept. */
#[OA\Schema]
final readonly class ClassResource implements Responsable
{
    use RespondsAsJson;

    /**
     * @param  list<ClassStudentResource>  $students
     * @param  list<ClassMissResource>  $missed
     * @param  list<LessonGainResource>  $lessons
     * @param  list<KeptPromiseResource>  $kept
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: ClassStudentResource::class))] public array $students,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ClassMissResource::class))] public array $missed,
        #[OA\Property(type: 'array', items: new OA\Items(ref: LessonGainResource::class))] public array $lessons,
        #[OA\Property(type: 'array', items: new OA\Items(ref: KeptPromiseResource::class))] public array $kept,
        #[OA\Property(description: 'students whose answers are still being worked out')] public int $waiting,
        #[OA\Property] public int $weeks_compared,
    ) {}
}
