<?php

declare(strict_types=1);

namespace App\Http\Resources\Library;

use OpenApi\Attributes as OA;
use Pasada\Core\Listing\ListColumn;

/** One column of somebody's list. */
#[OA\Schema]
final readonly class ListColumnResource
{
    /** @param  list<string>  $sample */
    public function __construct(
        #[OA\Property]
        public string $heading,
        #[OA\Property(type: 'string', enum: ListColumn::class)]
        public string $holds,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'its first cells')]
        public array $sample,
    ) {}

    /** @param  list<string>  $sample */
    public static function of(string $heading, ListColumn $holds, array $sample): self
    {
        return new self($heading, $holds->value, $sample);
    }
}
