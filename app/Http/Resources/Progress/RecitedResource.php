<?php

declare(strict_types=1);

namespace App\Http\Resources\Progress;

use App\Http\Resources\RespondsAsJson;
use App\Progress\Recited;
use Illuminate\Contracts\Support\Responsable;
use OpenApi\Attributes as OA;

/** What was heard of a part that was recited, and what was missing. */
#[OA\Schema]
final readonly class RecitedResource implements Responsable
{
    use RespondsAsJson;

    /**
     * @param  list<string>  $heard
     * @param  list<string>  $missing
     * @param  list<string>  $wrong
     */
    public function __construct(
        #[OA\Property] public string $item,
        #[OA\Property(description: 'thousandths of what the item is worth')] public int $earned,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'labels of points')]
        public array $heard,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'the words that were not said')]
        public array $missing,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'what was said wrong')]
        public array $wrong,
        #[OA\Property(description: 'the words to use')] public string $say,
        #[OA\Property(description: 'parts recited today, this one among them')] public int $today,
    ) {}

    public static function of(Recited $one): self
    {
        return new self(
            $one->item, $one->earned, $one->heard, $one->missing, $one->wrong, $one->say, $one->today,
        );
    }
}
