<?php

declare(strict_types=1);

namespace App\Http\Resources\Walk;

use OpenApi\Attributes as OA;
use Pasada\Core\Attempt\Remark;

#[OA\Schema]
final readonly class RemarkResource
{
    public function __construct(
        #[OA\Property]
        public string $mark_id,
        #[OA\Property]
        public int $at_ms,
        #[OA\Property]
        public string $text,
        #[OA\Property]
        public ?string $item,
    ) {}

    public static function of(Remark $remark): self
    {
        return new self($remark->markId, $remark->atMs, $remark->text, $remark->item);
    }
}
