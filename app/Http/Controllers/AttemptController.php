<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Walk\DrawForm;
use App\Actions\Walk\RecordMarks;
use App\Actions\Walk\StartAttempt;
use App\Http\OpenApi\Answered;
use App\Http\OpenApi\IdInPath;
use App\Http\OpenApi\Refused;
use App\Http\Requests\SignedInRequest;
use App\Http\Requests\Walk\RecordMarksRequest;
use App\Http\Requests\Walk\StartAttemptRequest;
use App\Http\Resources\Record\ResultResource;
use App\Http\Resources\Walk\AttemptResource;
use App\Http\Resources\Walk\SheetResource;
use App\Http\Views\Record\ReadResult;
use App\Http\Views\Walk\ReadAttempt;
use App\Models\Attempt;
use App\Trail\Trail;
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
                new Answered(201, 'Started, or started before by the same call', AttemptResource::class),
                new Refused(409, 'The id belongs to another attempt'),
                new Refused(422, 'Unknown student, vehicle or checklist'),
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
            parameters: [new IdInPath('attempt')],
            responses: [
                new Answered(200, 'The attempt', AttemptResource::class),
                new Refused(404, 'No such attempt for this user'),
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
            parameters: [new IdInPath('attempt')],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: RecordMarksRequest::class),
            ),
            responses: [
                new Answered(200, 'The sheet with these marks', SheetResource::class),
                new Refused(400, 'Not JSON'),
                new Refused(403, 'Somebody else scores this attempt'),
                new Refused(404, 'No such attempt for this user'),
                new Refused(409, 'The attempt is finished, or an id was used for another mark'),
                new Refused(422, 'A mark is at fault: which, and how to mend it'),
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
            parameters: [new IdInPath('attempt')],
            responses: [
                new Answered(200, 'The result', ResultResource::class),
                new Refused(404, 'No such attempt for this user'),
            ],
        ),
    ]
    public function result(
        SignedInRequest $request, Attempt $attempt, ReadResult $read, Trail $trail,
    ): ResultResource {
        Gate::authorize('study', $attempt);
        $reader = $request->signedIn();
        if ($reader->id !== $attempt->scorer_id && $reader->id !== $attempt->student->user_id) {
            $trail->viewed($reader, 'attempt', $attempt->id);
        }

        return $read->handle($attempt, $reader);
    }
}
