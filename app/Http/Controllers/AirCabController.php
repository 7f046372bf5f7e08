<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Brakes\PractiseBrakes;
use App\Actions\Brakes\ReadAirChoices;
use App\Http\Requests\AirCourseRequest;
use App\Http\Requests\HideFaultRequest;
use App\Http\Requests\SignedInRequest;
use App\Http\Resources\Brakes\AirChoicesResource;
use App\Http\Resources\Brakes\AirCourseResource;
use App\Http\Resources\Brakes\PractisedResource;
use App\Library\HiddenFaults;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;
use OpenApi\Attributes as OA;

/** The simulated cab in which brake tests are practised; nothing of it counts on a score sheet. */
final readonly class AirCabController
{
    #[
        OA\Get(
            path: '/air/choices',
            operationId: 'readAirChoices',
            summary: 'What can be practised on',
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'Vehicles, sequences, faults',
                    content: new OA\JsonContent(ref: AirChoicesResource::class),
                ),
            ],
        ),
    ]
    public function choices(SignedInRequest $request, ReadAirChoices $read): AirChoicesResource
    {
        return $read->handle($request->signedIn(), Carbon::now());
    }

    #[
        OA\Post(
            path: '/air/fault',
            operationId: 'hideFault',
            summary: 'A fault to be found, sealed',
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: HideFaultRequest::class)),
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'Sealed',
                    content: new OA\JsonContent(
                        required: ['faults'],
                        properties: [new OA\Property(property: 'faults', type: 'string')],
                    ),
                ),
                new OA\Response(
                    response: 422,
                    description: 'No such fault: which there are',
                    content: new OA\JsonContent(ref: '#/components/schemas/ProblemResource'),
                ),
            ],
        ),
    ]
    public function fault(HideFaultRequest $request): JsonResponse
    {
        return new JsonResponse(['faults' => HiddenFaults::draw($request->faults())]);
    }

    #[
        OA\Post(
            path: '/air/course',
            operationId: 'airCourse',
            summary: 'The course of the pressures ahead under these controls',
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: AirCourseRequest::class)),
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'Samples and what the system does by itself',
                    content: new OA\JsonContent(ref: AirCourseResource::class),
                ),
                new OA\Response(
                    response: 422,
                    description: 'A control is at fault: which, and how to mend it',
                    content: new OA\JsonContent(ref: '#/components/schemas/ProblemResource'),
                ),
            ],
        ),
    ]
    public function course(AirCourseRequest $request, PractiseBrakes $practise): JsonResponse
    {
        return new JsonResponse(
            $practise->course(
                $request->cab(), $request->controls(), $request->integer('from_ms'), $request->integer('until_ms'),
            ),
        );
    }

    #[
        OA\Post(
            path: '/air/practices',
            operationId: 'judgePractice',
            summary: 'Judge a practice and keep it',
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: AirCourseRequest::class)),
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'Judged and not kept',
                    content: new OA\JsonContent(ref: PractisedResource::class),
                ),
                new OA\Response(
                    response: 201,
                    description: 'Judged and kept',
                    content: new OA\JsonContent(ref: PractisedResource::class),
                ),
            ],
        ),
    ]
    public function judge(AirCourseRequest $request, PractiseBrakes $practise): JsonResponse
    {
        return new JsonResponse(
            $practise->judge(
                $request->signedIn(), $request->cab(), $request->checklist(), $request->help(), $request->controls(),
                $request->boolean('keep'), Carbon::now(), $request->practiceId(), $request->suspected(),
                $request->boolean('hidden'),
            ),
            $request->boolean('keep') ? 201 : 200,
        );
    }
}
