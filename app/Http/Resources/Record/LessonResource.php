<?php

declare(strict_types=1);

namespace App\Http\Resources\Record;

use OpenApi\Attributes as OA;
use Pasada\Core\Scoring\ItemStatus;

/** An item that was missed or said in part, with the words to use next time. */
#[OA\Schema]
final readonly class LessonResource
{
    /**
     * @param  list<string>  $missing  labels of the points that were not said
     * @param  list<string>  $corrections  what was said wrong, and what is right
     */
    public function __construct(
        #[OA\Property]
        public string $item,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $section,
        #[OA\Property(type: 'string', enum: ItemStatus::class)]
        public ItemStatus $status,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $missing,
        #[OA\Property]
        public string $say,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $corrections,
        #[OA\Property(nullable: true, description: 'name of the item that a reference named')]
        public ?string $carried_from,
        #[OA\Property(nullable: true, description: 'the defect it was recited over')]
        public ?string $defect,
    ) {}
}
