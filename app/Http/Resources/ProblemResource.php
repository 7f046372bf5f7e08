<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** What went wrong, where, and what to do (RFC 9457). Made by App\Http\Problem; here for its description. */
#[OA\Schema]
final readonly class ProblemResource
{
    /** @param  list<array{path: string, message: string}>  $errors */
    public function __construct(
        #[OA\Property(description: 'which kind of problem it is; App\Exceptions\ProblemKind lists them')]
        public string $type,
        #[OA\Property] public int $status,
        #[OA\Property] public string $detail,
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(
                    properties: [
                        new OA\Property(property: 'path', type: 'string'),
                        new OA\Property(property: 'message', type: 'string'),
                    ],
                    type: 'object',
                    required: ['path', 'message'],
                ),
            ),
        ]
        public array $errors,
        #[OA\Property(description: 'of an error that is the server\'s: the number of the request in its logs')]
        public ?string $request_id = null,
    ) {}
}
