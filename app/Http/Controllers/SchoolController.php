<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SignedInRequest;
use App\Models\Draft;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

final readonly class SchoolController
{
    private const MOST = 40;

    #[
        OA\Put(
            path: '/school/phrases',
            operationId: 'keepPhrases',
            summary: 'The notes that the school keeps ready',
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\MediaType(
                    mediaType: 'application/json',
                    schema: new OA\Schema(
                        required: ['phrases'],
                        properties: [
                            new OA\Property(property: 'phrases', type: 'array', items: new OA\Items(type: 'string')),
                        ],
                    ),
                ),
            ),
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'As they are kept',
                    content: new OA\JsonContent(type: 'array', items: new OA\Items(type: 'string')),
                ),
            ],
        ),
    ]
    public function phrases(SignedInRequest $request): JsonResponse
    {
        Gate::authorize('create', Draft::class);
        $request->validate([
            'phrases' => ['present', 'array', 'max:'.self::MOST],
            'phrases.*' => ['required', 'string', 'max:120'],
        ]);
        /** @var list<string> $phrases */
        $phrases = $request->input('phrases');
        $school = $request->signedIn()->school;
        $school->update(['note_phrases' => array_values(array_unique(array_map(trim(...), $phrases)))]);

        return new JsonResponse($school->phrases());
    }
}
