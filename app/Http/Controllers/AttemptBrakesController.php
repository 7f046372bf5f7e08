<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\JudgeBrakeRun;
use App\Http\Requests\BrakeRunRequest;
use App\Http\Resources\BrakeBenchResource;
use App\Models\Attempt;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** The brake tests of an attempt, observed and judged. */
final readonly class AttemptBrakesController
{
    #[OA\Get(path: '/attempts/{attempt}/brakes', operationId: 'readBrakes', summary: 'The brake tests: sequence, what was observed, verdicts', parameters: [
        new OA\Parameter(name: 'attempt', in: 'path', required: true, schema: new OA\Schema(type: 'string', format: 'uuid')),
    ], responses: [new OA\Response(response: 200, description: 'The bench', content: new OA\JsonContent(ref: BrakeBenchResource::class))])]
    public function show(Attempt $attempt, JudgeBrakeRun $judge): JsonResponse
    {
        Gate::authorize('view', $attempt);

        return new JsonResponse($judge->handle($attempt));
    }

    #[OA\Put(path: '/attempts/{attempt}/brakes', operationId: 'keepBrakes', summary: 'Keep all that was observed, and judge it', parameters: [
        new OA\Parameter(name: 'attempt', in: 'path', required: true, schema: new OA\Schema(type: 'string', format: 'uuid')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: BrakeRunRequest::class)), responses: [
        new OA\Response(response: 200, description: 'The bench', content: new OA\JsonContent(ref: BrakeBenchResource::class)),
        new OA\Response(response: 403, description: 'Somebody else scores this attempt', content: new OA\JsonContent(ref: '#/components/schemas/ProblemResource')),
        new OA\Response(response: 422, description: 'An event is at fault: which, and how to mend it; what was kept stays', content: new OA\JsonContent(ref: '#/components/schemas/ProblemResource')),
    ])]
    public function update(BrakeRunRequest $request, Attempt $attempt, JudgeBrakeRun $judge): JsonResponse
    {
        Gate::authorize('mark', $attempt);

        return new JsonResponse($judge->handle($attempt, $request->document()));
    }
}
