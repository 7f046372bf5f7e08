<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\OpenApi\Answered;
use App\Http\OpenApi\IdInPath;
use App\Http\OpenApi\Refused;
use App\Http\Requests\SignedInRequest;
use App\Http\Requests\VehicleServiceRequest;
use App\Http\Resources\Library\ChangeResource;
use App\Http\Resources\Library\EditorWordsResource;
use App\Http\Resources\Library\LibraryResource;
use App\Http\Resources\Library\UsualVehiclesResource;
use App\Http\Views\Library\ReadLibrary;
use App\Library\CatalogOfParts;
use App\Library\Outages;
use App\Library\ShippedVehicles;
use App\Models\DocumentKind;
use App\Models\StoredChecklist;
use App\Models\StoredDocument;
use App\Models\StoredVehicle;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;
use Pasada\Core\Checklist\Reading\ItemTable;
use Pasada\Core\Coaching\Phrasebook;
use Pasada\Core\Document\Change;
use Pasada\Core\Document\Difference;

final readonly class LibraryController
{
    #[
        OA\Get(
            path: '/library',
            operationId: 'readLibrary',
            summary: 'Checklists and vehicles with their versions, and open drafts',
            responses: [
                new Answered(200, 'The library', LibraryResource::class),
            ],
        ),
    ]
    public function show(SignedInRequest $request, ReadLibrary $read): LibraryResource
    {
        Gate::authorize('viewAny', StoredChecklist::class);

        return $read->handle($request->signedIn(), Carbon::now());
    }

    #[
        OA\Get(
            path: '/library/usual',
            operationId: 'readUsualVehicles',
            summary: 'Usual vehicles to begin one\'s own with',
            responses: [
                new Answered(200, 'The vehicles', UsualVehiclesResource::class),
            ],
        ),
    ]
    public function usual(ShippedVehicles $shipped): UsualVehiclesResource
    {
        Gate::authorize('viewAny', StoredVehicle::class);

        return UsualVehiclesResource::of($shipped);
    }

    #[
        OA\Put(
            path: '/library/vehicle/{vehicle}/service',
            operationId: 'setVehicleService',
            summary: 'Take a vehicle out of service, or bring it back',
            parameters: [new IdInPath('vehicle', isNumber: true)],
            requestBody: new OA\RequestBody(
                required: true, content: new OA\JsonContent(ref: VehicleServiceRequest::class),
            ),
            responses: [
                new OA\Response(response: 204, description: 'Done'),
                new Refused(403, 'Not the manager'),
                new Refused(422, 'A reason that is too long'),
            ],
        ),
    ]
    public function service(VehicleServiceRequest $request, StoredVehicle $vehicle, Outages $outages): JsonResponse
    {
        $outages->set($vehicle, $request->reason(), $request->signedIn(), Carbon::now());

        return new JsonResponse(null, 204);
    }

    #[
        OA\Get(
            path: '/library/words',
            operationId: 'readEditorWords',
            summary: 'What points and brake tests are called, for the editor',
            responses: [
                new Answered(200, 'The words', EditorWordsResource::class),
            ],
        ),
    ]
    public function words(Phrasebook $phrasebook, CatalogOfParts $catalog): EditorWordsResource
    {
        Gate::authorize('viewAny', StoredChecklist::class);

        return EditorWordsResource::of($phrasebook, $catalog->parts());
    }

    #[
        OA\Get(
            path: '/library/{kind}/{id}/document',
            operationId: 'downloadDocument',
            summary: 'A version in the open format',
            parameters: [
                new OA\Parameter(
                    name: 'kind',
                    in: 'path',
                    required: true,
                    schema: new OA\Schema(type: 'string', enum: DocumentKind::class),
                ),
                new OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
            ],
            responses: [
                new OA\Response(response: 200, description: 'The file', content: new OA\JsonContent(type: 'object')),
                new Refused(404, 'No such version here'),
            ],
        ),
    ]
    public function document(DocumentKind $kind, int $id): Response
    {
        $row = $this->row($kind, $id);

        return new Response($row->document, 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => sprintf('attachment; filename="%s-%d.json"', $row->slug, $row->version),
        ]);
    }

    #[
        OA\Get(
            path: '/library/checklist/{id}/table',
            operationId: 'downloadTable',
            summary: 'What a checklist asks, as a table for a spreadsheet',
            parameters: [
                new OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
            ],
            responses: [
                new OA\Response(response: 200, description: 'CSV', content: new OA\MediaType(mediaType: 'text/csv')),
            ],
        ),
    ]
    public function table(int $id): Response
    {
        $row = $this->row(DocumentKind::Checklist, $id);

        return new Response(ItemTable::write($row->decoded()), 200, [
            'Content-Type' => 'text/csv; charset=UTF-8',
            'Content-Disposition' => sprintf('attachment; filename="%s-%d.csv"', $row->slug, $row->version),
        ]);
    }

    #[
        OA\Get(
            path: '/library/{kind}/{id}/changes',
            operationId: 'readChanges',
            summary: 'What a version has different from another',
            parameters: [
                new OA\Parameter(
                    name: 'kind',
                    in: 'path',
                    required: true,
                    schema: new OA\Schema(type: 'string', enum: DocumentKind::class),
                ),
                new OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
                new OA\Parameter(
                    name: 'since', in: 'query', required: true, description: 'id of the earlier version',
                    schema: new OA\Schema(type: 'integer'),
                ),
            ],
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'The changes',
                    content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: ChangeResource::class)),
                ),
            ],
        ),
    ]
    public function changes(SignedInRequest $request, DocumentKind $kind, int $id): JsonResponse
    {
        $before = $this->row($kind, $request->integer('since'));
        $changes = Difference::between($before->decoded(), $this->row($kind, $id)->decoded());

        return new JsonResponse(
            array_map(static fn (Change $change): ChangeResource => ChangeResource::of($change), $changes),
        );
    }

    private function row(DocumentKind $kind, int $id): StoredDocument
    {
        $row = $kind->model()::query()->findOrFail($id);
        Gate::authorize('view', $row);

        return $row;
    }
}
