<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Library\ChangeDraft;
use App\Actions\Library\OpenDraft;
use App\Actions\Library\PublishDraft;
use App\Http\OpenApi\Answered;
use App\Http\OpenApi\IdInPath;
use App\Http\OpenApi\Refused;
use App\Http\Requests\DraftStepRequest;
use App\Http\Requests\DraftTableRequest;
use App\Http\Requests\OpenDraftRequest;
use App\Http\Requests\PublishDraftRequest;
use App\Http\Requests\SaveDraftRequest;
use App\Http\Requests\SignedInRequest;
use App\Http\Resources\Library\DraftResource;
use App\Http\Resources\Library\EffectResource;
use App\Http\Resources\Library\VersionResource;
use App\Http\Views\Library\ReadDraft;
use App\Http\Views\Library\ReadDraftEffect;
use App\Library\ShippedVehicles;
use App\Models\DocumentKind;
use App\Models\Draft;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

final readonly class DraftController
{
    #[
        OA\Post(
            path: '/drafts',
            operationId: 'openDraft',
            summary: 'Change a checklist or vehicle, or bring one in from a file',
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: OpenDraftRequest::class)),
            responses: [
                new Answered(201, 'The draft', DraftResource::class),
                new Refused(422, 'The file has faults: each with its path'),
            ],
        ),
    ]
    public function store(
        OpenDraftRequest $request, OpenDraft $open, ReadDraft $read, ShippedVehicles $shipped,
    ): JsonResponse {
        [$user, $kind, $text, $usual] = [
            $request->signedIn(), $request->kind(), $request->text(), $request->usual(),
        ];
        $unknown = static fn (): ValidationException => ValidationException::withMessages(
            ['usual' => 'There is no usual vehicle of that id. Choose one of the list.'],
        );
        $draft = match (true) {
            $text !== null => $open->fromFile($user, $kind, $text),
            $usual !== null => $open->fromUsual($user, $usual, $shipped->blank($usual) ?? throw $unknown()),
            default => $open->fromVersion($user, $kind, $request->base(), $request->boolean('as_new')),
        };

        return new JsonResponse($read->handle($draft, $request->signedIn(), Carbon::now()), 201);
    }

    #[
        OA\Get(
            path: '/drafts/{draft}',
            operationId: 'readDraft',
            summary: 'A draft as it stands',
            parameters: [new IdInPath('draft')],
            responses: [
                new Answered(200, 'The draft', DraftResource::class),
            ],
        ),
    ]
    public function show(SignedInRequest $request, Draft $draft, ReadDraft $read): DraftResource
    {
        Gate::authorize('edit', $draft);

        return $read->handle($draft, $request->signedIn(), Carbon::now());
    }

    #[
        OA\Put(
            path: '/drafts/{draft}',
            operationId: 'saveDraft',
            summary: 'Add a step to a draft; faults are kept and told',
            parameters: [new IdInPath('draft')],
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: SaveDraftRequest::class)),
            responses: [
                new Answered(200, 'The draft', DraftResource::class),
                new Refused(409, 'Somebody else changed it meanwhile'),
            ],
        ),
    ]
    public function update(SaveDraftRequest $request, Draft $draft, ChangeDraft $change, ReadDraft $read): DraftResource
    {
        $change->save($draft, $request->document(), $request->step());

        return $read->handle($draft, $request->signedIn(), Carbon::now());
    }

    #[
        OA\Post(
            path: '/drafts/{draft}/undo',
            operationId: 'undoDraft',
            summary: 'One step back',
            parameters: [new IdInPath('draft')],
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: DraftStepRequest::class)),
            responses: [
                new Answered(200, 'The draft', DraftResource::class),
                new Refused(409, 'Somebody else changed it meanwhile'),
            ],
        ),
    ]
    public function undo(DraftStepRequest $request, Draft $draft, ChangeDraft $change, ReadDraft $read): DraftResource
    {
        $change->move($draft, -1, $request->step());

        return $read->handle($draft, $request->signedIn(), Carbon::now());
    }

    #[
        OA\Post(
            path: '/drafts/{draft}/redo',
            operationId: 'redoDraft',
            summary: 'One step forward again',
            parameters: [new IdInPath('draft')],
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: DraftStepRequest::class)),
            responses: [
                new Answered(200, 'The draft', DraftResource::class),
                new Refused(409, 'Somebody else changed it meanwhile'),
            ],
        ),
    ]
    public function redo(DraftStepRequest $request, Draft $draft, ChangeDraft $change, ReadDraft $read): DraftResource
    {
        $change->move($draft, 1, $request->step());

        return $read->handle($draft, $request->signedIn(), Carbon::now());
    }

    #[
        OA\Post(
            path: '/drafts/{draft}/table',
            operationId: 'importTable',
            summary: 'Lay a table of items over a draft of a checklist, all or nothing',
            parameters: [new IdInPath('draft')],
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: DraftTableRequest::class)),
            responses: [
                new Answered(200, 'The draft', DraftResource::class),
                new Refused(422, 'The table has faults: each with its line'),
            ],
        ),
    ]
    public function table(DraftTableRequest $request, Draft $draft, ChangeDraft $change, ReadDraft $read): DraftResource
    {
        abort_unless($draft->kind === DocumentKind::Checklist, 422, 'Only a checklist has a table of items.');
        $change->table($draft, $request->csv(), $request->step());

        return $read->handle($draft, $request->signedIn(), Carbon::now());
    }

    #[
        OA\Get(
            path: '/drafts/{draft}/effect',
            operationId: 'readEffect',
            summary: 'What the draft would change, and for whom',
            parameters: [new IdInPath('draft')],
            responses: [
                new Answered(200, 'The effect', EffectResource::class),
                new Refused(422, 'The draft has faults'),
            ],
        ),
    ]
    public function effect(SignedInRequest $request, Draft $draft, ReadDraftEffect $read): EffectResource
    {
        Gate::authorize('edit', $draft);

        return $read->handle($draft, $request->signedIn(), Carbon::now());
    }

    #[
        OA\Post(
            path: '/drafts/{draft}/publish',
            operationId: 'publishDraft',
            summary: 'Make the draft the next version, in force from a day on',
            parameters: [new IdInPath('draft')],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: PublishDraftRequest::class),
            ),
            responses: [
                new Answered(201, 'The version', VersionResource::class),
                new Refused(409, 'The draft was changed, or another version put in force, meanwhile'),
                new Refused(403, 'Only the manager does'),
                new Refused(422, 'The draft has faults'),
            ],
        ),
    ]
    public function publish(PublishDraftRequest $request, Draft $draft, PublishDraft $publish): JsonResponse
    {
        $stored = $publish->handle(
            $draft, $request->signedIn(), $request->integer('step'), $request->from(), $request->reason(),
        );

        return new JsonResponse(
            VersionResource::of(
                $stored, $request->from()->toDateString() === $request->today()->toDateString(),
                $request->today()->toDateString(),
            ),
            201,
        );
    }

    #[
        OA\Delete(
            path: '/drafts/{draft}',
            operationId: 'dropDraft',
            summary: 'Discard a draft; it can be brought back',
            parameters: [new IdInPath('draft')],
            responses: [new OA\Response(response: 204, description: 'Gone')],
        ),
    ]
    public function destroy(Draft $draft): JsonResponse
    {
        Gate::authorize('delete', $draft);
        $draft->delete();

        return new JsonResponse(null, 204);
    }

    #[
        OA\Post(
            path: '/drafts/{draft}/restore',
            operationId: 'restoreDraft',
            summary: 'Bring back a draft that was discarded',
            parameters: [new IdInPath('draft')],
            responses: [
                new Answered(200, 'The draft', DraftResource::class),
            ],
        ),
    ]
    public function restore(SignedInRequest $request, Draft $draft, ReadDraft $read): DraftResource
    {
        Gate::authorize('delete', $draft);
        $draft->restore();

        return $read->handle($draft, $request->signedIn(), Carbon::now());
    }
}
