<?php

declare(strict_types=1);

namespace App\Http\Resources\Record;

use OpenApi\Attributes as OA;
use Pasada\Core\Catalogue\Point;

/** A stretch of the captions: from a place in one cue to a place in the same or a later one, in characters. */
#[OA\Schema]
final readonly class StretchResource
{
    /** @param  list<string>  $points */
    public function __construct(
        #[OA\Property]
        public int $from_cue,
        #[OA\Property]
        public int $from,
        #[OA\Property]
        public int $to_cue,
        #[OA\Property]
        public int $to,
        #[OA\Property]
        public int $at_ms,
        #[OA\Property]
        public string $text,
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(type: 'string', enum: Point::class),
                description: 'what was said of the part there',
            ),
        ]
        public array $points,
    ) {}
}
