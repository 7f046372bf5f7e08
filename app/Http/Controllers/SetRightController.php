<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Record\SetRight;
use App\Http\OpenApi\Answered;
use App\Http\OpenApi\IdInPath;
use App\Http\OpenApi\Refused;
use App\Http\Requests\People\SetRightRequest;
use App\Http\Requests\People\VoidRequest;
use App\Http\Resources\Record\RescoreResource;
use App\Http\Views\Record\RescoreAttempt;
use App\Library\InspectionLibrary;
use App\Models\Attempt;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;
use OpenApi\Attributes as OA;
use Pasada\Core\Vehicle\VehicleReader;

/** Attempts that went wrong. */
final readonly class SetRightController
{
    #[
        OA\Put(
            path: '/attempts/{attempt}/void', operationId: 'voidAttempt',
            summary: 'Take a finished walk out of every figure, with a reason, or bring it back',
            parameters: [new IdInPath('attempt')],
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: VoidRequest::class)),
            responses: [
                new OA\Response(response: 204, description: 'Done'), new Refused(403, 'Not the manager'),
                new Refused(409, 'It still goes on'),
            ],
        ),
    ]
    public function void(VoidRequest $request, Attempt $attempt, SetRight $right): JsonResponse
    {
        $right->void($attempt, $request->signedIn(), $request->reason(), Carbon::now());

        return new JsonResponse(null, 204);
    }

    #[
        OA\Post(
            path: '/attempts/{attempt}/right', operationId: 'setAttemptRight',
            summary: 'Give an attempt to another student, scorer or vehicle, or tell what that would change',
            parameters: [new IdInPath('attempt')],
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: SetRightRequest::class)),
            responses: [
                new Answered(200, 'The sheet before and after', RescoreResource::class),
                new Refused(403, 'Not the manager'), new Refused(409, 'It counts nowhere'),
                new Refused(422, 'Nobody of that id, or nothing is asked of the vehicle'),
            ],
        ),
    ]
    public function right(
        SetRightRequest $request, Attempt $attempt, SetRight $right, RescoreAttempt $rescore,
        InspectionLibrary $inspections,
    ): RescoreResource {
        $vehicle = $request->vehicle();
        $change = $rescore->handle(
            $attempt, $inspections->checklistOf($attempt->checklist),
            $vehicle === null ? null : (new VehicleReader)->read($vehicle->document, $vehicle->slug),
        );
        if ($request->boolean('keep')) {
            $right->move($attempt, $request->student(), $request->scorer(), $vehicle);
        }

        return $change;
    }
}
