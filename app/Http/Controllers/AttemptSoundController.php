<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Sound\TakeSound;
use App\Actions\Sound\TakeUtterance;
use App\Http\OpenApi\Answered;
use App\Http\OpenApi\IdInPath;
use App\Http\OpenApi\Refused;
use App\Http\OpenApi\UtteranceBody;
use App\Http\Requests\SignedInRequest;
use App\Http\Requests\Sound\BeginSoundRequest;
use App\Http\Requests\Sound\EndSoundRequest;
use App\Http\Requests\Sound\SoundPieceRequest;
use App\Http\Requests\Sound\UtteranceRequest;
use App\Http\Resources\Sound\SoundResource;
use App\Http\Resources\Sound\UtteranceResource;
use App\Models\Attempt;
use App\Models\Sound\SoundState;
use App\Models\Sound\Utterance;
use App\Models\Sound\WalkSound;
use App\Sound\SoundPieces;
use App\Sound\SoundRange;
use App\Trail\Trail;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The sound of a walk: taken in piece by piece, heard, and played back. */
final readonly class AttemptSoundController
{
    #[
        OA\Put(
            path: '/attempts/{attempt}/sounds/{sound}', operationId: 'beginSound', summary: 'Begin a recording',
            parameters: [new IdInPath('attempt'), new IdInPath('sound')],
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: BeginSoundRequest::class)),
            responses: [
                new Answered(200, 'What is there', SoundResource::class),
                new Refused(403, 'Somebody else scores this attempt, or no sound of this student may be kept'),
                new Refused(409, 'The id stands for other sound'), new Refused(422, 'When, by what, of what kind'),
            ],
        ),
    ]
    public function begin(BeginSoundRequest $request, Attempt $attempt, string $sound, TakeSound $take): SoundResource
    {
        return SoundResource::of($take->begin(
            $attempt, $request->signedIn(), $sound, $request->string('recorder')->toString(),
            $request->integer('from_ms'), $request->string('kind')->toString(), Carbon::now(),
        ));
    }

    #[
        OA\Put(
            path: '/attempts/{attempt}/sounds/{sound}/pieces/{position}', operationId: 'sendSoundPiece',
            summary: 'Send the next piece of a recording; what was sent before is known',
            parameters: [
                new IdInPath('attempt'), new IdInPath('sound'),
                new OA\PathParameter(name: 'position', schema: new OA\Schema(type: 'integer')),
            ],
            requestBody: new OA\RequestBody(
                required: true, content: new OA\MediaType(
                    mediaType: 'application/octet-stream', schema: new OA\Schema(type: 'string', format: 'binary'),
                ),
            ),
            responses: [
                new OA\Response(response: 204, description: 'Kept'),
                new Refused(403, 'Somebody else scores this attempt, or no sound of this student may be kept'),
                new Refused(409, 'Not the next piece, or it came with other content'),
                new Refused(422, 'Nothing in it'),
            ],
        ),
    ]
    public function piece(
        SoundPieceRequest $request, Attempt $attempt, string $sound, string $position, TakeSound $take,
    ): JsonResponse {
        $take->piece(self::sound($attempt, $sound), (int) $position, $request->getContent());

        return new JsonResponse(null, 204);
    }

    #[
        OA\Post(
            path: '/attempts/{attempt}/sounds/{sound}/end', operationId: 'endSound',
            summary: 'All pieces of a recording were sent: its words are worked out from now on',
            parameters: [new IdInPath('attempt'), new IdInPath('sound')],
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: EndSoundRequest::class)),
            responses: [
                new OA\Response(response: 204, description: 'Known'),
                new Refused(403, 'Somebody else scores this attempt'), new Refused(409, 'Pieces are missing'),
                new Refused(422, 'How many there are'),
            ],
        ),
    ]
    public function end(EndSoundRequest $request, Attempt $attempt, string $sound, TakeSound $take): JsonResponse
    {
        $take->end(self::sound($attempt, $sound), $request->integer('pieces'));

        return new JsonResponse(null, 204);
    }

    #[
        OA\Get(
            path: '/attempts/{attempt}/sounds', operationId: 'listSounds',
            summary: 'What was recorded of a walk, how loud it is, and when each item was said',
            parameters: [new IdInPath('attempt')],
            responses: [
                new OA\Response(
                    response: 200, description: 'By the clock of the walk',
                    content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: SoundResource::class)),
                ),
            ],
        ),
    ]
    public function index(Attempt $attempt): JsonResponse
    {
        Gate::authorize('study', $attempt);

        return new JsonResponse(
            WalkSound::query()->where('attempt_id', $attempt->id)->get()->sortBy('from_ms')->values()
                ->map(SoundResource::of(...)),
        );
    }

    #[
        OA\Get(
            path: '/attempts/{attempt}/sounds/{sound}/file', operationId: 'playSound',
            summary: 'The sound itself, whole or in ranges',
            parameters: [new IdInPath('attempt'), new IdInPath('sound')],
            responses: [
                new OA\Response(response: 200, description: 'All of it'),
                new OA\Response(response: 206, description: 'The bytes asked for'),
                new Refused(404, 'Not recorded, not all here yet, or deleted'),
                new OA\Response(response: 416, description: 'It has not so many bytes'),
            ],
        ),
    ]
    public function file(
        SignedInRequest $request, Attempt $attempt, string $sound, SoundPieces $pieces, Trail $trail,
    ): Response {
        Gate::authorize('study', $attempt);
        $one = self::sound($attempt, $sound);
        in_array($one->state, [SoundState::Heard, SoundState::Failed], true)
            || abort(404, 'This recording cannot be played (yet): it is being worked on, or was deleted.');
        $range = SoundRange::of((string) $request->headers->get('Range'), $pieces->bytes($one));
        if ($range === null) {
            return new Response('', 416, ['Content-Range' => 'bytes */'.$pieces->bytes($one)]);
        }
        $user = $request->signedIn();
        if (! in_array($user->id, [$attempt->scorer_id, $attempt->student->user_id], true)) {
            $trail->viewed($user, 'sound', $one->id);
        }

        return new StreamedResponse(static function () use ($pieces, $one, $range): void {
            foreach ($pieces->read($one, $range->from, $range->to) as $bytes) {
                echo $bytes;
            }
        }, $range->status(), [...$range->headers(), 'Content-Type' => $one->kind, 'Cache-Control' => 'no-store']);
    }

    #[
        OA\Put(
            path: '/attempts/{attempt}/utterances/{utterance}', operationId: 'sendUtterance',
            summary: 'Send what was said between two pauses, to be heard at once',
            parameters: [
                new IdInPath('attempt'), new IdInPath('utterance'),
                new OA\QueryParameter(name: 'recorder', required: true, schema: new OA\Schema(type: 'string')),
                new OA\QueryParameter(name: 'from_ms', required: true, schema: new OA\Schema(type: 'integer')),
            ],
            requestBody: new UtteranceBody,
            responses: [
                new OA\Response(response: 204, description: 'It is heard from now on'),
                new Refused(403, 'Somebody else scores this attempt, or no sound of this student may be kept'),
                new Refused(409, 'The walk is finished, or the id stands for other sound'),
                new Refused(422, 'When, by what, or no sound'),
            ],
        ),
    ]
    public function say(
        UtteranceRequest $request, Attempt $attempt, string $utterance, TakeUtterance $take,
    ): JsonResponse {
        $take->handle(
            $attempt, $request->signedIn(), $utterance, $request->string('recorder')->toString(),
            $request->integer('from_ms'), $request->getContent(), Carbon::now(),
        );

        return new JsonResponse(null, 204);
    }

    #[
        OA\Get(
            path: '/attempts/{attempt}/utterances', operationId: 'listUtterances',
            summary: 'What one recorder has sent of what was said, with the words of what is heard by now',
            parameters: [
                new IdInPath('attempt'),
                new OA\QueryParameter(name: 'recorder', required: true, schema: new OA\Schema(type: 'string')),
                new OA\QueryParameter(
                    name: 'after_ms', description: 'those that began later', schema: new OA\Schema(type: 'integer'),
                ),
            ],
            responses: [
                new OA\Response(
                    response: 200, description: 'By the clock of the walk',
                    content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: UtteranceResource::class)),
                ),
            ],
        ),
    ]
    public function heard(Request $request, Attempt $attempt): JsonResponse
    {
        Gate::authorize('mark', $attempt);

        return new JsonResponse(
            Utterance::said(
                ['attempt_id' => $attempt->id, 'recorder' => $request->string('recorder')->toString()],
                $request->integer('after_ms', -1),
            )->map(UtteranceResource::of(...)),
        );
    }

    private static function sound(Attempt $attempt, string $id): WalkSound
    {
        return WalkSound::query()->where('attempt_id', $attempt->id)->find($id)
            ?? abort(404, 'There is no such recording of this walk.');
    }
}
