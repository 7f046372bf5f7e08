<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Illuminate\Http\JsonResponse;

/** For a resource that is an answer of its own: its public fields are the JSON, as its schema says. */
trait RespondsAsJson
{
    public function toResponse(mixed $request): JsonResponse
    {
        return new JsonResponse($this);
    }
}
