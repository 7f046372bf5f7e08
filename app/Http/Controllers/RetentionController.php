<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\People\ChangeRetention;
use App\Http\OpenApi\Answered;
use App\Http\OpenApi\Refused;
use App\Http\Requests\People\RetentionRequest;
use App\Http\Resources\OptionResource;
use App\Http\Resources\People\RetentionResource;
use App\Models\LegalHold;
use App\Models\School;
use App\Models\Tombstone;
use App\Retention\DueRecords;
use Illuminate\Support\Carbon;
use OpenApi\Attributes as OA;

/** How long records are kept. */
final readonly class RetentionController
{
    public function __construct(private DueRecords $due) {}

    #[
        OA\Get(
            path: '/retention', operationId: 'readRetention', summary: 'What is due, held and deleted',
            responses: [
                new Answered(200, 'As it is', RetentionResource::class), new Refused(403, 'Not the manager'),
            ],
        ),
    ]
    public function show(RetentionRequest $request): RetentionResource
    {
        return $this->told($request->signedIn()->school, Carbon::now());
    }

    #[
        OA\Post(
            path: '/retention', operationId: 'changeRetention',
            summary: 'Set the years, hold a student\'s records or end a hold, or delete what is due',
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: RetentionRequest::class)),
            responses: [
                new Answered(200, 'As it is now', RetentionResource::class), new Refused(403, 'Not the manager'),
                new Refused(409, 'Something else is due by now'), new Refused(422, 'Too few years, or nobody'),
            ],
        ),
    ]
    public function change(RetentionRequest $request, ChangeRetention $change): RetentionResource
    {
        $now = Carbon::now();
        $change->handle(
            $request->signedIn(), $request->number('kept_years'), $request->number('hold_student_id'),
            $request->string('reason')->toString(), $request->number('end_hold'), $request->number('delete'), $now,
        );

        return $this->told($request->signedIn()->school, $now);
    }

    private function told(School $school, Carbon $now): RetentionResource
    {
        $due = $this->due->told($school, $now);
        $holds = LegalHold::ofSchool($school->id)->where('ended_at', null)->with('student:id,name')->get();
        $stones = Tombstone::ofSchool($school->id)->get()->sortByDesc('id');

        return new RetentionResource(
            $school->kept_years, DueRecords::LEAST_YEARS, $due['count'], $due['oldest'], $due['newest'],
            array_values($holds->toBase()->map(static fn (LegalHold $one): OptionResource => new OptionResource(
                (string) $one->id, $one->student->name.': '.$one->reason,
            ))->all()),
            array_values($stones->toBase()->map(static fn (Tombstone $one): string => sprintf(
                '%s: %d attempts with %d marks, of %s to %s, digest %s', $one->deleted_at->toDateString(),
                $one->attempts, $one->marks, $one->oldest->toDateString(), $one->newest->toDateString(), $one->digest,
            ))->all()),
        );
    }
}
