<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Progress\SaveWeek;
use App\Http\OpenApi\Answered;
use App\Http\OpenApi\Refused;
use App\Http\Requests\Progress\WeekRequest;
use App\Http\Requests\SignedInRequest;
use App\Http\Resources\Progress\CalendarResource;
use App\Http\Resources\Progress\WeekResource;
use App\Http\Views\Progress\ReadWeek;
use App\Models\User;
use App\Yard\CalendarFile;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

final readonly class WeekController
{
    private const SECRET = 48;

    #[
        OA\Get(
            path: '/week',
            operationId: 'readWeek',
            summary: 'Who walks what with whom and when',
            parameters: [
                new OA\Parameter(
                    name: 'from', in: 'query', required: true, description: 'any day of the week',
                    schema: new OA\Schema(type: 'string', format: 'date'),
                ),
            ],
            responses: [
                new Answered(200, 'As it is planned', WeekResource::class), new Refused(403, 'A student asks'),
                new Refused(422, 'No day'),
            ],
        ),
    ]
    public function show(WeekRequest $request, ReadWeek $read): WeekResource
    {
        return $read->handle($request->signedIn()->school, $request->monday(), Carbon::now());
    }

    #[
        OA\Post(
            path: '/week/proposal',
            operationId: 'proposeWeek',
            summary: 'The week as it would bring most; nothing is kept',
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: WeekRequest::class)),
            responses: [
                new Answered(200, 'With the walks that are fixed as they are', WeekResource::class),
                new Refused(403, 'Neither instructor nor manager'), new Refused(422, 'A fixed walk cannot be'),
            ],
        ),
    ]
    public function propose(WeekRequest $request, ReadWeek $read): WeekResource
    {
        $fixed = array_values(array_filter($request->walks(), static fn (array $walk): bool => $walk['fixed']));

        return $read->proposal(
            $request->signedIn()->school, $request->monday(), Carbon::now(), $fixed, $request->closed(),
            $request->those('instructors'), $request->those('vehicles'),
        );
    }

    #[
        OA\Put(
            path: '/week',
            operationId: 'saveWeek',
            summary: 'Keep the walks of a week in place of those that were planned',
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: WeekRequest::class)),
            responses: [
                new Answered(200, 'As it is kept', WeekResource::class),
                new Refused(403, 'Neither instructor nor manager'), new Refused(409, 'Somebody else planned meanwhile'),
                new Refused(422, 'A walk cannot be'),
            ],
        ),
    ]
    public function save(WeekRequest $request, SaveWeek $save, ReadWeek $read): WeekResource
    {
        $now = Carbon::now();
        $save->handle(
            $request->signedIn(), $request->monday(), $request->integer('revision'), $request->walks(), $now,
        );

        return $read->handle($request->signedIn()->school->refresh(), $request->monday(), $now);
    }

    #[
        OA\Get(
            path: '/week/calendar',
            operationId: 'readCalendar',
            summary: 'The link by which a calendar program reads one\'s own walks',
            responses: [new Answered(200, 'The link, or none yet', CalendarResource::class)],
        ),
    ]
    public function calendar(SignedInRequest $request): CalendarResource
    {
        return $this->link($request->signedIn());
    }

    #[
        OA\Post(
            path: '/week/calendar',
            operationId: 'renewCalendar',
            summary: 'Make a new link; the one before reads nothing any more',
            responses: [new Answered(200, 'The new link', CalendarResource::class)],
        ),
    ]
    public function renewCalendar(SignedInRequest $request): CalendarResource
    {
        $user = $request->signedIn();
        $user->forceFill(['calendar_secret' => Str::random(self::SECRET)])->save();

        return $this->link($user);
    }

    #[
        OA\Get(
            path: '/calendar/{secret}',
            operationId: 'subscribeCalendar',
            summary: 'Planned walks as iCalendar, for whoever knows the secret',
            parameters: [
                new OA\Parameter(name: 'secret', in: 'path', required: true, schema: new OA\Schema(type: 'string')),
            ],
            responses: [
                new OA\Response(
                    response: 200, description: 'The walks',
                    content: new OA\MediaType(mediaType: 'text/calendar', schema: new OA\Schema(type: 'string')),
                ),
                new Refused(404, 'No such link, or one that was renewed'),
            ],
        ),
    ]
    public function subscribe(string $secret, CalendarFile $file): Response
    {
        $user = User::query()->where('calendar_secret', $secret)->first();
        if ($user === null) {
            throw new NotFoundHttpException('This calendar link is not in use. Copy the link from the week again.');
        }

        return new Response($file->of($user, Carbon::now()), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => 'inline; filename="week-in-the-yard.ics"',
        ]);
    }

    private function link(User $user): CalendarResource
    {
        return new CalendarResource(
            $user->calendar_secret === null ? null : '/api/v1/calendar/'.$user->calendar_secret,
        );
    }
}
