<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\OpenApi\Answered;
use App\Http\Requests\AskedRequest;
use App\Http\Requests\PreviewInspectionRequest;
use App\Http\Requests\SignedInRequest;
use App\Http\Resources\Library\AskedResource;
use App\Http\Resources\Library\LeftOutResource;
use App\Http\Resources\OptionResource;
use App\Http\Resources\School\ChoicesResource;
use App\Http\Resources\Walk\InspectionResource;
use App\Http\Resources\Walk\PreparedResource;
use App\Http\Resources\Walk\SheetResource;
use App\Http\Views\Walk\ReadChoices;
use App\Http\Views\Walk\ReadUsualHalves;
use App\Library\InspectionLibrary;
use App\Models\Attempt;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;
use Pasada\Core\Attempt\Marks\MarkList;
use Pasada\Core\Checklist\Form;
use Pasada\Core\Coaching\Coach;
use Pasada\Core\Inspection\LeftOut;
use Pasada\Core\Inspection\LeftOutFinder;
use Pasada\Core\Scoring\ScoreSheet;

final readonly class InspectionController
{
    #[
        OA\Get(
            path: '/choices',
            operationId: 'readChoices',
            summary: 'What an attempt can be started with',
            responses: [
                new Answered(200, 'Students, vehicles, checklists', ChoicesResource::class),
            ],
        ),
    ]
    public function choices(SignedInRequest $request, ReadChoices $choices): ChoicesResource
    {
        Gate::authorize('bring', Attempt::class);

        return $choices->handle($request->signedIn(), Carbon::now());
    }

    #[
        OA\Get(
            path: '/library/asked',
            operationId: 'readAsked',
            summary: 'What a checklist asks of a vehicle, and what it does not, with the reasons',
            parameters: [
                new OA\Parameter(
                    name: 'vehicle_id', in: 'query', required: true, schema: new OA\Schema(type: 'integer'),
                ),
                new OA\Parameter(
                    name: 'checklist_id', in: 'query', required: true, schema: new OA\Schema(type: 'integer'),
                ),
                new OA\Parameter(name: 'form', in: 'query', schema: new OA\Schema(type: 'string')),
            ],
            responses: [
                new Answered(200, 'The list', AskedResource::class),
            ],
        ),
    ]
    public function asked(AskedRequest $request, InspectionLibrary $inspections, Coach $coach): AskedResource
    {
        $checklist = $inspections->checklistOf($request->checklist());
        $form = $request->form() === null ? null : $checklist->form($request->form());
        $inspection = $inspections->of($request->checklist(), $request->vehicle(), $form?->id);

        return new AskedResource(
            InspectionResource::of($inspection, $coach),
            array_map(
                static fn (LeftOut $one): LeftOutResource => LeftOutResource::of($one),
                (new LeftOutFinder($checklist, $inspection))->find(),
            ),
            array_map(
                static fn (Form $one): OptionResource => new OptionResource($one->id, $one->name),
                array_values($checklist->forms->forms),
            ),
        );
    }

    #[
        OA\Get(
            path: '/prepared',
            operationId: 'prepareWalk',
            summary: 'All that a walk needs that is started without network',
            parameters: [
                new OA\Parameter(
                    name: 'vehicle_id', in: 'query', required: true, schema: new OA\Schema(type: 'integer'),
                ),
                new OA\Parameter(
                    name: 'checklist_id', in: 'query', required: true, schema: new OA\Schema(type: 'integer'),
                ),
                new OA\Parameter(name: 'form', in: 'query', schema: new OA\Schema(type: 'string')),
            ],
            responses: [
                new Answered(200, 'To be kept on the device', PreparedResource::class),
            ],
        ),
    ]
    public function prepare(
        PreviewInspectionRequest $request,
        InspectionLibrary $inspections,
        Coach $coach,
        ReadUsualHalves $usual,
    ): PreparedResource {
        $inspection = $inspections->of($request->checklist(), $request->vehicle(), $request->form());

        return new PreparedResource(
            InspectionResource::of($inspection, $coach),
            SheetResource::of(ScoreSheet::ofInspection($inspection, MarkList::of())),
            $request->signedIn()->school->phrases(),
            $usual->handle($request->signedIn()->school_id, $inspection),
        );
    }
}
