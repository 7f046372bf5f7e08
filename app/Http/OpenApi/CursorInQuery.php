<?php

declare(strict_types=1);

namespace App\Http\OpenApi;

use Attribute;
use OpenApi\Attributes as OA;

/** Where in a list a page begins. */
#[Attribute(Attribute::TARGET_METHOD)]
final class CursorInQuery extends OA\QueryParameter
{
    public function __construct()
    {
        parent::__construct(
            name: 'cursor', description: 'of the header `Link` of the page before',
            schema: new OA\Schema(type: 'string'),
        );
    }
}
