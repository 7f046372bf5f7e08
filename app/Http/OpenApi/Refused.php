<?php

declare(strict_types=1);

namespace App\Http\OpenApi;

use App\Http\Resources\ProblemResource;
use Attribute;
use OpenApi\Attributes as OA;

/** An answer that says what is in the way, and what to do. */
#[Attribute(Attribute::TARGET_METHOD)]
final class Refused extends OA\Response
{
    public function __construct(int $status, string $why)
    {
        parent::__construct(
            response: $status, description: $why, content: new OA\JsonContent(ref: ProblemResource::class),
        );
    }
}
