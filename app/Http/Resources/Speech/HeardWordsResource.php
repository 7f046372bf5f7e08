<?php

declare(strict_types=1);

namespace App\Http\Resources\Speech;

use OpenApi\Attributes as OA;

/** The captions of a walk and what was heard in them. */
#[OA\Schema]
final readonly class HeardWordsResource
{
    /**
     * @param  list<string>  $warnings
     * @param  list<CaptionResource>  $captions
     * @param  list<SuggestionResource>  $suggestions
     * @param  list<string>  $wrong
     * @param  list<array{from_ms: int, to_ms: int, text: string}>  $off_list
     */
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $warnings,
        #[OA\Property(type: 'array', items: new OA\Items(ref: CaptionResource::class))] public array $captions,
        #[OA\Property(type: 'array', items: new OA\Items(ref: SuggestionResource::class))] public array $suggestions,
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(type: 'string'),
                description: 'figures that are not what the checklist accepts',
            ),
        ]
        public array $wrong,
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(
                    properties: [
                        new OA\Property(property: 'from_ms', type: 'integer'),
                        new OA\Property(property: 'to_ms', type: 'integer'),
                        new OA\Property(property: 'text', type: 'string'),
                    ],
                    type: 'object',
                    required: ['from_ms', 'to_ms', 'text'],
                ),
                description: 'talk about what is not asked',
            ),
        ]
        public array $off_list,
        #[OA\Property(description: 'when the last words were said')]
        public int $end_ms,
    ) {}
}
