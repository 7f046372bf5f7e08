<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\OpenApi\Answered;
use App\Http\OpenApi\IdInPath;
use App\Http\OpenApi\Refused;
use App\Http\Requests\People\DigestRequest;
use App\Http\Requests\People\PaperRequest;
use App\Http\Resources\Record\DigestCheckResource;
use App\Http\Views\Record\CheckDigest;
use App\Models\Attempt;
use App\Models\SchoolClass;
use App\Models\StoredChecklist;
use App\Models\StoredVehicle;
use App\Models\Student;
use App\Paper\ChecklistPaper;
use App\Paper\RecordPaper;
use App\Paper\SheetPaper;
use App\Trail\Did;
use App\Trail\Trail;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** Records on paper, as PDF in letter or A4. */
final readonly class PaperController
{
    public function __construct(private Trail $trail) {}

    #[
        OA\Get(
            path: '/attempts/{attempt}/paper', operationId: 'printAttempt', summary: 'The sheet of an attempt as PDF',
            parameters: [
                new IdInPath('attempt'),
                new OA\Parameter(
                    name: 'size', in: 'query', schema: new OA\Schema(type: 'string', enum: ['letter', 'a4']),
                ),
            ],
            responses: [new OA\Response(response: 200, description: 'The file'), new Refused(404, 'None here')],
        ),
    ]
    public function attempt(PaperRequest $request, Attempt $attempt, SheetPaper $paper): Response
    {
        Gate::authorize('study', $attempt);
        $attempt->loadMissing(['school', 'student', 'scorer', 'checklist', 'vehicle']);
        $this->trail->downloaded($attempt);

        return $this->file($paper->of($attempt, $request->size()), 'sheet');
    }

    #[
        OA\Get(
            path: '/students/{student}/paper', operationId: 'printStudent',
            summary: 'The training record of a student as PDF',
            parameters: [
                new IdInPath('student', isNumber: true),
                new OA\Parameter(
                    name: 'size', in: 'query', schema: new OA\Schema(type: 'string', enum: ['letter', 'a4']),
                ),
            ],
            responses: [new OA\Response(response: 200, description: 'The file'), new Refused(404, 'None here')],
        ),
    ]
    public function student(PaperRequest $request, Student $student, RecordPaper $paper): Response
    {
        Gate::authorize('view', $student);
        $this->trail->keep($student->school_id, Did::Downloaded, 'student', $student->id);
        $school = $request->signedIn()->school;

        return $this->file(
            $paper->ofStudent($school, $student->loadMissing('schoolClass'), $request->size(), Carbon::now()), 'record',
        );
    }

    #[
        OA\Get(
            path: '/classes/{class}/paper', operationId: 'printClass', summary: 'The register of a class as PDF',
            parameters: [
                new IdInPath('class', isNumber: true),
                new OA\Parameter(
                    name: 'size', in: 'query', schema: new OA\Schema(type: 'string', enum: ['letter', 'a4']),
                ),
            ],
            responses: [new OA\Response(response: 200, description: 'The file'), new Refused(404, 'None here')],
        ),
    ]
    public function schoolClass(PaperRequest $request, SchoolClass $class, RecordPaper $paper): Response
    {
        Gate::authorize('viewAny', Student::class);
        abort_if($class->school_id !== $request->signedIn()->school_id, 404, 'There is no such class here.');
        $this->trail->keep($class->school_id, Did::Downloaded, 'class', $class->id);

        return $this->file(
            $paper->ofClass($request->signedIn()->school, $class, $request->size(), Carbon::now()), 'register',
        );
    }

    #[
        OA\Get(
            path: '/paper/checklist', operationId: 'printChecklist',
            summary: 'An unmarked checklist as PDF, for a day without devices',
            parameters: [
                new OA\Parameter(
                    name: 'checklist_id', in: 'query', required: true, schema: new OA\Schema(type: 'integer'),
                ),
                new OA\Parameter(
                    name: 'vehicle_id', in: 'query', required: true, schema: new OA\Schema(type: 'integer'),
                ),
                new OA\Parameter(name: 'form', in: 'query', schema: new OA\Schema(type: 'string')),
                new OA\Parameter(
                    name: 'size', in: 'query', schema: new OA\Schema(type: 'string', enum: ['letter', 'a4']),
                ),
            ],
            responses: [
                new OA\Response(response: 200, description: 'The file'), new Refused(422, 'None of that id'),
            ],
        ),
    ]
    public function checklist(PaperRequest $request, ChecklistPaper $paper): Response
    {
        Gate::authorize('viewAny', StoredChecklist::class);

        return $this->file($paper->of(
            $request->signedIn()->school, StoredChecklist::query()->findOrFail($request->integer('checklist_id')),
            StoredVehicle::query()->findOrFail($request->integer('vehicle_id')),
            $request->filled('form') ? $request->string('form')->toString() : null, $request->size(),
        ), 'checklist');
    }

    #[
        OA\Get(
            path: '/attempts/{attempt}/check', operationId: 'checkDigest',
            summary: 'Whether a printed sheet says what the record says',
            parameters: [
                new IdInPath('attempt'),
                new OA\Parameter(name: 'digest', in: 'query', required: true, schema: new OA\Schema(type: 'string')),
            ],
            responses: [
                new Answered(200, 'Now, or as it was signed', DigestCheckResource::class),
                new Refused(404, 'No such record for this user'), new Refused(422, 'No digest'),
            ],
        ),
    ]
    public function check(DigestRequest $request, Attempt $attempt, CheckDigest $check): DigestCheckResource
    {
        return $check->handle($attempt, $request->string('digest')->toString());
    }

    private function file(string $pdf, string $name): Response
    {
        return new Response($pdf, 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => "attachment; filename=\"pasada-$name.pdf\"",
        ]);
    }
}
