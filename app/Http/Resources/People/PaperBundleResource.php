<?php

declare(strict_types=1);

namespace App\Http\Resources\People;

use App\Http\Resources\RespondsAsJson;
use App\Models\Paper\PaperBundle;
use Illuminate\Contracts\Support\Responsable;
use Illuminate\Support\Carbon;
use OpenApi\Attributes as OA;

/** How far the papers of a class are. */
#[OA\Schema]
final readonly class PaperBundleResource implements Responsable
{
    use RespondsAsJson;

    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property(description: 'students whose record is printed')] public int $done,
        #[OA\Property] public int $all,
        #[OA\Property] public bool $ready,
        #[OA\Property(description: 'nothing more comes; ask anew')] public bool $failed,
    ) {}

    public static function of(PaperBundle $bundle): self
    {
        return new self(
            $bundle->id, $bundle->done, $bundle->all, $bundle->ready_at !== null, $bundle->hasFailed(Carbon::now()),
        );
    }
}
