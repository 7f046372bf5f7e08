<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\OpenApi\Answered;
use App\Http\OpenApi\IdInPath;
use App\Http\OpenApi\Refused;
use App\Http\Requests\ReadListRequest;
use App\Http\Resources\Library\PartsListResource;
use App\Http\Views\Library\ReadPartsList;
use App\Library\SpreadsheetCells;
use App\Models\DocumentKind;
use App\Models\Draft;
use OpenApi\Attributes as OA;

final readonly class PartsListController
{
    #[
        OA\Post(
            path: '/drafts/{draft}/list',
            operationId: 'readPartsList',
            summary: "Read a school's own list of parts, in its own layout; nothing is kept",
            parameters: [new IdInPath('draft')],
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: ReadListRequest::class)),
            responses: [
                new Answered(200, 'The list, with what is in doubt', PartsListResource::class),
                new Refused(422, 'The file cannot be read, or is no list'),
            ],
        ),
    ]
    public function __invoke(
        ReadListRequest $request, Draft $draft, SpreadsheetCells $cells, ReadPartsList $read,
    ): PartsListResource {
        abort_unless($draft->kind === DocumentKind::Checklist, 422, 'Only a checklist takes a list of parts.');

        return $read->handle(
            $cells->read($request->string('name')->toString(), $request->content()),
            $request->columns(),
            $request->choices(),
        );
    }
}
