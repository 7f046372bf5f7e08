<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\OpenApi\Answered;
use App\Http\OpenApi\IdInPath;
use App\Http\OpenApi\Refused;
use App\Http\Requests\AddRecordingRequest;
use App\Http\Requests\LivePiecesRequest;
use App\Http\Requests\TurnDownRequest;
use App\Http\Resources\Speech\HeardWordsResource;
use App\Http\Resources\Speech\SuggestionResource;
use App\Http\Views\Speech\ReadRecording;
use App\Models\Attempt;
use App\Models\Recording;
use App\Speech\Recordings;
use App\Trail\Trail;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;
use LogicException;
use OpenApi\Attributes as OA;

/** The words of a walk: captions added to an attempt, and what is heard while it goes on. */
final readonly class AttemptSpeechController
{
    #[
        OA\Put(
            path: '/attempts/{attempt}/recording',
            operationId: 'addRecording',
            summary: 'Add captions of the walk; they stand before any added earlier, which stay',
            parameters: [new IdInPath('attempt')],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: AddRecordingRequest::class),
            ),
            responses: [
                new Answered(200, 'What was heard', HeardWordsResource::class),
                new Refused(403, 'Somebody else scores this attempt'),
                new Refused(422, 'No captions, or too large: which, and what to do'),
            ],
        ),
    ]
    public function store(
        AddRecordingRequest $request, Attempt $attempt, Recordings $recordings, ReadRecording $read,
    ): JsonResponse {
        $recordings->add(
            $attempt, $request->signedIn(), $request->recordingId(), $request->recordingName(), $request->captions(),
            Carbon::now(),
        );

        return new JsonResponse(
            $read->handle(
                $attempt,
                Recording::of($attempt) ?? throw new LogicException('What was just added is gone.'),
            ),
        );
    }

    #[
        OA\Get(
            path: '/attempts/{attempt}/recording',
            operationId: 'readRecording',
            summary: 'The captions and what was heard in them',
            parameters: [new IdInPath('attempt')],
            responses: [
                new Answered(200, 'What was heard', HeardWordsResource::class),
                new OA\Response(response: 204, description: 'No captions were added'),
            ],
        ),
    ]
    public function show(Attempt $attempt, ReadRecording $read): JsonResponse
    {
        Gate::authorize('study', $attempt);
        $recording = Recording::of($attempt);

        return $recording === null
            ? new JsonResponse(null, 204)
            : new JsonResponse($read->handle($attempt, $recording));
    }

    #[
        OA\Get(
            path: '/attempts/{attempt}/recording/file',
            operationId: 'downloadRecording',
            summary: 'The captions as they came',
            parameters: [new IdInPath('attempt')],
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'The file',
                    content: new OA\MediaType(mediaType: 'text/plain'),
                ),
            ],
        ),
    ]
    public function file(Attempt $attempt, Trail $trail): \Symfony\Component\HttpFoundation\Response
    {
        Gate::authorize('study', $attempt);
        $trail->downloaded($attempt);
        $recording = Recording::of($attempt) ?? abort(404, 'There are no captions in this attempt.');

        return response($recording->content, 200, [
            'Content-Type' => 'text/plain; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="captions-'.$attempt->id.'.txt"',
            'X-Content-Type-Options' => 'nosniff',
        ]);
    }

    #[
        OA\Post(
            path: '/attempts/{attempt}/recording/turned-down',
            operationId: 'turnDown',
            summary: 'Turn proposals down, or bring them back',
            parameters: [new IdInPath('attempt')],
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: TurnDownRequest::class)),
            responses: [
                new OA\Response(response: 204, description: 'Kept'),
                new Refused(409, 'The attempt is finished'),
            ],
        ),
    ]
    public function turnDown(TurnDownRequest $request, Attempt $attempt, Recordings $recordings): JsonResponse
    {
        $recordings->turnDown($attempt, $request->signedIn(), $request->lines(), Carbon::now());

        return new JsonResponse(null, 204);
    }

    #[
        OA\Post(
            path: '/attempts/{attempt}/heard',
            operationId: 'hearLive',
            summary: 'What the words so far propose',
            parameters: [new IdInPath('attempt')],
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: LivePiecesRequest::class)),
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'Proposals; nothing is kept',
                    content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: SuggestionResource::class)),
                ),
            ],
        ),
    ]
    public function hear(LivePiecesRequest $request, Attempt $attempt, ReadRecording $read): JsonResponse
    {
        return new JsonResponse($read->live($attempt, $request->transcript()));
    }
}
