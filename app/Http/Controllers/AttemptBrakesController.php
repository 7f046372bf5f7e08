<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Brakes\RecordBrakeEvents;
use App\Http\OpenApi\Answered;
use App\Http\OpenApi\IdInPath;
use App\Http\OpenApi\Refused;
use App\Http\Requests\BrakeEventsRequest;
use App\Http\Requests\BrakeFileRequest;
use App\Http\Resources\Brakes\BrakeBenchResource;
use App\Http\Views\Brakes\ReadBrakeBench;
use App\Library\BenchLogStore;
use App\Models\Attempt;
use App\Trail\Trail;
use Illuminate\Contracts\Config\Repository;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;
use Pasada\Core\Brakes\Events\EventFile;
use Pasada\Core\Brakes\Events\EventWriter;
use Symfony\Component\HttpFoundation\Response;

/** The brake tests of an attempt, observed and judged. */
final readonly class AttemptBrakesController
{
    #[
        OA\Get(
            path: '/attempts/{attempt}/brakes',
            operationId: 'readBrakes',
            summary: 'The brake tests: sequence, what was observed, verdicts',
            parameters: [new IdInPath('attempt')],
            responses: [
                new Answered(200, 'The bench', BrakeBenchResource::class),
            ],
        ),
    ]
    public function show(Attempt $attempt, ReadBrakeBench $read): JsonResponse
    {
        Gate::authorize('study', $attempt);

        return new JsonResponse($read->handle($attempt));
    }

    #[
        OA\Post(
            path: '/attempts/{attempt}/brakes',
            operationId: 'recordBrakeEvents',
            summary: 'Add what was observed, all or none, and judge it',
            parameters: [new IdInPath('attempt')],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(ref: BrakeEventsRequest::class),
            ),
            responses: [
                new Answered(200, 'The bench', BrakeBenchResource::class),
                new Refused(403, 'Somebody else scores this attempt'),
                new Refused(409, 'The attempt is finished, or an id was used for something else'),
                new Refused(422, 'An event is at fault: which, and how to mend it; what was kept stays'),
            ],
        ),
    ]
    public function record(
        BrakeEventsRequest $request, Attempt $attempt, RecordBrakeEvents $record, ReadBrakeBench $read,
    ): JsonResponse {
        return new JsonResponse(
            $read->handle(
                $attempt,
                $record->handle($attempt, $request->signedIn(), $request->document(), Carbon::now()),
            ),
        );
    }

    #[
        OA\Get(
            path: '/attempts/{attempt}/brakes/file',
            operationId: 'downloadBrakes',
            summary: 'What was observed, in an open format',
            parameters: [
                new IdInPath('attempt'),
                new OA\Parameter(
                    name: 'format',
                    in: 'query',
                    schema: new OA\Schema(type: 'string', enum: ['json', 'csv']),
                ),
            ],
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'The file',
                    content: new OA\MediaType(mediaType: 'text/csv'),
                ),
            ],
        ),
    ]
    public function file(
        Request $request, Attempt $attempt, BenchLogStore $store, Repository $settings, Trail $trail,
    ): Response {
        Gate::authorize('study', $attempt);
        $trail->downloaded($attempt);
        $events = $store->read($attempt->id)->events();
        $isTable = $request->query('format') === 'csv';

        return response(
            $isTable
                ? EventFile::table($events)
                : (string) json_encode([
                    'pasada' => $settings->get('pasada.version'),
                    'events' => array_map(EventWriter::write(...), $events),
                ], JSON_PRETTY_PRINT),
            200,
            [
                'Content-Type' => $isTable ? 'text/csv; charset=utf-8' : 'application/json',
                'Content-Disposition' => sprintf(
                    'attachment; filename="brakes-%s.%s"',
                    $attempt->id,
                    $isTable ? 'csv' : 'json',
                ),
            ],
        );
    }

    #[
        OA\Put(
            path: '/attempts/{attempt}/brakes/file',
            operationId: 'importBrakes',
            summary: 'Take in a list of events or a trace; what was there is taken back',
            parameters: [new IdInPath('attempt')],
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: BrakeFileRequest::class)),
            responses: [
                new Answered(200, 'The bench', BrakeBenchResource::class),
                new Refused(409, 'The attempt is finished'),
                new Refused(422, 'The file is at fault: which line, and how to mend it; what was kept stays'),
            ],
        ),
    ]
    public function import(
        BrakeFileRequest $request, Attempt $attempt, RecordBrakeEvents $record, ReadBrakeBench $read,
    ): JsonResponse {
        return new JsonResponse(
            $read->handle(
                $attempt,
                $record->import(
                    $attempt, $request->signedIn(), $request->importId(), $request->events(), $request->fileName(),
                    Carbon::now(),
                ),
            ),
        );
    }
}
