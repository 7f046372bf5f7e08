<?php

declare(strict_types=1);

namespace App\Http\Resources\People;

use OpenApi\Attributes as OA;
use Pasada\Core\Roster\RosterChoice;

/** A line of a list of students. */
#[OA\Schema]
final readonly class RosterLineResource
{
    /**
     * @param  list<string>  $faults
     * @param  list<string>  $known
     */
    public function __construct(
        #[OA\Property] public int $line,
        #[OA\Property] public string $name,
        #[OA\Property] public ?string $number,
        #[OA\Property] public ?string $class_name,
        #[OA\Property] public ?string $exam_on,
        #[OA\Property(nullable: true, description: 'what came of an earlier exam')] public ?string $result,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $faults,
        #[
            OA\Property(
                type: 'array', items: new OA\Items(type: 'string'),
                description: 'who is there already, or stands in the list before, and may be the same',
            ),
        ]
        public array $known,
        #[OA\Property(type: 'string', enum: RosterChoice::class, nullable: true, description: 'what was said of them')]
        public ?RosterChoice $choice,
    ) {}
}
