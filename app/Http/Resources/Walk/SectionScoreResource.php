<?php

declare(strict_types=1);

namespace App\Http\Resources\Walk;

use OpenApi\Attributes as OA;
use Pasada\Core\Scoring\SectionScore;

/** `permille` is the share earned, rounded down. */
#[OA\Schema]
final readonly class SectionScoreResource
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public int $permille,
        #[OA\Property]
        public int $whole,
        #[OA\Property]
        public int $asked,
        #[OA\Property]
        public int $time_ms,
        #[OA\Property]
        public ?int $time_allowed_seconds,
    ) {}

    public static function of(SectionScore $section): self
    {
        return new self(
            $section->id, $section->name, $section->score->permille(), $section->score->whole, $section->score->asked,
            $section->timeMs, $section->timeAllowedSeconds,
        );
    }
}
