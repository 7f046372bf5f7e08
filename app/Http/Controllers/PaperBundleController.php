<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\OpenApi\Answered;
use App\Http\OpenApi\IdInPath;
use App\Http\OpenApi\Refused;
use App\Http\Requests\People\PaperBundleRequest;
use App\Http\Requests\SignedInRequest;
use App\Http\Resources\People\PaperBundleResource;
use App\Models\Paper\PaperBundle;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\User;
use App\Paper\ClassPapers;
use App\Trail\Did;
use App\Trail\Trail;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** All training records of a class on paper, printed after the answer was sent. */
final readonly class PaperBundleController
{
    #[
        OA\Post(
            path: '/classes/{class}/papers', operationId: 'printClassRecords',
            summary: 'Have the register and every training record of a class printed into one ZIP',
            parameters: [new IdInPath('class', isNumber: true)],
            requestBody: new OA\RequestBody(
                required: true, content: new OA\JsonContent(ref: PaperBundleRequest::class),
            ),
            responses: [
                new Answered(202, 'It is being printed', PaperBundleResource::class),
                new Refused(404, 'No such class here'),
            ],
        ),
    ]
    public function ask(
        PaperBundleRequest $request, SchoolClass $class, ClassPapers $papers, Application $app,
    ): JsonResponse {
        $bundle = $papers->ask(
            $request->bundleId(), $request->signedIn(), $class, $request->size(), Carbon::now(),
        );
        if ($bundle->wasRecentlyCreated) {
            $app->terminating(static function () use ($papers, $bundle): void {
                set_time_limit(0);
                $papers->print($bundle);
            });
        }

        return new JsonResponse(PaperBundleResource::of($bundle), 202);
    }

    #[
        OA\Get(
            path: '/papers/{bundle}', operationId: 'readClassPapers', summary: 'How far the papers of a class are',
            parameters: [new IdInPath('bundle')],
            responses: [
                new Answered(200, 'As it is', PaperBundleResource::class), new Refused(404, 'None here, or too old'),
            ],
        ),
    ]
    public function show(SignedInRequest $request, string $bundle): PaperBundleResource
    {
        return PaperBundleResource::of($this->bundle($request->signedIn(), $bundle));
    }

    #[
        OA\Get(
            path: '/papers/{bundle}/file', operationId: 'downloadClassPapers', summary: 'The papers of a class as ZIP',
            parameters: [new IdInPath('bundle')],
            responses: [
                new OA\Response(response: 200, description: 'The file'), new Refused(404, 'None here, or not ready'),
            ],
        ),
    ]
    public function file(SignedInRequest $request, string $bundle, Filesystem $disk, Trail $trail): StreamedResponse
    {
        $papers = $this->bundle($request->signedIn(), $bundle);
        abort_if($papers->ready_at === null, 404, 'These papers are not ready yet.');
        $trail->keep($papers->school_id, Did::Downloaded, 'class', $papers->class_id);
        $file = $disk->readStream($papers->path());

        return new StreamedResponse(static function () use ($file): void {
            if (is_resource($file)) {
                fpassthru($file);
            }
        }, 200, [
            'Content-Type' => 'application/zip',
            'Content-Disposition' => 'attachment; filename="training-records.zip"',
        ]);
    }

    private function bundle(User $reader, string $id): PaperBundle
    {
        Gate::authorize('viewAny', Student::class);

        return PaperBundle::ofSchool($reader->school_id)->findOrFail($id);
    }
}
