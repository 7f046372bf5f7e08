<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\People\SaveAppointment;
use App\Actions\People\SaveClass;
use App\Http\OpenApi\Answered;
use App\Http\OpenApi\CursorInQuery;
use App\Http\OpenApi\IdInPath;
use App\Http\OpenApi\LimitInQuery;
use App\Http\OpenApi\Refused;
use App\Http\Page;
use App\Http\Requests\PageRequest;
use App\Http\Requests\People\AppointmentRequest;
use App\Http\Requests\People\SaveClassRequest;
use App\Http\Requests\SignedInRequest;
use App\Http\Resources\CountResource;
use App\Http\Resources\People\AppointmentResource;
use App\Http\Resources\People\ClassesResource;
use App\Http\Views\People\ReadClasses;
use App\Models\ExamAppointment;
use App\Models\SchoolClass;
use App\Models\Student;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** Classes, and the exams that their students go to. */
final readonly class ClassController
{
    #[
        OA\Get(
            path: '/classes', operationId: 'listClasses', summary: 'The classes of the school, in pages',
            parameters: [new LimitInQuery, new CursorInQuery],
            responses: [
                new Answered(200, 'By name', ClassesResource::class), new Refused(403, 'A student asks'),
            ],
        ),
    ]
    public function index(PageRequest $request, ReadClasses $read): JsonResponse
    {
        Gate::authorize('viewAny', Student::class);
        $school = $request->signedIn()->school_id;
        $page = Page::of(SchoolClass::cards($school), $request, 'classes.name');

        return $page->answer($request, $read->handle($school, new Collection($page->items), Carbon::now()));
    }

    #[
        OA\Get(
            path: '/classes/count', operationId: 'countClasses', summary: 'How many classes the list has',
            responses: [
                new Answered(200, 'Archived ones, too', CountResource::class), new Refused(403, 'A student asks'),
            ],
        ),
    ]
    public function count(SignedInRequest $request): CountResource
    {
        Gate::authorize('viewAny', Student::class);

        return new CountResource(SchoolClass::ofSchool($request->signedIn()->school_id)->count());
    }

    #[
        OA\Post(
            path: '/classes', operationId: 'addClass', summary: 'A new class',
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: SaveClassRequest::class)),
            responses: [
                new Answered(200, 'All classes', ClassesResource::class), new Refused(422, 'Name or days'),
            ],
        ),
    ]
    public function store(SaveClassRequest $request, SaveClass $save, ReadClasses $read): ClassesResource
    {
        return $this->save($request, null, $save, $read);
    }

    #[
        OA\Put(
            path: '/classes/{class}', operationId: 'changeClass', summary: 'Change a class, or archive it',
            parameters: [new IdInPath('class', isNumber: true)],
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: SaveClassRequest::class)),
            responses: [
                new Answered(200, 'All classes', ClassesResource::class), new Refused(404, 'No such class'),
                new Refused(422, 'Name or days'),
            ],
        ),
    ]
    public function update(
        SaveClassRequest $request, SchoolClass $class, SaveClass $save, ReadClasses $read,
    ): ClassesResource {
        return $this->save($request, $class, $save, $read);
    }

    #[
        OA\Get(
            path: '/students/{student}/appointments', operationId: 'listAppointments',
            summary: 'The real exams of a student that are noted',
            parameters: [new IdInPath('student', isNumber: true)],
            responses: [
                new OA\Response(response: 200, description: 'The next ones first', content: new OA\JsonContent(
                    type: 'array', items: new OA\Items(ref: AppointmentResource::class),
                )),
                new Refused(404, 'No such student for this user'),
            ],
        ),
    ]
    public function appointments(Student $student): JsonResponse
    {
        Gate::authorize('view', $student);
        $all = ExamAppointment::query()->where('student_id', $student->id)->get()->sortByDesc('held_on');

        return new JsonResponse($all->toBase()->map(AppointmentResource::of(...))->values()->all());
    }

    #[
        OA\Post(
            path: '/students/{student}/appointments', operationId: 'noteAppointment', summary: 'Note a real exam',
            parameters: [new IdInPath('student', isNumber: true)],
            requestBody: new OA\RequestBody(
                required: true, content: new OA\JsonContent(ref: AppointmentRequest::class),
            ),
            responses: [
                new Answered(200, 'As it is noted', AppointmentResource::class),
                new Refused(409, 'The id is taken'), new Refused(422, 'Day or time'),
            ],
        ),
    ]
    public function note(AppointmentRequest $request, Student $student, SaveAppointment $save): AppointmentResource
    {
        return AppointmentResource::of($save->note(
            mb_strtolower($request->string('id')->toString()), $request->signedIn(), $student, $request->told(),
            Carbon::now(),
        ));
    }

    #[
        OA\Delete(
            path: '/appointments/{appointment}', operationId: 'cancelAppointment', summary: 'Cancel a noted exam',
            parameters: [new IdInPath('appointment')],
            responses: [new OA\Response(response: 204, description: 'Cancelled'), new Refused(404, 'None')],
        ),
    ]
    public function cancel(ExamAppointment $appointment, SaveAppointment $save): JsonResponse
    {
        $student = Student::query()->findOrFail($appointment->student_id);
        Gate::authorize('change', $student);
        $save->cancel($appointment, $student, Carbon::now());

        return new JsonResponse(null, 204);
    }

    private function save(
        SaveClassRequest $request, ?SchoolClass $class, SaveClass $save, ReadClasses $read,
    ): ClassesResource {
        $school = $request->signedIn()->school_id;
        $save->handle(
            $school, $class, $request->told(), $request->instructors(), $request->vehicles(),
            $request->boolean('archived'), Carbon::now(),
        );

        return $read->handle($school, SchoolClass::cards($school)->get()->sortBy('name')->toBase(), Carbon::now());
    }
}
