<?php

declare(strict_types=1);

namespace App\Http\Resources\Library;

use App\Http\Resources\OptionResource;
use OpenApi\Attributes as OA;
use Pasada\Core\Listing\KnownParts;
use Pasada\Core\Listing\ListedPart;

/** One line of somebody's list, with the part that it is taken for. */
#[OA\Schema]
final readonly class ListedPartResource
{
    /**
     * @param  list<OptionResource>  $candidates
     * @param  list<string>  $points
     */
    public function __construct(
        #[OA\Property]
        public int $line,
        #[OA\Property]
        public string $section,
        #[OA\Property]
        public string $text,
        #[OA\Property(description: 'id of a part, "new" or "skip"')]
        public string $choice,
        #[OA\Property(description: 'false where a person should look')]
        public bool $settled,
        #[OA\Property(
            type: 'array', items: new OA\Items(ref: OptionResource::class), description: 'likely parts, best first',
        )]
        public array $candidates,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'none for the usual ones')]
        public array $points,
    ) {}

    public static function of(ListedPart $part, KnownParts $known): self
    {
        $candidates = [];
        foreach (array_keys($part->recognized->candidates) as $id) {
            $candidates[] = new OptionResource($id, $known->name($id));
        }

        return new self(
            $part->line, $part->section, $part->text, $part->choice, $part->isSettled, $candidates, $part->points,
        );
    }
}
