<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Library\ArchiveDocument;
use App\Actions\Library\WithdrawVersion;
use App\Http\OpenApi\IdInPath;
use App\Http\OpenApi\KindInPath;
use App\Http\OpenApi\Refused;
use App\Http\Requests\WithdrawVersionRequest;
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
            parameters: [new KindInPath, new IdInPath('id', isNumber: true)],
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

    #[
        OA\Put(
            path: '/library/{kind}/{id}/archive',
            operationId: 'archiveDocument',
            summary: 'Take a whole checklist or vehicle out of use, by any of its versions, or bring it back',
            parameters: [new KindInPath, new IdInPath('id', isNumber: true)],
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
    public function archive(WithdrawVersionRequest $request, ArchiveDocument $archive): JsonResponse
    {
        $archive->handle($request->version(), $request->signedIn(), $request->reason(), Carbon::now());

        return new JsonResponse(null, 204);
    }
}
