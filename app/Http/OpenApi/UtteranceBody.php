<?php

declare(strict_types=1);

namespace App\Http\OpenApi;

use OpenApi\Attributes as OA;

/** What was said between two pauses, as samples. */
final class UtteranceBody extends OA\RequestBody
{
    public function __construct()
    {
        parent::__construct(
            required: true, description: '16 kHz, mono, 16 bit, the lower byte first; 20 s at most',
            content: new OA\MediaType(
                mediaType: 'application/octet-stream', schema: new OA\Schema(type: 'string', format: 'binary'),
            ),
        );
    }
}
