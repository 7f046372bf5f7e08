<?php

declare(strict_types=1);

namespace App\Http\Resources\Sound;

use App\Http\Resources\RespondsAsJson;
use App\Models\Sound\SoundState;
use App\Models\Sound\WalkSound;
use Illuminate\Contracts\Support\Responsable;
use OpenApi\Attributes as OA;

/** A stretch of a walk as it was recorded. */
#[OA\Schema]
final readonly class SoundResource implements Responsable
{
    use RespondsAsJson;

    /**
     * @param  list<float>  $strip
     * @param  list<SaidItemResource>  $said
     */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property(description: 'of the clock of the walk')] public int $from_ms,
        #[OA\Property(description: '0 until it is worked on')] public int $lasts_ms,
        #[OA\Property(description: 'media type')] public string $kind,
        #[OA\Property(type: 'string', enum: SoundState::class)] public SoundState $state,
        #[OA\Property(nullable: true, description: 'what went wrong, and what to do')] public ?string $why,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'), description: 'how loud, 0 to 1')]
        public array $strip,
        #[OA\Property(type: 'array', items: new OA\Items(ref: SaidItemResource::class))] public array $said,
        #[OA\Property(nullable: true, description: 'SHA-256 of the whole as it came')] public ?string $digest,
    ) {}

    public static function of(WalkSound $sound): self
    {
        return new self(
            $sound->id, $sound->from_ms, $sound->lasts_ms, $sound->kind, $sound->state, $sound->why,
            $sound->strip ?? [],
            array_map(
                static fn (string $item, array $at): SaidItemResource => new SaidItemResource($item, $at),
                array_keys($sound->said ?? []), array_values($sound->said ?? []),
            ),
            $sound->digest,
        );
    }
}
