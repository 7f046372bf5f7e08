<?php

declare(strict_types=1);

namespace App\Http\Resources\Speech;

use OpenApi\Attributes as OA;
use Pasada\Core\Language\Cue;

/** A piece of captions. */
#[OA\Schema]
final readonly class CaptionResource
{
    public function __construct(
        #[OA\Property]
        public int $from_ms,
        #[OA\Property]
        public string $text,
    ) {}

    public static function of(Cue $cue): self
    {
        return new self((int) round($cue->from * 1000), $cue->text);
    }
}
