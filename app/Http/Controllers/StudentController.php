<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\People\SaveStudent;
use App\Http\OpenApi\Answered;
use App\Http\OpenApi\CursorInQuery;
use App\Http\OpenApi\IdInPath;
use App\Http\OpenApi\LimitInQuery;
use App\Http\OpenApi\Refused;
use App\Http\Page;
use App\Http\Requests\PageRequest;
use App\Http\Requests\People\ArchiveStudentRequest;
use App\Http\Requests\People\MergeStudentRequest;
use App\Http\Requests\People\SaveStudentRequest;
use App\Http\Requests\SignedInRequest;
use App\Http\Resources\CountResource;
use App\Http\Resources\School\StudentCardResource;
use App\Http\Resources\School\StudentRecordResource;
use App\Http\Views\School\ReadStudentRecord;
use App\Models\Student;
use App\Trail\Trail;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

final readonly class StudentController
{
    #[
        OA\Get(
            path: '/students',
            operationId: 'listStudents',
            summary: 'The students of the school, in pages',
            parameters: [new LimitInQuery, new CursorInQuery],
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'By name',
                    content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: StudentCardResource::class)),
                ),
                new Refused(403, 'A student asks'),
            ],
        ),
    ]
    public function index(PageRequest $request): JsonResponse
    {
        Gate::authorize('viewAny', Student::class);

        return Page::of(Student::cards($request->signedIn()), $request, 'students.name')
            ->rows($request, StudentCardResource::of(...));
    }

    #[
        OA\Get(
            path: '/students/count', operationId: 'countStudents', summary: 'How many students the list has',
            responses: [
                new Answered(200, 'Those who have not left', CountResource::class),
                new Refused(403, 'A student asks'),
            ],
        ),
    ]
    public function count(SignedInRequest $request): CountResource
    {
        Gate::authorize('viewAny', Student::class);

        return new CountResource(Student::present($request->signedIn()->school_id)->count());
    }

    #[
        OA\Get(
            path: '/students/{student}',
            operationId: 'readStudent',
            summary: 'A student\'s record',
            parameters: [
                new OA\Parameter(name: 'student', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
            ],
            responses: [
                new Answered(200, 'The record', StudentRecordResource::class),
                new Refused(404, 'No such student for this user'),
            ],
        ),
    ]
    public function show(
        SignedInRequest $request, Student $student, ReadStudentRecord $read, Trail $trail,
    ): StudentRecordResource {
        Gate::authorize('view', $student);
        if ($student->user_id !== $request->signedIn()->id) {
            $trail->viewed($request->signedIn(), 'student', $student->id);
        }

        return $read->handle($student, $request->signedIn());
    }

    #[
        OA\Post(
            path: '/students', operationId: 'addStudent', summary: 'A new student',
            requestBody: new OA\RequestBody(
                required: true, content: new OA\JsonContent(ref: SaveStudentRequest::class),
            ),
            responses: [
                new Answered(201, 'The record', StudentRecordResource::class),
                new Refused(403, 'Neither instructor nor manager'), new Refused(422, 'Name, class or number'),
            ],
        ),
    ]
    public function store(SaveStudentRequest $request, SaveStudent $save, ReadStudentRecord $read): JsonResponse
    {
        $student = $save->add($request->uuid(), $request->signedIn()->school_id, $request->told());

        return new JsonResponse($read->handle($student, $request->signedIn()), 201);
    }

    #[
        OA\Put(
            path: '/students/{student}', operationId: 'changeStudent', summary: 'Change what is kept of a student',
            parameters: [new IdInPath('student', isNumber: true)],
            requestBody: new OA\RequestBody(
                required: true, content: new OA\JsonContent(ref: SaveStudentRequest::class),
            ),
            responses: [
                new Answered(200, 'The record', StudentRecordResource::class),
                new Refused(403, 'Neither instructor nor manager'), new Refused(422, 'Name, class or number'),
            ],
        ),
    ]
    public function update(
        SaveStudentRequest $request, Student $student, SaveStudent $save, ReadStudentRecord $read,
    ): StudentRecordResource {
        $save->change($student, $request->told());

        return $read->handle($student->refresh(), $request->signedIn());
    }

    #[
        OA\Put(
            path: '/students/{student}/archived', operationId: 'archiveStudent',
            summary: 'Take a student out of every list, or bring one back',
            parameters: [new IdInPath('student', isNumber: true)],
            requestBody: new OA\RequestBody(
                required: true, content: new OA\JsonContent(ref: ArchiveStudentRequest::class),
            ),
            responses: [
                new OA\Response(response: 204, description: 'Done'),
                new Refused(403, 'Neither instructor nor manager'),
            ],
        ),
    ]
    public function archive(ArchiveStudentRequest $request, Student $student, SaveStudent $save): JsonResponse
    {
        $save->archive($student, $request->boolean('archived'), Carbon::now());

        return new JsonResponse(null, 204);
    }

    #[
        OA\Post(
            path: '/students/{student}/merge', operationId: 'mergeStudent',
            summary: 'Two records of one person become one',
            parameters: [new IdInPath('student', isNumber: true)],
            requestBody: new OA\RequestBody(
                required: true, content: new OA\JsonContent(ref: MergeStudentRequest::class),
            ),
            responses: [
                new Answered(200, 'The record that all went to', StudentRecordResource::class),
                new Refused(403, 'Not the manager'), new Refused(422, 'The same record, or merged before'),
            ],
        ),
    ]
    public function merge(
        MergeStudentRequest $request, Student $student, SaveStudent $save, ReadStudentRecord $read,
    ): StudentRecordResource {
        $save->merge($student, $request->into(), Carbon::now());

        return $read->handle($request->into(), $request->signedIn());
    }
}
