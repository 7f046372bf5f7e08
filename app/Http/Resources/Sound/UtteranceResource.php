<?php

declare(strict_types=1);

namespace App\Http\Resources\Sound;

use App\Models\Sound\SoundState;
use App\Models\Sound\Utterance;
use OpenApi\Attributes as OA;

/** What was said between two pauses. */
#[OA\Schema]
final readonly class UtteranceResource
{
    /** @param  list<HeardPieceResource>  $pieces */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $from_ms,
        #[OA\Property(type: 'string', enum: SoundState::class)] public SoundState $state,
        #[OA\Property(type: 'array', items: new OA\Items(ref: HeardPieceResource::class))] public array $pieces,
    ) {}

    public static function of(Utterance $one): self
    {
        return new self(
            $one->id, $one->from_ms, $one->state, array_map(HeardPieceResource::of(...), $one->heard ?? []),
        );
    }
}
