<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Library\WithdrawVersion;
use App\Http\OpenApi\Refused;
use App\Http\Requests\WithdrawVersionRequest;
use App\Models\DocumentKind;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;
use OpenApi\Attributes as OA;

final readonly class VersionController
{
    #[
        OA\Put(
            path: '/library/{kind}/{id}/withdrawal',
            operationId: 'withdrawVersion',
            summary: 'Take a version of a checklist or vehicle out of force, or bring it back',
            parameters: [
                new OA\Parameter(
                    name: 'kind',
                    in: 'path',
                    required: true,
                    schema: new OA\Schema(type: 'string', enum: DocumentKind::class),
                ),
                new OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
            ],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: WithdrawVersionRequest::class),
            ),
            responses: [
                new OA\Response(response: 204, description: 'Done'),
                new Refused(403, 'Not the manager'),
                new Refused(404, 'No such version here'),
            ],
        ),
    ]
    public function withdraw(WithdrawVersionRequest $request, WithdrawVersion $withdraw): JsonResponse
    {
        $withdraw->handle($request->version(), $request->signedIn(), $request->reason(), Carbon::now());

        return new JsonResponse(null, 204);
    }
}
