<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ReadRecording;
use App\Http\Requests\AddRecordingRequest;
use App\Http\Requests\LivePiecesRequest;
use App\Http\Resources\HeardWordsResource;
use App\Http\Resources\SuggestionResource;
use App\Models\Attempt;
use App\Models\Recording;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;
use Pasada\Core\Listening\TranscriptReader;

/** The words of a walk: captions added to an attempt, and what is heard while it goes on. */
final readonly class AttemptSpeechController
{
    #[OA\Put(path: '/attempts/{attempt}/recording', operationId: 'addRecording', summary: 'Add the captions of the walk, in place of any before', parameters: [
        new OA\Parameter(name: 'attempt', in: 'path', required: true, schema: new OA\Schema(type: 'string', format: 'uuid')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: AddRecordingRequest::class)), responses: [
        new OA\Response(response: 200, description: 'What was heard', content: new OA\JsonContent(ref: HeardWordsResource::class)),
        new OA\Response(response: 403, description: 'Somebody else scores this attempt', content: new OA\JsonContent(ref: '#/components/schemas/ProblemResource')),
        new OA\Response(response: 422, description: 'No captions, or too large: which, and what to do', content: new OA\JsonContent(ref: '#/components/schemas/ProblemResource')),
    ])]
    public function store(AddRecordingRequest $request, Attempt $attempt, ReadRecording $read): JsonResponse
    {
        Gate::authorize('mark', $attempt);
        // Read first: what cannot be read takes no place of what was there.
        (new TranscriptReader)->read($request->captions(), $request->recordingName());
        $recording = Recording::query()->updateOrCreate(['attempt_id' => $attempt->id], ['user_id' => $request->signedIn()->id, 'name' => $request->recordingName(), 'content' => $request->captions(), 'rejected' => []]);

        return new JsonResponse($read->handle($attempt, $recording));
    }

    #[OA\Get(path: '/attempts/{attempt}/recording', operationId: 'readRecording', summary: 'The captions and what was heard in them', parameters: [
        new OA\Parameter(name: 'attempt', in: 'path', required: true, schema: new OA\Schema(type: 'string', format: 'uuid')),
    ], responses: [
        new OA\Response(response: 200, description: 'What was heard', content: new OA\JsonContent(ref: HeardWordsResource::class)),
        new OA\Response(response: 204, description: 'No captions were added'),
    ])]
    public function show(Attempt $attempt, ReadRecording $read): JsonResponse
    {
        Gate::authorize('view', $attempt);
        $recording = Recording::query()->find($attempt->id);

        return $recording === null ? new JsonResponse(null, 204) : new JsonResponse($read->handle($attempt, $recording));
    }

    #[OA\Get(path: '/attempts/{attempt}/recording/file', operationId: 'downloadRecording', summary: 'The captions as they came', parameters: [
        new OA\Parameter(name: 'attempt', in: 'path', required: true, schema: new OA\Schema(type: 'string', format: 'uuid')),
    ], responses: [new OA\Response(response: 200, description: 'The file', content: new OA\MediaType(mediaType: 'text/plain'))])]
    public function file(Attempt $attempt): \Symfony\Component\HttpFoundation\Response
    {
        Gate::authorize('view', $attempt);
        $recording = Recording::query()->findOrFail($attempt->id);

        return response($recording->content, 200, ['Content-Type' => 'text/plain; charset=utf-8', 'Content-Disposition' => 'attachment; filename="captions-'.$attempt->id.'.txt"', 'X-Content-Type-Options' => 'nosniff']);
    }

    #[OA\Put(path: '/attempts/{attempt}/recording/rejected', operationId: 'rejectHeard', summary: 'Which proposals are turned down', parameters: [
        new OA\Parameter(name: 'attempt', in: 'path', required: true, schema: new OA\Schema(type: 'string', format: 'uuid')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\MediaType(mediaType: 'application/json', schema: new OA\Schema(required: ['keys'], properties: [new OA\Property(property: 'keys', type: 'array', items: new OA\Items(type: 'string'))]))), responses: [
        new OA\Response(response: 204, description: 'Kept'),
    ])]
    public function reject(Request $request, Attempt $attempt): JsonResponse
    {
        Gate::authorize('mark', $attempt);
        /** @var array{keys: list<string>} $checked */
        $checked = $request->validate(['keys' => ['present', 'array', 'list', 'max:2000'], 'keys.*' => ['string', 'max:200']]);
        Recording::query()->findOrFail($attempt->id)->update(['rejected' => $checked['keys']]);

        return new JsonResponse(null, 204);
    }

    #[OA\Post(path: '/attempts/{attempt}/heard', operationId: 'hearLive', summary: 'What the words so far propose', parameters: [
        new OA\Parameter(name: 'attempt', in: 'path', required: true, schema: new OA\Schema(type: 'string', format: 'uuid')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: LivePiecesRequest::class)), responses: [
        new OA\Response(response: 200, description: 'Proposals; nothing is kept', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: SuggestionResource::class))),
    ])]
    public function hear(LivePiecesRequest $request, Attempt $attempt, ReadRecording $read): JsonResponse
    {
        Gate::authorize('mark', $attempt);

        return new JsonResponse($read->live($attempt, $request->transcript()));
    }
}
