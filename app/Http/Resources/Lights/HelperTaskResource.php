<?php

declare(strict_types=1);

namespace App\Http\Resources\Lights;

use App\Http\Resources\RespondsAsJson;
use Illuminate\Contracts\Support\Responsable;
use OpenApi\Attributes as OA;
use Pasada\Core\Inspection\Item;
use Pasada\Core\Lights\LightPlace;

/** What a helper outside looks at now; nothing else of the walk is told. */
#[OA\Schema]
final readonly class HelperTaskResource implements Responsable
{
    use RespondsAsJson;

    /** @param  list<string>  $at */
    public function __construct(
        #[OA\Property(nullable: true, description: 'null while nothing was called')] public ?string $item,
        #[OA\Property] public string $function,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'place and color of each lamp')]
        public array $at,
        #[OA\Property(description: 'functions and places that wait behind it')] public int $waiting,
    ) {}

    /** @param  list<Item>  $called */
    public static function of(array $called): self
    {
        $light = $called === [] ? null : $called[0]->light;

        return $light === null ? new self(null, '', [], 0) : new self(
            $called[0]->id, $light->function->label(), array_map(
                static fn (LightPlace $place): string => $place->label().': '.$light->function->color($place),
                $light->places,
            ), count($called) - 1,
        );
    }
}
