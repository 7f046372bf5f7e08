<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Progress\Recite;
use App\Actions\Progress\RecordExamResult;
use App\Http\OpenApi\Answered;
use App\Http\OpenApi\IdInPath;
use App\Http\OpenApi\Refused;
use App\Http\Requests\Progress\ExamResultRequest;
use App\Http\Requests\Progress\ReadinessRequest;
use App\Http\Requests\Progress\ReciteRequest;
use App\Http\Requests\SignedInRequest;
use App\Http\Resources\Progress\ClassResource;
use App\Http\Resources\Progress\ExamResultResource;
use App\Http\Resources\Progress\ReadinessResource;
use App\Http\Resources\Progress\RecitedResource;
use App\Http\Resources\Progress\ScoringHealthResource;
use App\Http\Views\Progress\ReadClass;
use App\Http\Views\Progress\ReadReadiness;
use App\Http\Views\Progress\ReadScoringHealth;
use App\Models\Attempt;
use App\Models\ExamResult;
use App\Models\Student;
use App\Progress\StudentReadinesses;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

final readonly class ProgressController
{
    #[
        OA\Get(
            path: '/students/{student}/readiness',
            operationId: 'readReadiness',
            summary: 'How likely a student passes, why, and what to practice',
            parameters: [
                new IdInPath('student', isNumber: true),
                new OA\Parameter(
                    name: 'checklist_id', in: 'query', description: 'that of the last walk where it is left out',
                    schema: new OA\Schema(type: 'integer'),
                ),
                new OA\Parameter(name: 'vehicle_id', in: 'query', schema: new OA\Schema(type: 'integer')),
            ],
            responses: [
                new Answered(200, 'With its doubt, or with what is missing', ReadinessResource::class),
                new Refused(404, 'No such student for this user, or nothing is in force'),
            ],
        ),
    ]
    public function show(
        ReadinessRequest $request, Student $student, StudentReadinesses $readinesses, ReadReadiness $read,
    ): ReadinessResource {
        $now = Carbon::now();
        [$checklist, $vehicle] = $readinesses->examinedBy($student, $now) ?? [null, null];
        $checklist = $request->checklist() ?? $checklist;
        $vehicle = $request->vehicle() ?? $vehicle;
        if ($checklist === null || $vehicle === null) {
            throw new NotFoundHttpException('No checklist or no vehicle is in force today. Publish one first.');
        }

        return $read->handle($student, $checklist, $vehicle, $request->signedIn()->school->today($now));
    }

    #[
        OA\Get(
            path: '/class',
            operationId: 'readClass',
            summary: 'Who is ready and who is not, and what all of them miss',
            responses: [new Answered(200, 'By name', ClassResource::class), new Refused(403, 'A student asks')],
        ),
    ]
    public function class(SignedInRequest $request, ReadClass $read): ClassResource
    {
        Gate::authorize('viewAny', Student::class);

        return $read->handle($request->signedIn(), Carbon::now());
    }

    #[
        OA\Get(
            path: '/scoring-health',
            operationId: 'readScoringHealth',
            summary: 'How alike scorers score, and which items tell little',
            responses: [
                new Answered(200, 'All scorers for a manager, oneself for others', ScoringHealthResource::class),
                new Refused(403, 'A student asks'), new Refused(404, 'Nothing is in force'),
            ],
        ),
    ]
    public function scoringHealth(SignedInRequest $request, ReadScoringHealth $read): ScoringHealthResource
    {
        Gate::authorize('viewAny', Student::class);
        $reader = $request->signedIn();
        $last = Attempt::finished($reader->school_id)->with(['checklist', 'vehicle'])->latest('started_at')->first();
        if ($last === null) {
            throw new NotFoundHttpException('Nothing was scored yet. This is told from the first finished walk on.');
        }

        return $read->handle($reader, $last->checklist, $last->vehicle);
    }

    #[
        OA\Post(
            path: '/students/{student}/exams',
            operationId: 'recordExam',
            summary: 'What came of a real exam',
            parameters: [new IdInPath('student', isNumber: true)],
            requestBody: new OA\RequestBody(
                required: true, content: new OA\JsonContent(ref: ExamResultRequest::class),
            ),
            responses: [
                new Answered(201, 'As it is kept', ExamResultResource::class),
                new Refused(403, 'A student sends it'),
                new Refused(409, 'The id is another result\'s'),
                new Refused(422, 'No day, or one that lies ahead'),
            ],
        ),
    ]
    public function recordExam(ExamResultRequest $request, Student $student, RecordExamResult $record): JsonResponse
    {
        $kept = $record->handle(
            $request->string('id')->toString(), $request->signedIn(), $student, $request->heldOn(),
            $request->boolean('passed'), $request->filled('form') ? $request->string('form')->toString() : null,
            $request->missed(), Carbon::now(),
        );

        return new JsonResponse(ExamResultResource::of($kept), 201);
    }

    #[
        OA\Post(
            path: '/students/{student}/recitals',
            operationId: 'recite',
            summary: 'Listen to one part that the student recites',
            parameters: [new IdInPath('student', isNumber: true)],
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: ReciteRequest::class)),
            responses: [
                new Answered(200, 'What was heard and what was missing', RecitedResource::class),
                new Refused(404, 'No such student for this user'),
                new Refused(409, 'The id is another recital\'s'),
                new Refused(422, 'No words, or a part that is not asked'),
            ],
        ),
    ]
    public function recite(ReciteRequest $request, Student $student, Recite $recite): RecitedResource
    {
        $now = Carbon::now();

        return RecitedResource::of($recite->handle(
            $request->string('id')->toString(), $student, $request->checklist(), $request->vehicle(),
            $request->string('item')->toString(), $request->string('words')->toString(), $now,
            $request->signedIn()->school->today($now),
        ));
    }

    #[
        OA\Delete(
            path: '/exams/{exam}',
            operationId: 'withdrawExam',
            summary: 'Withdraw a result that was recorded by mistake; it stays in the trail',
            parameters: [new IdInPath('exam')],
            responses: [
                new OA\Response(response: 204, description: 'Withdrawn, now or before'),
                new Refused(403, 'A student sends it'),
                new Refused(404, 'No such result here'),
            ],
        ),
    ]
    public function withdrawExam(SignedInRequest $request, ExamResult $exam): JsonResponse
    {
        Gate::authorize('recordExam', Student::query()->findOrFail($exam->student_id));
        ExamResult::query()->whereKey($exam->id)->whereNull('withdrawn_at')->update([
            'withdrawn_at' => Carbon::now(), 'withdrawn_by' => $request->signedIn()->id,
        ]);

        return new JsonResponse(null, 204);
    }
}
