<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Brakes\KeepPractice;
use App\Http\OpenApi\Answered;
use App\Http\OpenApi\Refused;
use App\Http\Requests\AirCourseRequest;
use App\Http\Requests\HideFaultRequest;
use App\Http\Requests\SignedInRequest;
use App\Http\Resources\Brakes\AirChoicesResource;
use App\Http\Resources\Brakes\AirCourseResource;
use App\Http\Resources\Brakes\PracticedResource;
use App\Http\Views\Brakes\ReadAirChoices;
use App\Http\Views\Brakes\ReadPractice;
use App\Library\HiddenFaults;
use App\Library\JudgedPractice;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;
use OpenApi\Attributes as OA;

/** The simulated cab in which brake tests are practiced; nothing of it counts on a score sheet. */
final readonly class AirCabController
{
    #[
        OA\Get(
            path: '/air/choices',
            operationId: 'readAirChoices',
            summary: 'What can be practiced on',
            responses: [
                new Answered(200, 'Vehicles, sequences, faults', AirChoicesResource::class),
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
                new Refused(422, 'No such fault: which there are'),
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
                new Answered(200, 'Samples and what the system does by itself', AirCourseResource::class),
                new Refused(422, 'A control is at fault: which, and how to mend it'),
            ],
        ),
    ]
    public function course(AirCourseRequest $request, ReadPractice $read): JsonResponse
    {
        return new JsonResponse(
            $read->course(
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
                new Answered(200, 'Judged and not kept', PracticedResource::class),
                new Answered(201, 'Judged and kept', PracticedResource::class),
            ],
        ),
    ]
    public function judge(AirCourseRequest $request, KeepPractice $keep, ReadPractice $read): JsonResponse
    {
        $isOver = $request->boolean('keep');
        $practice = JudgedPractice::of(
            $request->cab(), $request->checklist(), $request->controls(), $request->suspected(),
            $request->boolean('hidden'), $request->drill(),
        );
        if ($isOver) {
            $keep->handle(
                $request->signedIn(), $request->checklist(), $request->help(), $practice, Carbon::now(),
                $request->practiceId(),
            );
        }

        return new JsonResponse($read->judged($request->signedIn(), $practice, $isOver), $isOver ? 201 : 200);
    }
}
