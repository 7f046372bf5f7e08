<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Record\AmendRecord;
use App\Actions\Record\SignRecord;
use App\Actions\Walk\DiscardAttempt;
use App\Actions\Walk\ReadSheet;
use App\Http\OpenApi\Answered;
use App\Http\OpenApi\IdInPath;
use App\Http\OpenApi\Refused;
use App\Http\Requests\SignedInRequest;
use App\Http\Requests\Walk\AmendRequest;
use App\Http\Requests\Walk\DiscardRequest;
use App\Http\Requests\Walk\ShareRequest;
use App\Http\Requests\Walk\SignRequest;
use App\Http\Resources\Record\AgreementResource;
use App\Http\Resources\Record\HistoryResource;
use App\Http\Resources\Record\SignatureResource;
use App\Http\Resources\Walk\SheetResource;
use App\Http\Views\Walk\ReadAgreement;
use App\Library\MarkStore;
use App\Models\Attempt;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;
use Pasada\Core\Attempt\Marks\MarkWriter;
use Symfony\Component\HttpFoundation\Response;

/** What is asked of an attempt beside marking it: watching, its history, signing, amending, comparing. */
final readonly class AttemptFollowController
{
    #[
        OA\Get(
            path: '/attempts/{attempt}/sheet',
            operationId: 'readSheet',
            summary: 'The sheet as it stands, if anything is new',
            parameters: [
                new IdInPath('attempt'),
                new OA\Parameter(name: 'If-None-Match', in: 'header', schema: new OA\Schema(type: 'string')),
            ],
            responses: [
                new Answered(200, 'The sheet', SheetResource::class),
                new OA\Response(response: 304, description: 'Nothing new'),
                new Refused(403, 'Not opened for others to watch'),
            ],
        ),
    ]
    public function sheet(SignedInRequest $request, Attempt $attempt, MarkStore $store, ReadSheet $sheets): Response
    {
        Gate::authorize('view', $attempt);
        $tag = '"'.$store->version($attempt->id).'"';
        if ($request->header('If-None-Match') === $tag) {
            return new Response('', 304, ['ETag' => $tag]);
        }

        return new JsonResponse(SheetResource::of($sheets->for($request->signedIn(), $attempt)), 200, ['ETag' => $tag]);
    }

    #[
        OA\Get(
            path: '/attempts/{attempt}/marks',
            operationId: 'readMarks',
            summary: 'Everything ever marked: when, by whom, and what was taken back',
            parameters: [new IdInPath('attempt')],
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'In order of the walk',
                    content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: HistoryResource::class)),
                ),
            ],
        ),
    ]
    public function marks(Attempt $attempt, MarkStore $store): JsonResponse
    {
        Gate::authorize('study', $attempt);

        return new JsonResponse(
            array_map(
                static fn (array $one): HistoryResource => new HistoryResource(
                    (object) MarkWriter::write($one['mark']),
                    $one['by'],
                    Carbon::parse($one['received_at'])->toIso8601ZuluString(),
                    $one['amendment_id'],
                ),
                $store->history($attempt->id),
            ),
        );
    }

    #[
        OA\Put(
            path: '/attempts/{attempt}/live',
            operationId: 'shareAttempt',
            summary: 'Let others of the school and the student watch, or not',
            parameters: [new IdInPath('attempt')],
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: ShareRequest::class)),
            responses: [
                new OA\Response(response: 204, description: 'Done'),
                new Refused(403, 'Not yours, or an examination'),
            ],
        ),
    ]
    public function share(ShareRequest $request, Attempt $attempt): JsonResponse
    {
        $attempt->update(['live' => $request->boolean('live')]);

        return new JsonResponse(null, 204);
    }

    #[
        OA\Post(
            path: '/attempts/{attempt}/discard',
            operationId: 'discardAttempt',
            summary: 'Discard a walk that was begun by mistake; it stays in the trail',
            parameters: [new IdInPath('attempt')],
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: DiscardRequest::class)),
            responses: [
                new OA\Response(response: 204, description: 'Done'),
                new Refused(403, 'Not yours'),
                new Refused(409, 'The walk is finished'),
                new Refused(422, 'No reason'),
            ],
        ),
    ]
    public function discard(DiscardRequest $request, Attempt $attempt, DiscardAttempt $discard): JsonResponse
    {
        $discard->handle($attempt, $request->reason(), Carbon::now());

        return new JsonResponse(null, 204);
    }

    #[
        OA\Post(
            path: '/attempts/{attempt}/signatures',
            operationId: 'signAttempt',
            summary: 'Sign a finished record',
            parameters: [new IdInPath('attempt')],
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: SignRequest::class)),
            responses: [
                new Answered(201, 'Signed', SignatureResource::class),
                new Refused(409, 'Not finished, or signed already'),
                new Refused(422, 'No signature, or a code that is not theirs'),
            ],
        ),
    ]
    public function sign(SignRequest $request, Attempt $attempt, SignRecord $sign): JsonResponse
    {
        $signature = $sign->handle(
            $attempt, $request->signedIn(), $request->signatureId(), $request->party(), $request->signer(),
            $request->strokes(), $request->code(), Carbon::now(),
        );

        return new JsonResponse(SignatureResource::of($signature, stands: true), 201);
    }

    #[
        OA\Post(
            path: '/attempts/{attempt}/amendments',
            operationId: 'amendAttempt',
            summary: 'Change a closed record, with a reason; the original stays readable',
            parameters: [new IdInPath('attempt')],
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: AmendRequest::class)),
            responses: [
                new Answered(200, 'The sheet with the amendment', SheetResource::class),
                new Refused(422, 'No reason, or a mark at fault'),
            ],
        ),
    ]
    public function amend(AmendRequest $request, Attempt $attempt, AmendRecord $amend, ReadSheet $sheets): SheetResource
    {
        $amend->handle(
            $attempt, $request->signedIn(), $request->amendmentId(), $request->reason(), $request->marks(),
            $request->brakeEvents(), Carbon::now(),
        );

        return SheetResource::of($sheets->handle($attempt));
    }

    #[
        OA\Get(
            path: '/attempts/{attempt}/agreement',
            operationId: 'readAgreement',
            summary: 'This attempt against the other scorers\' of the same walk',
            parameters: [new IdInPath('attempt')],
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'One for each other scorer who is finished',
                    content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: AgreementResource::class)),
                ),
            ],
        ),
    ]
    public function agreement(Attempt $attempt, ReadAgreement $read): JsonResponse
    {
        Gate::authorize('view', $attempt);

        return new JsonResponse($read->handle($attempt));
    }
}
