<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\JudgeBrakeRun;
use App\Http\Requests\BrakeRunRequest;
use App\Http\Resources\BrakeBenchResource;
use App\Models\Attempt;
use App\Models\BrakeRun;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;
use Pasada\Core\Brakes\EventFile;
use Symfony\Component\HttpFoundation\Response;

/** The brake tests of an attempt, observed and judged. */
final readonly class AttemptBrakesController
{
    /** Thousands of events; a trace of an hour at one sample a second is a tenth of it. */
    private const LARGEST_BYTES = 2_000_000;

    #[OA\Get(path: '/attempts/{attempt}/brakes', operationId: 'readBrakes', summary: 'The brake tests: sequence, what was observed, verdicts', parameters: [
        new OA\Parameter(name: 'attempt', in: 'path', required: true, schema: new OA\Schema(type: 'string', format: 'uuid')),
    ], responses: [new OA\Response(response: 200, description: 'The bench', content: new OA\JsonContent(ref: BrakeBenchResource::class))])]
    public function show(Attempt $attempt, JudgeBrakeRun $judge): JsonResponse
    {
        Gate::authorize('view', $attempt);

        return new JsonResponse($judge->show($attempt));
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

    #[OA\Get(path: '/attempts/{attempt}/brakes/file', operationId: 'downloadBrakes', summary: 'What was observed, in an open format', parameters: [
        new OA\Parameter(name: 'attempt', in: 'path', required: true, schema: new OA\Schema(type: 'string', format: 'uuid')),
        new OA\Parameter(name: 'format', in: 'query', schema: new OA\Schema(type: 'string', enum: ['json', 'csv'])),
    ], responses: [new OA\Response(response: 200, description: 'The file', content: new OA\MediaType(mediaType: 'text/csv'))])]
    public function file(Request $request, Attempt $attempt): Response
    {
        Gate::authorize('view', $attempt);
        $run = BrakeRun::of($attempt);
        $isTable = $request->query('format') === 'csv';

        return response($isTable ? EventFile::table($run->observed()) : (string) json_encode(['events' => $run->events], JSON_PRETTY_PRINT), 200, [
            'Content-Type' => $isTable ? 'text/csv; charset=utf-8' : 'application/json', 'Content-Disposition' => sprintf('attachment; filename="brakes-%s.%s"', $attempt->id, $isTable ? 'csv' : 'json'),
        ]);
    }

    #[OA\Put(path: '/attempts/{attempt}/brakes/file', operationId: 'importBrakes', summary: 'Take in a list of events or a trace; what was there is taken back', parameters: [
        new OA\Parameter(name: 'attempt', in: 'path', required: true, schema: new OA\Schema(type: 'string', format: 'uuid')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['content', 'name'], properties: [new OA\Property(property: 'content', type: 'string', maxLength: self::LARGEST_BYTES), new OA\Property(property: 'name', type: 'string')])), responses: [
        new OA\Response(response: 200, description: 'The bench', content: new OA\JsonContent(ref: BrakeBenchResource::class)),
        new OA\Response(response: 422, description: 'The file is at fault: which line, and how to mend it; what was kept stays', content: new OA\JsonContent(ref: '#/components/schemas/ProblemResource')),
    ])]
    public function import(Request $request, Attempt $attempt, JudgeBrakeRun $judge): JsonResponse
    {
        Gate::authorize('mark', $attempt);
        /** @var array{content: string, name: string} $file */
        $file = $request->validate(['content' => ['required', 'string', 'max:'.self::LARGEST_BYTES], 'name' => ['required', 'string', 'max:200']]);

        return new JsonResponse($judge->import($attempt, EventFile::read($file['content'], $file['name']), $file['name']));
    }
}
