<?php

declare(strict_types=1);

namespace App\Http\Resources\Sound;

use App\Models\Sound\Utterance;
use OpenApi\Attributes as OA;

/**
 * Words with when they were said, and how they may be read.
 *
 * @phpstan-import-type HeardWords from Utterance
 */
#[OA\Schema]
final readonly class HeardPieceResource
{
    /** @param  list<array{text: string, weight: float}>  $alternatives */
    public function __construct(
        #[OA\Property(description: 'of the clock of the walk')] public int $from_ms,
        #[OA\Property] public string $text,
        #[
            OA\Property(
                type: 'array', description: 'readings, the text among them; empty where it is the only one',
                items: new OA\Items(required: ['text', 'weight'], type: 'object', properties: [
                    new OA\Property(property: 'text', type: 'string'),
                    new OA\Property(property: 'weight', type: 'number'),
                ]),
            ),
        ]
        public array $alternatives,
    ) {}

    /** @param  HeardWords  $piece */
    public static function of(array $piece): self
    {
        return new self($piece['from_ms'], $piece['text'], $piece['alternatives']);
    }
}
