<?php

declare(strict_types=1);

namespace App\Http\OpenApi;

use Attribute;
use OpenApi\Attributes as OA;

/** An answer that carries one resource. */
#[Attribute(Attribute::TARGET_METHOD)]
final class Answered extends OA\Response
{
    /** @param  class-string  $resource */
    public function __construct(int $status, string $what, string $resource)
    {
        parent::__construct(response: $status, description: $what, content: new OA\JsonContent(ref: $resource));
    }
}
