<?php

declare(strict_types=1);

namespace App\Http\Resources\Sound;

use OpenApi\Attributes as OA;

/** Words with when they were said, and what they may have been instead. */
#[OA\Schema]
final readonly class HeardPieceResource
{
    /** @param  list<string>  $alternatives */
    public function __construct(
        #[OA\Property(description: 'of the clock of the walk')] public int $from_ms,
        #[OA\Property] public string $text,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $alternatives,
    ) {}

    /** @param  array{from_ms: int, text: string, alternatives: list<string>, ...}  $piece */
    public static function of(array $piece): self
    {
        return new self($piece['from_ms'], $piece['text'], $piece['alternatives']);
    }
}
