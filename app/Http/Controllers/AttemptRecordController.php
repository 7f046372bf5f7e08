<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Record\EnterPaper;
use App\Actions\Record\ImportRecord;
use App\Http\OpenApi\Answered;
use App\Http\OpenApi\IdInPath;
use App\Http\OpenApi\Refused;
use App\Http\Requests\AlikeRequest;
use App\Http\Requests\ImportRecordRequest;
use App\Http\Requests\SignedInRequest;
use App\Http\Requests\Walk\PaperSheetRequest;
use App\Http\Resources\Record\RescoreResource;
use App\Http\Resources\School\AlikeResource;
use App\Http\Resources\Walk\AttemptCardResource;
use App\Http\Views\Record\RescoreAttempt;
use App\Library\AlikeStudents;
use App\Library\InspectionLibrary;
use App\Library\RecordFile;
use App\Models\Attempt;
use App\Models\StoredChecklist;
use App\Models\Student;
use App\Trail\Trail;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

final readonly class AttemptRecordController
{
    #[
        OA\Get(
            path: '/attempts/{attempt}/what-if',
            operationId: 'rescoreAttempt',
            summary: 'The attempt scored under another checklist; the record is untouched',
            parameters: [
                new IdInPath('attempt'),
                new OA\Parameter(
                    name: 'checklist_id', in: 'query', required: true, schema: new OA\Schema(type: 'integer'),
                ),
            ],
            responses: [
                new Answered(200, 'Before and after', RescoreResource::class),
                new Refused(404, 'No such attempt or checklist'),
            ],
        ),
    ]
    public function whatIf(
        SignedInRequest $request, Attempt $attempt, RescoreAttempt $rescore, InspectionLibrary $inspections,
    ): RescoreResource {
        Gate::authorize('study', $attempt);
        $stored = StoredChecklist::ofSchool($attempt->school_id)->findOrFail($request->integer('checklist_id'));
        Gate::authorize('view', $stored);

        return $rescore->handle($attempt, $inspections->checklistOf($stored), null);
    }

    #[
        OA\Get(
            path: '/attempts/{attempt}/record',
            operationId: 'downloadRecord',
            summary: 'Marks and sheet in the open format',
            parameters: [new IdInPath('attempt')],
            responses: [
                new OA\Response(response: 200, description: 'The record', content: new OA\JsonContent(type: 'object')),
            ],
        ),
    ]
    public function download(Attempt $attempt, RecordFile $records, Trail $trail): JsonResponse
    {
        Gate::authorize('study', $attempt);
        $trail->downloaded($attempt);

        return new JsonResponse($records->write($attempt), 200, [
            'Content-Disposition' => sprintf('attachment; filename="%s.json"', $attempt->id),
        ]);
    }

    #[
        OA\Post(
            path: '/attempts/paper', operationId: 'enterPaper',
            summary: 'Take in a walk that was scored on a paper checklist, all or nothing',
            requestBody: new OA\RequestBody(
                required: true, content: new OA\JsonContent(ref: PaperSheetRequest::class),
            ),
            responses: [
                new Answered(201, 'The attempt, finished', AttemptCardResource::class),
                new Refused(409, 'The id belongs to another walk, or other marks were sent with it'),
                new Refused(422, 'An item or a point that this checklist does not ask'),
            ],
        ),
    ]
    public function enterPaper(PaperSheetRequest $request, EnterPaper $enter): JsonResponse
    {
        $attempt = $enter->handle($request->signedIn(), $request->sheet());

        return new JsonResponse(AttemptCardResource::of($attempt->load(Attempt::CARD)), 201);
    }

    #[
        OA\Post(
            path: '/records/names', operationId: 'findAlike',
            summary: 'Who here may be meant by the names in a file of records',
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: AlikeRequest::class)),
            responses: [
                new OA\Response(
                    response: 200, description: 'By name',
                    content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: AlikeResource::class)),
                ),
            ],
        ),
    ]
    public function alike(AlikeRequest $request): JsonResponse
    {
        $students = AlikeStudents::at($request->signedIn()->school_id);

        return new JsonResponse(array_map(static fn (string $name): AlikeResource => new AlikeResource(
            $name, array_map(static fn (Student $one): int => $one->id, $students->to($name)),
        ), $request->names()));
    }

    #[
        OA\Post(
            path: '/records',
            operationId: 'importRecord',
            summary: 'Take in an attempt recorded elsewhere, all or nothing',
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: ImportRecordRequest::class),
            ),
            responses: [
                new Answered(201, 'The attempt', AttemptCardResource::class),
                new Refused(422, 'The record has faults: each with its path'),
            ],
        ),
    ]
    public function store(ImportRecordRequest $request, ImportRecord $import): JsonResponse
    {
        [$attempt, $isNew] = $import->handle(
            $request->signedIn(), $request->student(), $request->record(), Carbon::now(),
        );

        return new JsonResponse(AttemptCardResource::of($attempt->load(Attempt::CARD)), $isNew ? 201 : 200);
    }
}
