<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Installation;
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
                        required: ['is_demo', 'needs_setup', 'version'],
                        properties: [
                            new OA\Property(
                                property: 'is_demo',
                                type: 'boolean',
                                description: 'made-up data: anybody can sign in',
                            ),
                            new OA\Property(
                                property: 'needs_setup', type: 'boolean',
                                description: 'a school is still to be set up, with the code that the command printed',
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
            'needs_setup' => Installation::here()?->kind === Installation::SCHOOL && ! School::query()->exists(),
            'version' => $settings->get('pasada.version'),
        ]);
    }
}
