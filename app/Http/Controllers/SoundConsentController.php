<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Sound\ChangeSoundConsent;
use App\Http\OpenApi\Answered;
use App\Http\OpenApi\IdInPath;
use App\Http\OpenApi\Refused;
use App\Http\Requests\Sound\SoundConsentRequest;
use App\Http\Resources\Sound\SoundConsentResource;
use App\Models\Student;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** Whether the walks of a student may be recorded. */
final readonly class SoundConsentController
{
    #[
        OA\Get(
            path: '/students/{student}/sound', operationId: 'readSoundConsent',
            summary: 'Whether the walks of a student may be recorded, since when, and who said so',
            parameters: [new IdInPath('student', isNumber: true)],
            responses: [new Answered(200, 'How it stands', SoundConsentResource::class)],
        ),
    ]
    public function show(Student $student): SoundConsentResource
    {
        Gate::authorize('view', $student);

        return SoundConsentResource::of($student);
    }

    #[
        OA\Put(
            path: '/students/{student}/sound', operationId: 'changeSoundConsent',
            summary: 'The student agrees to be recorded, or takes it back: what was recorded is deleted then',
            parameters: [new IdInPath('student', isNumber: true)],
            requestBody: new OA\RequestBody(
                required: true, content: new OA\JsonContent(ref: SoundConsentRequest::class),
            ),
            responses: [
                new Answered(200, 'How it stands', SoundConsentResource::class),
                new Refused(422, 'Yes or no'),
            ],
        ),
    ]
    public function update(
        SoundConsentRequest $request, Student $student, ChangeSoundConsent $change,
    ): SoundConsentResource {
        $change->handle($student, $request->signedIn(), $request->boolean('agrees'), Carbon::now());

        return SoundConsentResource::of($student);
    }
}
