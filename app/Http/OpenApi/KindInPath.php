<?php

declare(strict_types=1);

namespace App\Http\OpenApi;

use App\Models\DocumentKind;
use Attribute;
use OpenApi\Attributes as OA;

/** Which shelf of the library a route is about, in its path. */
#[Attribute(Attribute::TARGET_METHOD)]
final class KindInPath extends OA\Parameter
{
    public function __construct()
    {
        parent::__construct(
            name: 'kind', in: 'path', required: true,
            schema: new OA\Schema(type: 'string', enum: array_column(DocumentKind::cases(), 'value')),
        );
    }
}
