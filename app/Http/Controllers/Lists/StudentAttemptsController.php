<?php

declare(strict_types=1);

namespace App\Http\Controllers\Lists;

use App\Http\OpenApi\Answered;
use App\Http\OpenApi\CursorInQuery;
use App\Http\OpenApi\IdInPath;
use App\Http\OpenApi\LimitInQuery;
use App\Http\OpenApi\Refused;
use App\Http\Page;
use App\Http\Requests\PageRequest;
use App\Http\Requests\SignedInRequest;
use App\Http\Resources\CountResource;
use App\Http\Resources\Walk\AttemptCardResource;
use App\Models\Attempt;
use App\Models\Student;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** All attempts of a student; the record brings the newest of them. */
final readonly class StudentAttemptsController
{
    #[
        OA\Get(
            path: '/students/{student}/attempts', operationId: 'listAttempts',
            summary: 'The attempts of a student, in pages',
            parameters: [new IdInPath('student', isNumber: true), new LimitInQuery, new CursorInQuery],
            responses: [
                new OA\Response(
                    response: 200, description: 'The newest first, once a walk where it is finished',
                    content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: AttemptCardResource::class)),
                ),
                new Refused(404, 'No such student for this user'),
            ],
        ),
    ]
    public function index(PageRequest $request, Student $student): JsonResponse
    {
        Gate::authorize('view', $student);
        $attempts = Attempt::ofRecord($student, $request->signedIn())->with(Attempt::CARD);

        return Page::newest($attempts, Attempt::RECORD_ORDER, $request->limit(), $request->cursor())
            ->rows($request, AttemptCardResource::of(...));
    }

    #[
        OA\Get(
            path: '/students/{student}/attempts/count', operationId: 'countAttempts',
            summary: 'How many attempts the list has',
            parameters: [new IdInPath('student', isNumber: true)],
            responses: [
                new Answered(200, 'Those under way and discarded, too', CountResource::class),
                new Refused(404, 'No such student for this user'),
            ],
        ),
    ]
    public function count(SignedInRequest $request, Student $student): CountResource
    {
        Gate::authorize('view', $student);

        return new CountResource(Attempt::ofRecord($student, $request->signedIn())->count());
    }
}
