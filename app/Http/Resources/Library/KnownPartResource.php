<?php

declare(strict_types=1);

namespace App\Http\Resources\Library;

use OpenApi\Attributes as OA;
use Pasada\Core\Listing\KnownParts;

/** A part that can be asked, as a checklist writes it. */
#[OA\Schema]
final readonly class KnownPartResource
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property(type: 'object', additionalProperties: true)]
        public object $component,
    ) {}

    /** @return list<self> by name */
    public static function all(KnownParts $known): array
    {
        $all = [];
        foreach ($known->components as $id => $component) {
            $all[] = new self($id, $known->name($id), (object) $component);
        }
        usort($all, static fn (self $a, self $b): int => strcasecmp($a->name, $b->name));

        return $all;
    }
}
