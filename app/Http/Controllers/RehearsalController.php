<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Progress\Rehearse;
use App\Actions\Sound\TakeUtterance;
use App\Http\OpenApi\Answered;
use App\Http\OpenApi\IdInPath;
use App\Http\OpenApi\Refused;
use App\Http\OpenApi\UtteranceBody;
use App\Http\Requests\Progress\RehearseRequest;
use App\Http\Requests\Sound\UtteranceRequest;
use App\Http\Resources\Progress\RehearsalResource;
use App\Http\Resources\Progress\RehearsedResource;
use App\Http\Resources\Sound\UtteranceResource;
use App\Http\Views\Progress\ReadRehearsals;
use App\Library\InspectionLibrary;
use App\Models\Student;
use App\Speech\ModelVoice;
use App\Speech\NoSound;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;
use Pasada\Core\Coaching\Coach;
use Pasada\Core\Inspection\Inspection;

/** What a student rehearses alone; kept apart from scored walks. */
final readonly class RehearsalController
{
    #[
        OA\Get(
            path: '/students/{student}/rehearsals', operationId: 'listRehearsals',
            summary: 'What a student rehearsed lately, the newest first',
            parameters: [new IdInPath('student', isNumber: true)],
            responses: [
                new OA\Response(
                    response: 200, description: 'The latest',
                    content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: RehearsalResource::class)),
                ),
            ],
        ),
    ]
    public function index(Student $student, ReadRehearsals $read): JsonResponse
    {
        Gate::authorize('view', $student);

        return new JsonResponse($read->latest($student));
    }

    #[
        OA\Put(
            path: '/students/{student}/rehearsals/{rehearsal}', operationId: 'rehearse',
            summary: 'Listen to all that a student has said so far, alone',
            parameters: [new IdInPath('student', isNumber: true), new IdInPath('rehearsal')],
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: RehearseRequest::class)),
            responses: [
                new Answered(200, 'What was said, and what was not', RehearsedResource::class),
                new Refused(404, 'No such student for this user'),
                new Refused(409, 'The id is another rehearsal\'s'),
                new Refused(422, 'Nothing of this vehicle, or pieces that are none'),
            ],
        ),
    ]
    public function say(
        RehearseRequest $request, Student $student, string $rehearsal, Rehearse $rehearse, Coach $coach,
    ): RehearsedResource {
        return RehearsedResource::of($rehearse->handle(
            $rehearsal, $student, $request->checklist(), $request->vehicle(), $request->scope(), $request->pieces(),
            Carbon::now(),
        ), $coach);
    }

    #[
        OA\Put(
            path: '/students/{student}/rehearsals/{rehearsal}/utterances/{utterance}', operationId: 'utterRehearsal',
            summary: 'Send what was said between two pauses of a rehearsal, to be heard; only its words are kept',
            parameters: [
                new IdInPath('student', isNumber: true), new IdInPath('rehearsal'), new IdInPath('utterance'),
                new OA\QueryParameter(name: 'recorder', required: true, schema: new OA\Schema(type: 'string')),
                new OA\QueryParameter(name: 'from_ms', required: true, schema: new OA\Schema(type: 'integer')),
            ],
            requestBody: new UtteranceBody,
            responses: [
                new OA\Response(response: 204, description: 'It is heard from now on'),
                new Refused(403, 'No sound of this student may be kept'),
                new Refused(404, 'No such rehearsal of this student'),
                new Refused(409, 'The id stands for other sound'),
                new Refused(422, 'When, by what, or no sound'),
            ],
        ),
    ]
    public function utter(
        UtteranceRequest $request, Student $student, string $rehearsal, string $utterance, ReadRehearsals $read,
        TakeUtterance $take,
    ): JsonResponse {
        $take->handle(
            $read->one($student, $rehearsal), $request->signedIn(), $utterance,
            $request->string('recorder')->toString(), $request->integer('from_ms'), $request->getContent(),
            Carbon::now(),
        );

        return new JsonResponse(null, 204);
    }

    #[
        OA\Get(
            path: '/students/{student}/rehearsals/{rehearsal}/utterances', operationId: 'heardOfRehearsal',
            summary: 'What was sent of a rehearsal, with the words of what is heard by now',
            parameters: [
                new IdInPath('student', isNumber: true), new IdInPath('rehearsal'),
                new OA\QueryParameter(
                    name: 'after_ms', description: 'those that began later', schema: new OA\Schema(type: 'integer'),
                ),
            ],
            responses: [
                new OA\Response(
                    response: 200, description: 'In the order of saying',
                    content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: UtteranceResource::class)),
                ),
            ],
        ),
    ]
    public function heard(Request $request, Student $student, string $rehearsal, ReadRehearsals $read): JsonResponse
    {
        Gate::authorize('view', $student);

        return new JsonResponse($read->heard($read->one($student, $rehearsal), $request->integer('after_ms', -1)));
    }

    #[
        OA\Get(
            path: '/students/{student}/model', operationId: 'hearModel',
            summary: 'The words to say of a place or an item, spoken by a synthetic voice',
            parameters: [
                new IdInPath('student', isNumber: true),
                new OA\QueryParameter(name: 'checklist_id', required: true, schema: new OA\Schema(type: 'integer')),
                new OA\QueryParameter(name: 'vehicle_id', required: true, schema: new OA\Schema(type: 'integer')),
                new OA\QueryParameter(name: 'scope', required: true, schema: new OA\Schema(type: 'string')),
            ],
            responses: [
                new OA\Response(response: 200, description: 'WAV'),
                new Refused(422, 'Nothing of this vehicle, or too much at once'),
                new Refused(503, 'The voice is not there'),
            ],
        ),
    ]
    public function voice(
        RehearseRequest $request, Student $student, InspectionLibrary $inspections, ModelVoice $voice,
    ): Response {
        $all = $inspections->of($request->checklist(), $request->vehicle())->withoutDefects();
        $part = $request->scope()->in($all);
        $part instanceof Inspection && count($part->items) <= ModelVoice::MOST_ITEMS || abort(422, sprintf(
            'Choose one place or one item of this vehicle: at most %d items are spoken at once.',
            ModelVoice::MOST_ITEMS,
        ));
        try {
            return new Response($voice->of($part), 200, [
                'Content-Type' => 'audio/wav', 'Cache-Control' => 'private, max-age=3600',
            ]);
        } catch (NoSound $why) {
            report($why);
            abort(503, 'The voice cannot be heard now. The words to say stand beside it.');
        }
    }
}
