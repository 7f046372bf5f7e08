<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PhrasesRequest;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final readonly class SchoolController
{
    #[
        OA\Put(
            path: '/school/phrases',
            operationId: 'keepPhrases',
            summary: 'The notes that the school keeps ready',
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: PhrasesRequest::class)),
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'As they are kept',
                    content: new OA\JsonContent(type: 'array', items: new OA\Items(type: 'string')),
                ),
            ],
        ),
    ]
    public function phrases(PhrasesRequest $request): JsonResponse
    {
        $school = $request->signedIn()->school;
        $school->update(['note_phrases' => $request->phrases()]);

        return new JsonResponse($school->phrases());
    }
}
