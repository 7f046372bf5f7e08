<?php

declare(strict_types=1);

namespace App\Http\OpenApi;

use Attribute;
use OpenApi\Attributes as OA;

/** The id of what a route is about, in its path. */
#[Attribute(Attribute::TARGET_METHOD)]
final class IdInPath extends OA\Parameter
{
    /** @param  bool  $isNumber  a row's own id, and not a UUID that a page made */
    public function __construct(string $name, bool $isNumber = false)
    {
        parent::__construct(
            name: $name, in: 'path', required: true,
            schema: $isNumber ? new OA\Schema(type: 'integer') : new OA\Schema(type: 'string', format: 'uuid'),
        );
    }
}
