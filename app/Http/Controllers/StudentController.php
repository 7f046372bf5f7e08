<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\OpenApi\Answered;
use App\Http\OpenApi\Refused;
use App\Http\Requests\SignedInRequest;
use App\Http\Resources\School\StudentCardResource;
use App\Http\Resources\School\StudentRecordResource;
use App\Http\Views\School\ReadStudentRecord;
use App\Models\Student;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

final readonly class StudentController
{
    #[
        OA\Get(
            path: '/students',
            operationId: 'listStudents',
            summary: 'The students of the school',
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
    public function index(SignedInRequest $request): JsonResponse
    {
        Gate::authorize('viewAny', Student::class);
        $students = Student::cards($request->signedIn())->get()->sortBy('name');

        return new JsonResponse($students->map(StudentCardResource::of(...))->values()->all());
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
    public function show(SignedInRequest $request, Student $student, ReadStudentRecord $read): StudentRecordResource
    {
        Gate::authorize('view', $student);

        return $read->handle($student, $request->signedIn());
    }
}
