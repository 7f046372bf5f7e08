<?php

declare(strict_types=1);

namespace App\Http\OpenApi;

use Attribute;
use OpenApi\Attributes as OA;

/** The id of what a route is about, in its path. */
#[Attribute(Attribute::TARGET_METHOD)]
final class IdInPath extends OA\Parameter
{
    public function __construct(string $name)
    {
        parent::__construct(
            name: $name, in: 'path', required: true, schema: new OA\Schema(type: 'string', format: 'uuid'),
        );
    }
}
