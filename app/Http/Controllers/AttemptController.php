<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Record\ReadResult;
use App\Actions\Walk\DrawForm;
use App\Actions\Walk\ReadAttempt;
use App\Actions\Walk\RecordMarks;
use App\Actions\Walk\StartAttempt;
use App\Http\Requests\RecordMarksRequest;
use App\Http\Requests\SignedInRequest;
use App\Http\Requests\StartAttemptRequest;
use App\Http\Resources\Record\ResultResource;
use App\Http\Resources\Walk\AttemptResource;
use App\Http\Resources\Walk\SheetResource;
use App\Models\Attempt;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

final readonly class AttemptController
{
    #[
        OA\Post(
            path: '/attempts',
            operationId: 'startAttempt',
            summary: 'Start an attempt',
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: StartAttemptRequest::class),
            ),
            responses: [
                new OA\Response(
                    response: 201,
                    description: 'Started, or started before by the same call',
                    content: new OA\JsonContent(ref: AttemptResource::class),
                ),
                new OA\Response(
                    response: 409,
                    description: 'The id belongs to another attempt',
                    content: new OA\JsonContent(ref: '#/components/schemas/ProblemResource'),
                ),
                new OA\Response(
                    response: 422,
                    description: 'Unknown student, vehicle or checklist',
                    content: new OA\JsonContent(ref: '#/components/schemas/ProblemResource'),
                ),
            ],
        ),
    ]
    public function store(
        StartAttemptRequest $request, StartAttempt $start, DrawForm $draw, ReadAttempt $read,
    ): JsonResponse {
        $walk = $request->walkOf();
        $attempt =
            $walk !== null
                ? $start->alongside(
                    $request->attemptId(), $request->signedIn(), $walk, $request->startedAt(Carbon::now()),
                )
                : $start->handle(
                    $request->attemptId(),
                    $request->signedIn(),
                    $request->student(),
                    $request->checklist(),
                    $request->vehicle(),
                    $request->startedAt(Carbon::now()),
                    ...[
                        ...$draw->handle($request->checklist(), $request->form(), random_int(0, 2 ** 31 - 1)),
                        $request->mode(),
                    ],
                );

        return new JsonResponse($read->handle($attempt, $request->signedIn()), 201);
    }

    #[
        OA\Get(
            path: '/attempts/{attempt}',
            operationId: 'readAttempt',
            summary: 'An attempt with its items and its sheet',
            parameters: [
                new OA\Parameter(
                    name: 'attempt',
                    in: 'path',
                    required: true,
                    schema: new OA\Schema(type: 'string', format: 'uuid'),
                ),
            ],
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'The attempt',
                    content: new OA\JsonContent(ref: AttemptResource::class),
                ),
                new OA\Response(
                    response: 404,
                    description: 'No such attempt for this user',
                    content: new OA\JsonContent(ref: '#/components/schemas/ProblemResource'),
                ),
            ],
        ),
    ]
    public function show(SignedInRequest $request, Attempt $attempt, ReadAttempt $read): AttemptResource
    {
        Gate::authorize('view', $attempt);

        return $read->handle($attempt, $request->signedIn());
    }

    #[
        OA\Post(
            path: '/attempts/{attempt}/marks',
            operationId: 'recordMarks',
            summary: 'Add a batch of marks, all or none',
            parameters: [
                new OA\Parameter(
                    name: 'attempt',
                    in: 'path',
                    required: true,
                    schema: new OA\Schema(type: 'string', format: 'uuid'),
                ),
            ],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: RecordMarksRequest::class),
            ),
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'The sheet with these marks',
                    content: new OA\JsonContent(ref: SheetResource::class),
                ),
                new OA\Response(
                    response: 400,
                    description: 'Not JSON',
                    content: new OA\JsonContent(ref: '#/components/schemas/ProblemResource'),
                ),
                new OA\Response(
                    response: 403,
                    description: 'Somebody else scores this attempt',
                    content: new OA\JsonContent(ref: '#/components/schemas/ProblemResource'),
                ),
                new OA\Response(
                    response: 404,
                    description: 'No such attempt for this user',
                    content: new OA\JsonContent(ref: '#/components/schemas/ProblemResource'),
                ),
                new OA\Response(
                    response: 409,
                    description: 'The attempt is finished, or an id was used for another mark',
                    content: new OA\JsonContent(ref: '#/components/schemas/ProblemResource'),
                ),
                new OA\Response(
                    response: 422,
                    description: 'A mark is at fault: which, and how to mend it',
                    content: new OA\JsonContent(ref: '#/components/schemas/ProblemResource'),
                ),
            ],
        ),
    ]
    public function mark(RecordMarksRequest $request, Attempt $attempt, RecordMarks $record): SheetResource
    {
        return SheetResource::of(
            $record->handle($attempt, $request->signedIn(), $request->recorder(), $request->document()),
        );
    }

    #[
        OA\Get(
            path: '/attempts/{attempt}/result',
            operationId: 'readResult',
            summary: 'An attempt explained',
            parameters: [
                new OA\Parameter(
                    name: 'attempt',
                    in: 'path',
                    required: true,
                    schema: new OA\Schema(type: 'string', format: 'uuid'),
                ),
            ],
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'The result',
                    content: new OA\JsonContent(ref: ResultResource::class),
                ),
                new OA\Response(
                    response: 404,
                    description: 'No such attempt for this user',
                    content: new OA\JsonContent(ref: '#/components/schemas/ProblemResource'),
                ),
            ],
        ),
    ]
    public function result(SignedInRequest $request, Attempt $attempt, ReadResult $read): ResultResource
    {
        Gate::authorize('study', $attempt);

        return $read->handle($attempt, $request->signedIn());
    }
}
