<?php

declare(strict_types=1);

namespace App\Http\OpenApi;

use App\Http\Requests\PageRequest;
use Attribute;
use OpenApi\Attributes as OA;

/** How many rows a page of a list holds. */
#[Attribute(Attribute::TARGET_METHOD)]
final class LimitInQuery extends OA\QueryParameter
{
    public function __construct()
    {
        parent::__construct(
            name: 'limit', description: sprintf('rows at most, %d where it is left out', PageRequest::USUAL),
            schema: new OA\Schema(type: 'integer', maximum: PageRequest::USUAL, minimum: 1),
        );
    }
}
