<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Library\AdoptShipped;
use App\Http\OpenApi\Answered;
use App\Http\OpenApi\Refused;
use App\Http\Requests\People\AdoptRequest;
use App\Http\Requests\People\SchoolRequest;
use App\Http\Requests\PhrasesRequest;
use App\Http\Requests\SignedInRequest;
use App\Http\Resources\People\SchoolResource;
use App\Http\Views\People\ReadSchool;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

final readonly class SchoolController
{
    #[
        OA\Put(
            path: '/school/phrases',
            operationId: 'keepPhrases',
            summary: 'The notes that the school keeps ready',
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: PhrasesRequest::class)),
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'As they are kept',
                    content: new OA\JsonContent(type: 'array', items: new OA\Items(type: 'string')),
                ),
            ],
        ),
    ]
    public function phrases(PhrasesRequest $request): JsonResponse
    {
        $school = $request->signedIn()->school;
        $school->update(['note_phrases' => $request->phrases()]);

        return new JsonResponse($school->phrases());
    }

    #[
        OA\Get(
            path: '/school', operationId: 'readSchool', summary: 'What the school is, and how far its start has come',
            responses: [
                new Answered(200, 'The school', SchoolResource::class), new Refused(403, 'Not the manager'),
            ],
        ),
    ]
    public function show(SignedInRequest $request, ReadSchool $read): SchoolResource
    {
        Gate::authorize('manage', User::class);

        return $read->handle($request->signedIn()->school, Carbon::now());
    }

    #[
        OA\Put(
            path: '/school', operationId: 'changeSchool', summary: 'Change what the school is',
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: SchoolRequest::class)),
            responses: [
                new Answered(200, 'As it is kept', SchoolResource::class), new Refused(403, 'Not the manager'),
                new Refused(422, 'Name, state, zone or roles'),
            ],
        ),
    ]
    public function update(SchoolRequest $request, ReadSchool $read): SchoolResource
    {
        $school = $request->signedIn()->school;
        $school->update([
            ...$request->told(),
            'started_at' => $request->boolean('start_is_done') ? $school->started_at ?? Carbon::now() : null,
        ]);

        return $read->handle($school, Carbon::now());
    }

    #[
        OA\Post(
            path: '/school/shipped', operationId: 'adoptShipped',
            summary: 'Put a checklist or vehicle in force that comes with the application',
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: AdoptRequest::class)),
            responses: [
                new Answered(200, 'How far the start has come', SchoolResource::class),
                new Refused(403, 'Not the manager'), new Refused(422, 'None of that id'),
            ],
        ),
    ]
    public function adopt(AdoptRequest $request, AdoptShipped $adopt, ReadSchool $read): SchoolResource
    {
        $adopt->handle($request->signedIn(), $request->kind(), $request->string('id')->toString(), Carbon::now());

        return $read->handle($request->signedIn()->school, Carbon::now());
    }
}
