<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\OpenApi\Answered;
use App\Http\Requests\SignedInRequest;
use App\Http\Resources\School\TodayResource;
use App\Http\Views\School\ReadToday;
use App\Models\Student;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

final readonly class TodayController
{
    #[
        OA\Get(
            path: '/today',
            operationId: 'readToday',
            summary: 'Walks to go on with, students who are due, walks just finished',
            responses: [
                new Answered(200, 'Today', TodayResource::class),
            ],
        ),
    ]
    public function show(SignedInRequest $request, ReadToday $today): TodayResource
    {
        Gate::authorize('viewAny', Student::class);

        return $today->handle($request->signedIn(), Carbon::now());
    }
}
