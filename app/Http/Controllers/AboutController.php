<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\School;
use Illuminate\Contracts\Config\Repository;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** What somebody may know who is not signed in. */
final readonly class AboutController
{
    #[
        OA\Get(
            path: '/about',
            operationId: 'readAbout',
            summary: 'Whether this is a school or made-up data',
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'About',
                    content: new OA\JsonContent(
                        required: ['is_demo', 'version'],
                        properties: [
                            new OA\Property(
                                property: 'is_demo',
                                type: 'boolean',
                                description: 'made-up data: anybody can sign in',
                            ),
                            new OA\Property(property: 'version', type: 'string', description: 'of Pasada'),
                        ],
                    ),
                ),
            ],
        ),
    ]
    public function show(Repository $settings): JsonResponse
    {
        return new JsonResponse([
            'is_demo' => School::query()->where('is_demo', true)->exists(),
            'version' => $settings->get('pasada.version'),
        ]);
    }
}
