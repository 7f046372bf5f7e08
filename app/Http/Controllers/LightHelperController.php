<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Access\HelperCodes;
use App\Actions\Walk\AnswerLight;
use App\Http\OpenApi\Answered;
use App\Http\OpenApi\IdInPath;
use App\Http\OpenApi\Refused;
use App\Http\Requests\Lights\HelperCodeRequest;
use App\Http\Requests\Lights\LightAnswerRequest;
use App\Http\Requests\SignedInRequest;
use App\Http\Resources\Lights\HelperCodeResource;
use App\Http\Resources\Lights\HelperTaskResource;
use App\Lights\LightTask;
use App\Models\Attempt;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** A helper outside who answers for the lights: let in by a code, without an account. */
final readonly class LightHelperController
{
    #[
        OA\Post(
            path: '/attempts/{attempt}/helper', operationId: 'inviteHelper',
            summary: 'A code for a helper outside: for this walk, once, for ten minutes',
            parameters: [new IdInPath('attempt')],
            responses: [
                new Answered(200, 'To be read out', HelperCodeResource::class),
                new Refused(403, 'Somebody else scores this attempt'), new Refused(410, 'The walk is finished'),
            ],
        ),
    ]
    public function invite(SignedInRequest $request, Attempt $attempt, HelperCodes $codes): HelperCodeResource
    {
        Gate::authorize('mark', $attempt);
        [$code, $until] = $codes->make($attempt, $request->signedIn(), Carbon::now());

        return new HelperCodeResource($code, $until->toIso8601ZuluString());
    }

    #[
        OA\Post(
            path: '/helper', operationId: 'openHelper', summary: 'Use a helper\'s code, once',
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: HelperCodeRequest::class)),
            responses: [
                new OA\Response(
                    response: 200, description: 'What the page holds from now on',
                    content: new OA\JsonContent(
                        required: ['token'], properties: [new OA\Property(property: 'token', type: 'string')],
                    ),
                ),
                new Refused(410, 'Guessed, used, too old, or of a walk that is finished'),
            ],
        ),
    ]
    public function open(HelperCodeRequest $request, HelperCodes $codes): JsonResponse
    {
        return new JsonResponse(['token' => $codes->take($request->string('code')->toString(), Carbon::now())]);
    }

    #[
        OA\Get(
            path: '/helper/{token}', operationId: 'readHelperTask', summary: 'What the helper is to look at now',
            parameters: [
                new OA\Parameter(name: 'token', in: 'path', required: true, schema: new OA\Schema(type: 'string')),
            ],
            responses: [
                new Answered(200, 'A function, or none yet', HelperTaskResource::class),
                new Refused(410, 'The light check is over'),
            ],
        ),
    ]
    public function show(string $token, HelperCodes $codes, LightTask $task): HelperTaskResource
    {
        return HelperTaskResource::of($task->of($codes->holder($token, Carbon::now())));
    }

    #[
        OA\Post(
            path: '/helper/{token}/answers', operationId: 'answerLight', summary: 'Whether a light works',
            parameters: [
                new OA\Parameter(name: 'token', in: 'path', required: true, schema: new OA\Schema(type: 'string')),
            ],
            requestBody: new OA\RequestBody(
                required: true, content: new OA\JsonContent(ref: LightAnswerRequest::class),
            ),
            responses: [
                new Answered(200, 'What comes next', HelperTaskResource::class),
                new Refused(410, 'The light check is over'), new Refused(422, 'No light of this check'),
            ],
        ),
    ]
    public function answer(
        LightAnswerRequest $request, string $token, HelperCodes $codes, AnswerLight $answer, LightTask $task,
    ): HelperTaskResource {
        $helper = $codes->holder($token, Carbon::now());
        $answer->handle(
            $helper, $request->string('id')->toString(), $request->string('item')->toString(),
            $request->boolean('works'),
        );

        return HelperTaskResource::of($task->of($helper));
    }
}
