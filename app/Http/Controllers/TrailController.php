<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\OpenApi\Answered;
use App\Http\OpenApi\Refused;
use App\Http\Requests\People\ReadTrailRequest;
use App\Http\Resources\People\TrailResource;
use App\Http\Views\People\ReadTrail;
use OpenApi\Attributes as OA;

/** Who did what to which record. */
final readonly class TrailController
{
    #[
        OA\Get(
            path: '/trail', operationId: 'readTrail', summary: 'Who did what to which record, the newest first',
            parameters: [
                new OA\Parameter(name: 'words', in: 'query', schema: new OA\Schema(type: 'string')),
                new OA\Parameter(name: 'kind', in: 'query', schema: new OA\Schema(type: 'string')),
                new OA\Parameter(name: 'record', in: 'query', schema: new OA\Schema(type: 'string')),
                new OA\Parameter(name: 'from', in: 'query', schema: new OA\Schema(type: 'string', format: 'date')),
                new OA\Parameter(name: 'to', in: 'query', schema: new OA\Schema(type: 'string', format: 'date')),
                new OA\Parameter(name: 'before', in: 'query', schema: new OA\Schema(type: 'integer')),
            ],
            responses: [
                new Answered(200, 'Part of it', TrailResource::class), new Refused(403, 'Not the manager'),
            ],
        ),
    ]
    public function index(ReadTrailRequest $request, ReadTrail $read): TrailResource
    {
        return $read->handle($request);
    }
}
