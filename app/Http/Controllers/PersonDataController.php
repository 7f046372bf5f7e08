<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Export\PersonArchive;
use App\Http\OpenApi\Answered;
use App\Http\OpenApi\IdInPath;
use App\Http\OpenApi\Refused;
use App\Http\Requests\People\ErasureRequest;
use App\Http\Requests\SignedInRequest;
use App\Http\Resources\People\ErasureResource;
use App\Models\Student;
use App\Models\User;
use App\Retention\Erasure;
use App\Trail\Did;
use App\Trail\Trail;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** All that is known of a student: taken out as one file, or erased. */
final readonly class PersonDataController
{
    public function __construct(private Erasure $erasure) {}

    #[
        OA\Get(
            path: '/students/{student}/archive', operationId: 'downloadPerson',
            summary: 'All that is kept of a student, as ZIP',
            parameters: [new IdInPath('student', isNumber: true)],
            responses: [
                new OA\Response(response: 200, description: 'The file'),
                new Refused(403, 'Neither the manager nor the own data'),
            ],
        ),
    ]
    public function archive(
        SignedInRequest $request, Student $student, PersonArchive $archive, Trail $trail,
    ): BinaryFileResponse {
        Gate::authorize('view', $student);
        if ($request->signedIn()->id !== $student->user_id) {
            Gate::authorize('manage', User::class);
        }
        $trail->keep($student->school_id, Did::Downloaded, 'student', $student->id);

        $file = $archive->of($student->loadMissing(['school', 'schoolClass', 'account']), Carbon::now());

        return (new BinaryFileResponse($file, 200, ['Content-Type' => 'application/zip'], public: false))
            ->setContentDisposition('attachment', "student-$student->id.zip")
            ->deleteFileAfterSend();
    }

    #[
        OA\Get(
            path: '/students/{student}/erasure', operationId: 'readErasure',
            summary: 'What an erasure would take away, and what stands against it',
            parameters: [new IdInPath('student', isNumber: true)],
            responses: [
                new Answered(200, 'As it is', ErasureResource::class), new Refused(403, 'Not the manager'),
            ],
        ),
    ]
    public function told(Student $student): ErasureResource
    {
        Gate::authorize('change', $student);
        Gate::authorize('manage', User::class);

        return ErasureResource::of($this->erasure->told($student->loadMissing('school'), Carbon::now()));
    }

    #[
        OA\Post(
            path: '/students/{student}/erasure', operationId: 'erasePerson',
            summary: 'Erase what is known of a student, as far as nothing has to be kept',
            parameters: [new IdInPath('student', isNumber: true)],
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: ErasureRequest::class)),
            responses: [
                new Answered(200, 'What is left', ErasureResource::class), new Refused(403, 'Not the manager'),
                new Refused(409, 'The records are held'), new Refused(422, 'Another name'),
            ],
        ),
    ]
    public function erase(ErasureRequest $request, Student $student): ErasureResource
    {
        $now = Carbon::now();
        $this->erasure->handle($student->loadMissing('school'), $request->signedIn(), $now);

        return ErasureResource::of($this->erasure->told($student, $now));
    }
}
